import type { BuyWhen } from '../design/money'
import type { BillLine } from './billLine'
import type { CostFigure } from './billOfMaterials'

/** By what the lines of a bill stand together. */
export const BILL_GROUPINGS = ['when', 'shop'] as const
export type BillGrouping = (typeof BILL_GROUPINGS)[number]

export interface BillGroup {
  of: { when: BuyWhen } | { shop: string } | 'at hand'
  lines: BillLine[]
  /** Of what is known, in minor units of the bill's currency. */
  sumMinor: number
  /** Whether a line has no sum, so that the group costs more than this. */
  isLeast: boolean
}

/** In the order in which a builder takes them up. */
const IN_ORDER = ['now', 'later', 'bought'] as const satisfies readonly BuyWhen[]

/**
 * The lines of a bill in groups, and what each comes to: by when they are bought, or by the shop. What is at hand
 * already stands last, by itself.
 *
 * Shops stand in the order in which the bill names them, lines without one last.
 */
export function billGroups({ lines }: Pick<CostFigure, 'lines'>, by: BillGrouping): BillGroup[] {
  const toBuy = lines.filter(({ pieces }) => pieces > 0)
  const atHand = lines.filter(({ pieces }) => pieces === 0)
  const shops = [...new Set(toBuy.map(({ shop }) => shop))].sort(
    (one, other) => Number(one === '') - Number(other === ''),
  )
  const groups =
    by === 'when'
      ? IN_ORDER.map((when) =>
          groupOf(
            { when },
            toBuy.filter(({ buy }) => buy === when),
          ),
        )
      : shops.map((shop) =>
          groupOf(
            { shop },
            toBuy.filter((line) => line.shop === shop),
          ),
        )
  return [...groups, groupOf('at hand', atHand)].filter((group) => group.lines.length > 0)
}

function groupOf(of: BillGroup['of'], lines: BillLine[]): BillGroup {
  return {
    of,
    lines,
    sumMinor: lines.reduce((sum, { sumMinor }) => sum + (sumMinor ?? 0), 0),
    isLeast: lines.some(
      ({ pieces, sumMinor, price }) =>
        pieces > 0 && (sumMinor === null || price?.shippingMinor == null),
    ),
  }
}
