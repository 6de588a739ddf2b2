import type { Design } from '../design/design'
import type { MoneyChoices } from '../design/money'
import { shareOut } from '../units/shareOut'
import type { CostFigure } from './billOfMaterials'
import { converted } from './converted'

/**
 * What is paid for each piece that is bought, in the currency of the bill: its share of its line, to the cent.
 *
 * The pieces of one line cost the same; those of a bundle have shares by the prices that were asked, or equal ones
 * where nobody knows these.
 */
export function piecePrices(
  { lines }: Pick<CostFigure, 'lines'>,
  { fitted, snapshots }: Pick<Design, 'fitted' | 'snapshots'>,
): Map<string, number> {
  const sheetIdOf = new Map(fitted.map(({ id, snapshotId }) => [id, snapshotId]))
  const askedOf = new Map(snapshots.map(({ id, price }) => [id, price?.unitMinor ?? null]))
  const prices = new Map<string, number>()
  for (const { partIds, sumMinor } of lines) {
    if (sumMinor === null || partIds.length === 0) continue
    const asked = partIds.map((id) => askedOf.get(sheetIdOf.get(id) ?? '') ?? null)
    const weights = asked.some((minor) => minor === null) ? partIds.map(() => 1) : asked.map(Number)
    shareOut(sumMinor, weights).forEach((minor, index) => {
      prices.set(partIds[index] ?? '', minor)
    })
  }
  return prices
}

/**
 * What another one of each piece would cost, bought or owned, in a currency: what is paid for it, else the price that
 * was asked; a piece without either is not in it.
 */
export function replacementPrices(
  paid: ReadonlyMap<string, number>,
  { fitted, snapshots }: Pick<Design, 'fitted' | 'snapshots'>,
  currency: string,
  { rates }: Pick<MoneyChoices, 'rates'>,
): Map<string, number> {
  const bySheet = new Map(snapshots.map(({ id, price }) => [id, price]))
  return new Map(
    fitted.flatMap(({ id, snapshotId }) => {
      const price = bySheet.get(snapshotId)
      const asked = price ? converted(price.unitMinor, price.currency, currency, rates) : null
      const minor = paid.get(id) ?? asked
      return minor === null ? [] : [[id, minor] as const]
    }),
  )
}
