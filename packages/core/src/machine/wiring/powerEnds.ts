import { DRIVE_RAIL_VOLTS, type PowerPlug } from '../../catalogue/plugs'
import { wattsOf } from '../../catalogue/wattsOf'
import type { WiringEnd } from '../../design/pathChoices'
import type { Bay, BayBlock, BayId } from '../bays'
import { bayRange } from '../drivesInBays'
import type { Piece, PieceId } from '../piece'
import { type DriveBehind, endKey } from './dataEnds'
import type { DriveGroups } from './driveGroups'

/** What a power plug goes into: a drive, a backplane, a boot device, a card. */
export interface PowerEnd {
  ref: WiringEnd
  /** The same as a text, for looking it up; never taken apart. */
  key: string
  name: string
  plug: PowerPlug
  bayIds: BayId[]
  driveIds: PieceId[]
  /** What it draws from 12 V while everything starts at once, and at work; null when a data sheet lacks it. */
  startAmps: number | null
  runningAmps: number | null
}

/** Drives on a backplane of which no data sheet speaks: one plug feeds about this many. Common practice, no source. */
export const DRIVES_PER_BACKPLANE_PLUG = 4

/** Where power plugs of pieces go that sit in no bay. */
export const powerEndsOfPieces = (pieces: readonly Piece[]): PowerEnd[] => pieces.flatMap(pieceEnds)

/** Where a power plug goes, whichever drives are in the bays behind it. */
export type PowerPlace = Pick<PowerEnd, 'ref' | 'key' | 'name' | 'plug' | 'bayIds'>

/**
 * Where power plugs of a block must go: into every drive, into every plug of a backplane that has a drive.
 *
 * Each plug of a backplane is taken to feed its share of the bays. Many join their plugs, which is better;
 * no data sheet says it. Drives in an enclosure have its supply.
 *
 * @param bays all of the block
 * @param filled those of them with a drive
 */
export function powerPlacesOf(
  { access, backplane, pieceId, number, isOutside }: BayBlock,
  bays: readonly Bay[],
  filled: readonly Bay[],
): PowerPlace[] {
  if (isOutside || filled.length === 0) return []
  if (!backplane && access === 'internal') {
    return filled.map(({ id, number }) => {
      const ref = { bay: id }
      const name = `drive in bay ${number}`
      return { ref, key: endKey(ref), name, plug: 'SATA power', bayIds: [id] }
    })
  }
  const plugs = backplane?.powerPlugs ?? Math.ceil(filled.length / DRIVES_PER_BACKPLANE_PLUG)
  const share = backplane ? bays : filled
  return Array.from({ length: plugs }, (_, at) => {
    // Shares differ by one bay at most.
    const behind = share.slice(
      Math.floor((at * share.length) / plugs),
      Math.floor(((at + 1) * share.length) / plugs),
    )
    const of = behind.length > 0 ? `, ${bayRange(behind)}` : ''
    const ref = { backplane: { pieceId, block: number, plug: at + 1 } }
    return {
      ref,
      key: endKey(ref),
      name: `backplane power plug ${at + 1}${of}`,
      plug: backplane?.powerPlug ?? 'SATA power',
      bayIds: behind.map(({ id }) => id),
    }
  })
}

/**
 * The end that a power plug finds at a place.
 * @param behind the drives in the bays of the place, in their order
 */
export function powerEndAt(place: PowerPlace, behind: readonly DriveBehind[]): PowerEnd {
  const { ref, key, name, plug, bayIds } = place
  const driveIds: PieceId[] = []
  const starting: (number | null)[] = []
  const running: (number | null)[] = []
  for (const drive of behind) {
    if (!drive) continue
    driveIds.push(drive.id)
    starting.push(drive.dataSheet.start12VAmps)
    running.push(ampsOf(wattsOf(drive.dataSheet, 'busy')))
  }
  const [startAmps, runningAmps] = [sumOf(starting), sumOf(running)]
  return { ref, key, name, plug, bayIds, driveIds, startAmps, runningAmps }
}

/** Plugs of pieces that sit in no bay: boot devices, cards. What they draw starts with what they always draw. */
function pieceEnds({ id, dataSheet, needs }: Piece): PowerEnd[] {
  if (needs.some((need) => need.kind === 'bay')) return []
  return needs
    .filter((need) => need.kind === 'power plug')
    .map(({ plug }) => {
      const ref = { piece: id }
      const amps = ampsOf(wattsOf(dataSheet, 'busy'))
      return {
        ref,
        key: endKey(ref),
        name: dataSheet.model,
        plug,
        bayIds: [],
        driveIds: [],
        startAmps: amps,
        runningAmps: amps,
      }
    })
}

/** As if all of it came from 12 V, which is true of most of it and never too little. */
const ampsOf = (watts: number | null): number | null =>
  watts === null ? null : watts / DRIVE_RAIL_VOLTS

/** What wiring sees of an end: those that look alike are fed alike, whichever drives are behind them. */
export function lookOfPowerEnd(
  { key, plug, startAmps, runningAmps, driveIds }: PowerEnd,
  groups: DriveGroups,
): string {
  const on = driveIds.map((id) => groups.lookOf(id))
  return [key, plug, String(startAmps), String(runningAmps), ...on].join()
}

/** Amperes together; null when one of them is not known. */
export function sumOf(amps: readonly (number | null)[]): number | null {
  return amps.reduce<number | null>(
    (sum, one) => (sum === null || one === null ? null : sum + one),
    0,
  )
}
