import { kindOf } from '../catalogue/partKinds'
import type { Design, FittedPart, PartSnapshot } from '../design/design'
import { type Amount, exactly, type Missing, sumOf } from '../units/amount'

/**
 * `counted`: its price is in the sum. `owned`: nothing is to be bought. `comes with another`: paid with the piece that
 * it came in. The others are missing from the sum.
 */
export type LineStanding =
  'counted' | 'owned' | 'comes with another' | 'no price' | 'other currency'

export interface BillLine {
  snapshotId: string
  name: string
  /** Pieces to buy, and their ids. */
  pieces: number
  partIds: string[]
  owned: number
  /** Those that came in another piece, and are neither bought nor owned by themselves. */
  included: number
  /** Null when the part has no price. */
  price: { currency: string; unitMinor: number; shippingMinor: number | null } | null
  /** pieces × unit + shipping as far as it is known; 0 when none is to be bought. */
  totalMinor: number
  standing: LineStanding
}

export interface CostFigure {
  lines: BillLine[]
  currency: string
  /** Sum of the counted lines, shipping included; what has no price in this currency is missing of it. */
  total: Amount<'money'>
  shippingMinor: number
  ownedPieces: number
}

/** Pieces of one data sheet: the ids of those to buy, and how many others there are. */
interface Pieces {
  toBuy: string[]
  owned: number
  included: number
}

/** What of a design is paid for. */
export interface BilledDesign extends Pick<Design, 'snapshots'> {
  fitted: readonly Pick<FittedPart, 'id' | 'snapshotId' | 'owned' | 'within'>[]
}

/**
 * What is there to buy, and what does it cost with shipping?
 *
 * Pieces of one data sheet make one line. Shipping is paid once a line. Owned pieces cost nothing, and what came in
 * another piece was paid with that.
 *
 * Two drives at 189.00 with 6.90 shipping come to 384.90.
 */
export function billOfMaterials(currency: string, { fitted, snapshots }: BilledDesign): CostFigure {
  const bySheet = new Map<string, Pieces>()
  for (const { id, snapshotId, owned, within } of fitted) {
    const those = bySheet.get(snapshotId) ?? { toBuy: [], owned: 0, included: 0 }
    if (within !== null) those.included += 1
    else if (owned) those.owned += 1
    else those.toBuy.push(id)
    bySheet.set(snapshotId, those)
  }
  const lines = snapshots.flatMap((snapshot) => {
    const those = bySheet.get(snapshot.id)
    // Where a machine stands is chosen, not bought.
    return those && kindOf(snapshot.sheet).stands !== 'nowhere'
      ? [billLine(snapshot, those, currency)]
      : []
  })
  const counted = lines.filter(({ standing }) => standing === 'counted')
  return {
    lines,
    currency,
    total: sumOf(lines.map(lineTotal), 'money'),
    shippingMinor: counted.reduce((sum, line) => sum + (line.price?.shippingMinor ?? 0), 0),
    ownedPieces: lines.reduce((sum, line) => sum + line.owned, 0),
  }
}

function lineTotal({ standing, totalMinor, partIds, price }: BillLine): Amount<'money'> {
  const missingOf = (field: string, ids: readonly string[]): Missing[] =>
    ids.map((pieceId) => ({ pieceId, field }))
  if (standing === 'owned' || standing === 'comes with another') return exactly(totalMinor, 'money')
  if (standing === 'counted') {
    // One parcel for the line, so one piece stands for what it lacks.
    const missing = price?.shippingMinor === null ? partIds.slice(0, 1) : []
    return exactly(totalMinor, 'money', missingOf('price.shippingMinor', missing))
  }
  const field = standing === 'no price' ? 'price' : 'price.currency'
  return exactly(0, 'money', missingOf(field, partIds))
}

function billLine(
  { id, sheet }: PartSnapshot,
  { toBuy, owned, included }: Pieces,
  currency: string,
): BillLine {
  const { price } = sheet
  const pieces = toBuy.length
  return {
    snapshotId: id,
    name: `${sheet.maker} ${sheet.model}`,
    pieces,
    partIds: toBuy,
    owned,
    included,
    price,
    totalMinor: pieces === 0 || !price ? 0 : pieces * price.unitMinor + (price.shippingMinor ?? 0),
    standing:
      pieces === 0
        ? owned > 0
          ? 'owned'
          : 'comes with another'
        : price === null
          ? 'no price'
          : price.currency === currency
            ? 'counted'
            : 'other currency',
  }
}
