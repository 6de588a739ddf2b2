import type { Design } from '../design/design'
import { applyEdit } from '../design/edits/edit'
import { changeLine } from '../design/edits/changeMoney'
import { evaluate, type Evaluation } from '../evaluate'
import type { LimitStatus } from '../judging/statusOf'
import { overBudgetMinor } from '../limits/overBudgetMinor'

/** A design's bill at one price of a part. */
export interface BilledAt {
  /** As far as it is known, in minor units of the design's currency. */
  totalMinor: number
  /** How it stands to its budget; null where it has none. */
  budget: LimitStatus | null
  /** Null where it is not over it, or nobody knows. */
  overMinor: number | null
}

export interface PriceEffect {
  /** Pieces of the part that are to be bought. */
  pieces: number
  now: BilledAt
  then: BilledAt
}

/**
 * What would another price of a part do to a design: its bill, and how it stands to its budget?
 *
 * @param slug of the part in the catalogue
 * @param price of one piece, with its shipping
 * @returns null where the design buys none of it by itself; in a bundle it has no price of its own
 */
export function priceEffect(
  design: Design,
  slug: string,
  price: { currency: string; unitMinor: number },
): PriceEffect | null {
  const sheetIds = new Set(
    design.snapshots.flatMap((snapshot) => (snapshot.slug === slug ? [snapshot.id] : [])),
  )
  const before = evaluate(design)
  const lines = before.cost.lines.filter(
    ({ of, snapshotId, pieces }) =>
      of === 'pieces' && pieces > 0 && snapshotId !== null && sheetIds.has(snapshotId),
  )
  if (lines.length === 0) return null
  const priced = lines.reduce(
    (changed, line) =>
      applyEdit(changed, {
        do: 'change-money',
        change: changeLine(changed.money, line, { price, shippingMinor: 0, sentWith: 'alone' }),
      }),
    design,
  )
  return {
    pieces: lines.reduce((sum, { pieces }) => sum + pieces, 0),
    now: billedAt(before),
    then: billedAt(evaluate(priced)),
  }
}

function billedAt({ cost, limits }: Evaluation): BilledAt {
  return {
    totalMinor: cost.total.likely,
    budget: limits.find(({ id }) => id === 'cost')?.status ?? null,
    overMinor: overBudgetMinor(limits),
  }
}
