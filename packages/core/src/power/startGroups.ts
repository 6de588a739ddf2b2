import type { SpinUp } from '../design/design'
import { drivesOutside } from '../machine/drivesOutside'
import { type Machine, piecesOf } from '../machine/machine'
import type { Piece } from '../machine/piece'

/** Drives that start at one moment. */
export interface StartGroup {
  atSeconds: number
  drives: Piece<'drive'>[]
}

/**
 * Which drives of the machine start when?
 *
 * As the builder says: so many at once, in the order of their bays. Where nobody says it, those behind a backplane or on
 * a controller that lets time pass between its drives start one after another, and all others together at once. Drives
 * in an enclosure start from its own supply, and are none of them.
 */
export function startGroups(machine: Machine, spinUp: SpinUp | null): StartGroup[] {
  const drives = startingDrives(machine)
  return spinUp ? groupsOf(drives, spinUp) : byDelays(machine, drives)
}

/** The drives that start from the supplies of the machine, in the order of their bays. */
export function startingDrives(machine: Machine): Piece<'drive'>[] {
  const elsewhere = drivesOutside(machine)
  return machine.bays.flatMap(({ id }) => {
    const drive = machine.pieces.get(machine.driveIn.get(id) ?? '')
    return drive?.dataSheet.kind === 'drive' && !elsewhere.has(drive.id)
      ? [drive as Piece<'drive'>]
      : []
  })
}

/** So many at once, so many seconds apart. */
export function groupsOf(
  drives: readonly Piece<'drive'>[],
  { drivesAtOnce, secondsApart }: SpinUp,
): StartGroup[] {
  return Array.from({ length: Math.ceil(drives.length / drivesAtOnce) }, (_, group) => ({
    atSeconds: group * secondsApart,
    drives: drives.slice(group * drivesAtOnce, (group + 1) * drivesAtOnce),
  }))
}

/** What lets time pass between the starts of drives: those of one key start one after another. */
interface Delay {
  key: string
  secondsApart: number
}

function byDelays(machine: Machine, drives: readonly Piece<'drive'>[]): StartGroup[] {
  if (drives.length === 0) return []
  const delayOf = delays(machine)
  const started = new Map<string, number>()
  const groups = new Map<number, Piece<'drive'>[]>()
  for (const drive of drives) {
    const delay = delayOf(drive.id)
    const before = delay ? (started.get(delay.key) ?? 0) : 0
    if (delay) started.set(delay.key, before + 1)
    const atSeconds = before * (delay?.secondsApart ?? 0)
    groups.set(atSeconds, [...(groups.get(atSeconds) ?? []), drive])
  }
  return [...groups]
    .map(([atSeconds, some]) => ({ atSeconds, drives: some }))
    .toSorted((one, other) => one.atSeconds - other.atSeconds)
}

/** The delay of a drive: that of its backplane, which the power goes through, or else that of its controller. */
function delays(machine: Machine): (driveId: string) => Delay | null {
  const blockOf = new Map<string, number>(
    machine.bays.flatMap(({ id, blockIndex }) => {
      const driveId = machine.driveIn.get(id)
      return driveId === undefined ? [] : [[driveId, blockIndex] as const]
    }),
  )
  const mayStagger = piecesOf(machine, 'controller').some(
    ({ dataSheet }) => (dataSheet.startSecondsApart ?? 0) > 0,
  )
  // Without a controller that does so, nobody need know which cable a drive is on.
  const hostOf = mayStagger ? controllerOf(machine) : () => null
  return (driveId) => {
    const blockIndex = blockOf.get(driveId)
    const block = blockIndex === undefined ? undefined : machine.blocks[blockIndex]
    const ofBackplane = block?.backplane?.startSecondsApart ?? 0
    if (ofBackplane > 0) return { key: `block ${blockIndex}`, secondsApart: ofBackplane }
    const host = hostOf(driveId)
    return host && { key: host.id, secondsApart: host.dataSheet.startSecondsApart ?? 0 }
  }
}

function controllerOf(machine: Machine): (driveId: string) => Piece<'controller'> | null {
  const { ports, cables, hosts } = machine.wiring.data
  const pieceOfHost = new Map(hosts.map(({ id, pieceId }) => [id, pieceId]))
  const hostOfCable = new Map(cables.map(({ id, hostId }) => [id, pieceOfHost.get(hostId)]))
  const hostOfDrive = new Map(
    ports.map(({ driveId, cableId }) => [driveId, hostOfCable.get(cableId)]),
  )
  return (driveId) => {
    const host = machine.pieces.get(hostOfDrive.get(driveId) ?? '')
    return host?.dataSheet.kind === 'controller' ? (host as Piece<'controller'>) : null
  }
}
