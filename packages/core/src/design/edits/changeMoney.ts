import {
  type Bundle,
  bundle,
  type Extra,
  extra,
  type MoneyChoices,
  type Purchase,
  purchase,
} from '../money'
import { nextId } from './nextId'

/** A line of the bill, as far as it says which of these it is. */
export interface BoughtLine {
  id: string
  of: 'pieces' | 'bundle' | 'extra'
  snapshotId: string | null
}

/** What may be said of how a line is bought, whatever it is. */
export type BuyingChange = Partial<Omit<Purchase, 'id' | 'snapshotId' | 'pieces' | 'price'>> & {
  /** Of a bundle, for the whole of it. */
  price?: Purchase['price']
  pieces?: number
}

type Changed = Partial<MoneyChoices>

/**
 * Says how a line of the bill is bought. Pieces of which nobody has said it get a purchase of their own, that takes all
 * of them.
 */
export function changeLine(money: MoneyChoices, line: BoughtLine, change: BuyingChange): Changed {
  if (line.of === 'extra') {
    return { extras: changed(money.extras, line.id, change as Partial<Extra>) }
  }
  if (line.of === 'bundle') {
    const { price, pieces, ...rest } = change
    // How many pieces are in it is said by what it holds.
    if (pieces !== undefined) return {}
    const whole: Partial<Bundle> =
      price === undefined
        ? rest
        : { ...rest, price: price && { currency: price.currency, totalMinor: price.unitMinor } }
    return { bundles: changed(money.bundles, line.id, whole) }
  }
  const isThere = money.purchases.some(({ id }) => id === line.id)
  return isThere
    ? { purchases: changed(money.purchases, line.id, change) }
    : { purchases: [...money.purchases, newPurchase(money, line.snapshotId ?? '', change)] }
}

/** One piece of the line is bought otherwise: a purchase of its own, before the one that takes the others. */
export function splitLine(money: MoneyChoices, { snapshotId }: BoughtLine): Changed {
  const change = { pieces: 1, condition: 'used' as const }
  return { purchases: [newPurchase(money, snapshotId ?? '', change), ...money.purchases] }
}

/** Takes back what was said about a line; an extra or a bundle goes with it. */
export function forgetLine(money: MoneyChoices, { id, of }: BoughtLine): Changed {
  const others = <Kept extends { id: string }>(all: readonly Kept[]): Kept[] =>
    all.filter((one) => one.id !== id)
  switch (of) {
    case 'extra':
      return { extras: others(money.extras) }
    case 'bundle':
      return { bundles: others(money.bundles) }
    case 'pieces':
      return { purchases: others(money.purchases) }
  }
}

/** Something more that is bought beside the machine. */
export function addExtra({ extras }: MoneyChoices, name: string): Changed {
  return { extras: [...extras, extra.parse({ id: nextId('extra', idsOf(extras)), name })] }
}

/** Pieces at one price: one of each data sheet. */
export function addBundle(
  { bundles }: MoneyChoices,
  name: string,
  snapshotIds: readonly string[],
): Changed {
  const holds = snapshotIds.map((snapshotId) => ({ snapshotId, pieces: 1 }))
  const id = nextId('bundle', idsOf(bundles))
  return { bundles: [...bundles, bundle.parse({ id, name, holds })] }
}

function newPurchase(
  { purchases }: MoneyChoices,
  snapshotId: string,
  change: BuyingChange,
): Purchase {
  return { ...purchase.parse({ id: nextId('purchase', idsOf(purchases)), snapshotId }), ...change }
}

const idsOf = (all: readonly { id: string }[]): string[] => all.map(({ id }) => id)

const changed = <Kept extends { id: string }>(
  all: readonly Kept[],
  id: string,
  change: Partial<Kept>,
): Kept[] => all.map((one) => (one.id === id ? { ...one, ...change } : one))
