import type { SpinUp } from '../design/design'
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
  return spinUp ? groupsOf(startingDrives(machine), spinUp) : byDelays(machine)
}

/** The drives that start from the supplies of the machine, in the order of their bays. */
export function startingDrives(machine: Machine): Piece<'drive'>[] {
  return inTheirBays(machine).map(({ drive }) => drive)
}

interface InBay {
  drive: Piece<'drive'>
  blockIndex: number
}

function inTheirBays({ bays, blocks, driveIn, pieces }: Machine): InBay[] {
  const found: InBay[] = []
  for (const { id, blockIndex } of bays) {
    const driveId = driveIn.get(id)
    if (driveId === undefined || blocks[blockIndex]?.isOutside) continue
    const drive = pieces.get(driveId)
    if (drive?.dataSheet.kind === 'drive')
      found.push({ drive: drive as Piece<'drive'>, blockIndex })
  }
  return found
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

function byDelays(machine: Machine): StartGroup[] {
  const delayOf = delays(machine)
  const started = new Map<string, number>()
  const groups = new Map<number, Piece<'drive'>[]>()
  for (const one of inTheirBays(machine)) {
    const delay = delayOf(one)
    let atSeconds = 0
    if (delay) {
      const before = started.get(delay.key) ?? 0
      started.set(delay.key, before + 1)
      atSeconds = before * delay.secondsApart
    }
    const together = groups.get(atSeconds)
    if (together) together.push(one.drive)
    else groups.set(atSeconds, [one.drive])
  }
  return [...groups]
    .map(([atSeconds, drives]) => ({ atSeconds, drives }))
    .toSorted((one, other) => one.atSeconds - other.atSeconds)
}

/** The delay of a drive: that of its backplane, which the power goes through, or else that of its controller. */
function delays(machine: Machine): (one: InBay) => Delay | null {
  const mayStagger = piecesOf(machine, 'controller').some(
    ({ dataSheet }) => dataSheet.startSecondsApart !== null,
  )
  // Without a controller that does so, nobody need know which cable a drive is on.
  const hostOf = mayStagger ? controllerOf(machine) : () => null
  const { blocks } = machine
  return ({ drive, blockIndex }) => {
    const ofBackplane = blocks[blockIndex]?.backplane?.startSecondsApart
    if (ofBackplane) return { key: `block ${blockIndex}`, secondsApart: ofBackplane }
    const host = hostOf(drive.id)
    const ofHost = host?.dataSheet.startSecondsApart
    return host && ofHost ? { key: host.id, secondsApart: ofHost } : null
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
