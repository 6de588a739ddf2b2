import type { CostFigure } from './billOfMaterials'

/** The bill as JSON for other programs: its lines, and what they come to in minor units. */
export function printedCost({ total, spent, now, later, ...cost }: CostFigure): object {
  return {
    ...cost,
    totalMinor: total.likely,
    missing: total.missing,
    spentMinor: spent.likely,
    nowMinor: now.likely,
    laterMinor: later.likely,
  }
}
