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
  const elsewhere = new Set([...machine.awayIds, ...drivesOutside(machine)])
  const inBays = new Set(
    piecesOf(machine, 'drive').flatMap(({ id, needs }) =>
      needs.some(({ kind }) => kind === 'bay') && !elsewhere.has(id) ? [id] : [],
    ),
  )
  const drives = machine.bays.flatMap(({ id }) => {
    const drive = machine.pieces.get(machine.driveIn.get(id) ?? '')
    return drive?.dataSheet.kind === 'drive' && inBays.has(drive.id)
      ? [drive as Piece<'drive'>]
      : []
  })
  const groups = new Map<number, Piece<'drive'>[]>()
  const startAt = (atSeconds: number, drive: Piece<'drive'>): void => {
    groups.set(atSeconds, [...(groups.get(atSeconds) ?? []), drive])
  }
  if (spinUp) {
    drives.forEach((drive, index) => {
      startAt(Math.floor(index / spinUp.drivesAtOnce) * spinUp.secondsApart, drive)
    })
  } else {
    const hostOf = controllerOf(machine)
    const started = new Map<string, number>()
    for (const drive of drives) {
      const host = hostOf(drive.id)
      const apart = host?.dataSheet.startSecondsApart ?? 0
      const before = host ? (started.get(host.id) ?? 0) : 0
      if (host) started.set(host.id, before + 1)
      startAt(before * apart, drive)
    }
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
