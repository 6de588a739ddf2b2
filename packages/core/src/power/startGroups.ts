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
 * As the builder says: so many at once, in the order of their bays. Where nobody says it, those on a controller that
 * lets time pass between its drives start one after another, and all others together at once. Drives in an enclosure
 * start from its own supply, and are none of them.
 */
export function startGroups(machine: Machine, spinUp: SpinUp | null): StartGroup[] {
  const drives = startingDrives(machine)
  return spinUp ? groupsOf(drives, spinUp) : byControllers(machine, drives)
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

function byControllers(machine: Machine, drives: readonly Piece<'drive'>[]): StartGroup[] {
  if (drives.length === 0) return []
  const isStaggered = piecesOf(machine, 'controller').some(
    ({ dataSheet }) => (dataSheet.startSecondsApart ?? 0) > 0,
  )
  if (!isStaggered) return [{ atSeconds: 0, drives: [...drives] }]
  const hostOf = controllerOf(machine)
  const started = new Map<string, number>()
  const groups = new Map<number, Piece<'drive'>[]>()
  for (const drive of drives) {
    const host = hostOf(drive.id)
    const before = host ? (started.get(host.id) ?? 0) : 0
    if (host) started.set(host.id, before + 1)
    const atSeconds = before * (host?.dataSheet.startSecondsApart ?? 0)
    groups.set(atSeconds, [...(groups.get(atSeconds) ?? []), drive])
  }
  return [...groups]
    .map(([atSeconds, some]) => ({ atSeconds, drives: some }))
    .toSorted((one, other) => one.atSeconds - other.atSeconds)
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
