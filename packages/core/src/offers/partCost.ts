import type { CataloguePart } from '../catalogue/partKinds'

/**
 * What would so many more pieces of a part cost, with shipping once as far as it is known?
 *
 * @param owned of them that are in the house already
 * @returns minor units; null when its price is not known, or is in another currency
 * A drive at 189.00 with 6.90 shipping: two cost 38,490 minor units.
 */
export function partCost(
  { price }: Pick<CataloguePart, 'price'>,
  pieces: number,
  currency: string,
  owned = 0,
): number | null {
  const toBuy = Math.max(0, pieces - owned)
  if (toBuy === 0) return 0
  if (price?.currency !== currency) return null
  return toBuy * price.unitMinor + (price.shippingMinor ?? 0)
}
