import { DRIVE_RAIL_VOLTS, type PowerPlug } from '../../catalogue/plugs'
import { wattsOf } from '../../catalogue/wattsOf'
import type { WiringEnd } from '../../design/pathChoices'
import type { Bay, BayBlock, BayId } from '../bays'
import { bayRange, baysOfBlock } from '../drivesInBays'
import type { Piece, PieceId } from '../piece'
import { endKey } from './dataEnds'

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

/**
 * Where power plugs of drives must go: into every drive, into every plug of a backplane that has a drive.
 *
 * Each plug of a backplane is taken to feed its share of the bays. Many join their plugs, which is better;
 * no data sheet says it. Drives in an enclosure have its supply.
 */
export const powerEndsOfBays = (
  blocks: readonly BayBlock[],
  bays: ReadonlyMap<BayId, Bay>,
  driveIn: ReadonlyMap<BayId, Piece<'drive'>>,
): PowerEnd[] =>
  blocks.flatMap((block) =>
    block.isOutside ? [] : blockEnds(block, baysOfBlock(block, bays), driveIn),
  )

/** Where all others go: whatever wants a plug of its own and sits in no bay. */
export const powerEndsOfPieces = (pieces: readonly Piece[]): PowerEnd[] => pieces.flatMap(pieceEnds)

function blockEnds(
  { access, backplane, pieceId, number }: BayBlock,
  inside: readonly Bay[],
  driveIn: ReadonlyMap<BayId, Piece<'drive'>>,
): PowerEnd[] {
  const filled = inside.filter(({ id }) => driveIn.has(id))
  if (filled.length === 0) return []
  if (!backplane && access === 'internal') {
    return filled.map((bay) => {
      const ref = { bay: bay.id }
      const name = `drive in bay ${bay.number}`
      return endOf(ref, name, 'SATA power', [bay], driveIn)
    })
  }
  const plugs = backplane?.powerPlugs ?? Math.ceil(filled.length / DRIVES_PER_BACKPLANE_PLUG)
  const share = backplane ? inside : filled
  return Array.from({ length: plugs }, (_, at) => {
    // Shares differ by one bay at most.
    const behind = share.slice(
      Math.floor((at * share.length) / plugs),
      Math.floor(((at + 1) * share.length) / plugs),
    )
    const of = behind.length > 0 ? `, ${bayRange(behind)}` : ''
    const ref = { backplane: { pieceId, block: number, plug: at + 1 } }
    const name = `backplane power plug ${at + 1}${of}`
    return endOf(ref, name, backplane?.powerPlug ?? 'SATA power', behind, driveIn)
  })
}

function endOf(
  ref: WiringEnd,
  name: string,
  plug: PowerPlug,
  bays: readonly Bay[],
  driveIn: ReadonlyMap<BayId, Piece<'drive'>>,
): PowerEnd {
  const bayIds: BayId[] = []
  const driveIds: PieceId[] = []
  const starting: (number | null)[] = []
  const running: (number | null)[] = []
  for (const { id } of bays) {
    bayIds.push(id)
    const drive = driveIn.get(id)
    if (!drive) continue
    driveIds.push(drive.id)
    starting.push(drive.dataSheet.start12VAmps)
    running.push(ampsOf(wattsOf(drive.dataSheet, 'busy')))
  }
  return {
    ref,
    key: endKey(ref),
    name,
    plug,
    bayIds,
    driveIds,
    startAmps: sumOf(starting),
    runningAmps: sumOf(running),
  }
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

/** Amperes together; null when one of them is not known. */
export function sumOf(amps: readonly (number | null)[]): number | null {
  return amps.reduce<number | null>(
    (sum, one) => (sum === null || one === null ? null : sum + one),
    0,
  )
}
