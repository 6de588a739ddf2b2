import type { Bay, BayBlock, BayId } from '../bays'
import { baysOfBlock } from '../drivesInBays'
import type { Piece, PiecesByKind, PieceId } from '../piece'
import type { Solver } from '../solver'
import {
  type DataEnd,
  dataEndAt,
  type DataPlace,
  dataPlacesOf,
  type DriveBehind,
  lookOfDataEnd,
  unspokenIn,
} from './dataEnds'
import type { DriveGroups } from './driveGroups'
import {
  lookOfPowerEnd,
  type PowerEnd,
  powerEndAt,
  type PowerPlace,
  powerPlacesOf,
} from './powerEnds'

export interface Ends<End> {
  ends: End[]
  /** What wiring sees of them together: two lists that look alike are wired alike. */
  look: string
}

export interface BlockEnds {
  data: Ends<DataEnd>
  power: Ends<PowerEnd>
  /** NVMe drives in bays whose backplane is not made for them, or does not say that it is. */
  unspokenIds: PieceId[]
}

interface BaysGiven {
  pieces: PiecesByKind
  blocks: readonly BayBlock[]
  bays: ReadonlyMap<BayId, Bay>
  driveIn: ReadonlyMap<BayId, Piece<'drive'>>
  groups: DriveGroups
}

/**
 * Where cables and leads must go for the drives in the bays, block by block.
 *
 * A drive that changes its bay concerns a few plugs: the ends at all others are the very same as before.
 */
export function endsOfBlocks(given: BaysGiven, solver: Solver): BlockEnds {
  const { pieces, blocks, bays, driveIn } = given
  const dataPlaces: DataPlace[] = []
  const powerPlaces: PowerPlace[] = []
  const unspokenIds: PieceId[] = []
  for (const block of blocks) {
    const { pieceId, number, bayIds } = block
    const enclosure = pieces.enclosure?.find(({ id }) => id === pieceId)
    const forData = solver.stage(`data plugs ${pieceId} ${number}`, [block, enclosure], () =>
      dataPlacesOf(block, baysOfBlock(block, bays), enclosure),
    )
    const areFilled = bayIds.map((id) => driveIn.has(id))
    const forPower = solver.stage(`power plugs ${pieceId} ${number}`, [block, ...areFilled], () => {
      const inside = baysOfBlock(block, bays)
      return powerPlacesOf(
        block,
        inside,
        inside.filter(({ id }) => driveIn.has(id)),
      )
    })
    for (const place of forData) dataPlaces.push(place)
    for (const place of forPower) powerPlaces.push(place)
    unspokenIds.push(...unspokenIn(block, driveIn))
  }
  return {
    data: solver.renewed('data ends', (before?: MadeAt<DataPlace, DataEnd>) =>
      endsAt(dataPlaces, given, dataEndAt, lookOfDataEnd, before),
    ),
    power: solver.renewed('power ends', (before?: MadeAt<PowerPlace, PowerEnd>) =>
      endsAt(powerPlaces, given, powerEndAt, lookOfPowerEnd, before),
    ),
    unspokenIds,
  }
}

/** An end, and what it was made from. */
interface Made<Place, End> {
  place: Place
  behind: readonly DriveBehind[]
  groups: DriveGroups
  end: End | null
  look: string
}

interface MadeAt<Place, End> extends Ends<End> {
  /** Place by place. */
  made: readonly Made<Place, End>[]
}

/** The ends at places, each the very same as before while nothing behind it has changed. */
function endsAt<Place extends { bayIds: readonly BayId[] }, End>(
  places: readonly Place[],
  { groups, driveIn }: Pick<BaysGiven, 'driveIn' | 'groups'>,
  endAt: (place: Place, behind: readonly DriveBehind[]) => End | null,
  lookOf: (end: End, groups: DriveGroups) => string,
  before: MadeAt<Place, End> | undefined,
): MadeAt<Place, End> {
  const made: Made<Place, End>[] = []
  const ends: End[] = []
  const looks: string[] = []
  for (const place of places) {
    let one = before?.made[made.length]
    if (one?.place !== place || one.groups !== groups || !areBehind(one.behind, place, driveIn)) {
      const drives = place.bayIds.map((id) => driveIn.get(id) ?? null)
      const end = endAt(place, drives)
      one = { place, behind: drives, groups, end, look: end ? lookOf(end, groups) : '' }
    }
    made.push(one)
    if (!one.end) continue
    ends.push(one.end)
    looks.push(one.look)
  }
  return { made, ends, look: looks.join(';') }
}

/** Whether the bays of a place hold these drives; a loop, since it is asked for every plug at every move. */
function areBehind(
  drives: readonly DriveBehind[],
  { bayIds }: { bayIds: readonly BayId[] },
  driveIn: ReadonlyMap<BayId, Piece<'drive'>>,
): boolean {
  for (let at = 0; at < bayIds.length; at += 1) {
    if ((driveIn.get(bayIds[at] ?? '') ?? null) !== drives[at]) return false
  }
  return true
}
