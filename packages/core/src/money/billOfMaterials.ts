import { kindOf } from '../catalogue/partKinds'
import type { Design, PartSnapshot } from '../design/design'

export interface BillLine {
  snapshotId: string
  name: string
  /** Pieces to buy. */
  pieces: number
  owned: number
  /** Null when the part has no price. */
  price: { currency: string; unitMinor: number; shippingMinor: number } | null
  /** pieces × unit + shipping; 0 when all are owned. */
  totalMinor: number
  /** False without a price in the brief's currency: such a line is not in the sum. */
  counted: boolean
}

export interface CostFigure {
  lines: BillLine[]
  currency: string
  /** Sum of the counted lines, shipping included. */
  totalMinor: number
  shippingMinor: number
  ownedPieces: number
}

/**
 * What is there to buy, and what does it cost with shipping?
 *
 * Pieces of one data sheet make one line. Shipping is paid once a line. Owned pieces cost nothing.
 *
 * @example two drives at 189.00 with 6.90 shipping: totalMinor 38490
 */
export function billOfMaterials(design: Design): CostFigure {
  const { currency } = design.brief
  const counts = new Map<string, { pieces: number; owned: number }>()
  for (const { snapshotId, owned } of design.fitted) {
    const count = counts.get(snapshotId) ?? { pieces: 0, owned: 0 }
    if (owned) count.owned += 1
    else count.pieces += 1
    counts.set(snapshotId, count)
  }
  const lines = design.snapshots.flatMap((snapshot) => {
    const count = counts.get(snapshot.id)
    // Where a machine stands is chosen, not bought.
    return count && kindOf(snapshot.sheet).stands !== 'nowhere'
      ? [billLine(snapshot, count, currency)]
      : []
  })
  const counted = lines.filter((line) => line.counted && line.pieces > 0)
  return {
    lines,
    currency,
    totalMinor: counted.reduce((sum, line) => sum + line.totalMinor, 0),
    shippingMinor: counted.reduce((sum, line) => sum + (line.price?.shippingMinor ?? 0), 0),
    ownedPieces: lines.reduce((sum, line) => sum + line.owned, 0),
  }
}

function billLine(
  { id, sheet }: PartSnapshot,
  { pieces, owned }: { pieces: number; owned: number },
  currency: string,
): BillLine {
  const { price } = sheet
  return {
    snapshotId: id,
    name: `${sheet.maker} ${sheet.model}`,
    pieces,
    owned,
    price,
    totalMinor: pieces === 0 || !price ? 0 : pieces * price.unitMinor + price.shippingMinor,
    counted: price?.currency === currency,
  }
}
