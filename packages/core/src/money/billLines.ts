import { kindOf } from '../catalogue/partKinds'
import { sheetName } from '../catalogue/sheetName'
import type { Design, FittedPart, PartSnapshot } from '../design/design'
import type { Bundle, Extra, Purchase } from '../design/money'
import { timesRatio } from '../units/timesRatio'
import type { BillLine } from './billLine'

/** What of a design is paid for. */
export interface BilledDesign extends Pick<Design, 'snapshots' | 'money'> {
  fitted: readonly Pick<FittedPart, 'id' | 'snapshotId' | 'owned' | 'within'>[]
}

/** A line as it is asked in its own currency, before orders, rates and tax. */
export type AskedLine = Omit<BillLine, 'orderMinor' | 'taxMinor' | 'sumMinor'>

/** How a line is bought of which nobody has said it. */
const AS_USUAL = {
  condition: 'new',
  shop: '',
  link: '',
  buy: 'now',
  on: null,
  sentWith: 'alone',
  taxFree: false,
} as const satisfies Partial<AskedLine>

/** Pieces of one data sheet: the ids of those to buy, and how many others there are. */
interface Pieces {
  toBuy: string[]
  owned: number
  included: number
}

/**
 * The lines of the bill, in the order of the data sheets, then bundles, then what is bought beside the machine.
 *
 * Bundles take their pieces first, then each purchase the number that it says, then the one that takes the rest.
 * Pieces that are owned or came in another stand in the first line of their data sheet.
 */
export function billLines({ fitted, snapshots, money }: BilledDesign): AskedLine[] {
  const bySheet = new Map<string, Pieces>()
  for (const { id, snapshotId, owned, within } of fitted) {
    const those = bySheet.get(snapshotId) ?? { toBuy: [], owned: 0, included: 0 }
    if (within !== null) those.included += 1
    else if (owned) those.owned += 1
    else those.toBuy.push(id)
    bySheet.set(snapshotId, those)
  }
  const bundles = money.bundles.map((bundle) => bundleLine(bundle, bySheet))
  const pieces = snapshots.flatMap((snapshot) => {
    const those = bySheet.get(snapshot.id)
    // Where a machine stands is chosen, not bought.
    if (!those || kindOf(snapshot.sheet).stands === 'nowhere') return []
    return linesOfSheet(snapshot, those, money.purchases)
  })
  return [...pieces, ...bundles, ...money.extras.map(extraLine)]
}

function linesOfSheet(
  snapshot: PartSnapshot,
  { toBuy, owned, included }: Pieces,
  purchases: readonly Purchase[],
): AskedLine[] {
  const left = [...toBuy]
  const lines: AskedLine[] = []
  const those = purchases.filter(({ snapshotId }) => snapshotId === snapshot.id)
  // Those that say how many go before the one that takes the rest.
  for (const purchase of those.toSorted(
    (one, other) => Number(one.pieces === null) - Number(other.pieces === null),
  )) {
    const partIds = left.splice(0, purchase.pieces ?? left.length)
    if (partIds.length > 0) lines.push(pieceLine(snapshot, partIds, purchase))
  }
  const others = owned + included
  if (left.length > 0 || (lines.length === 0 && others > 0)) {
    lines.unshift(pieceLine(snapshot, left, null))
  }
  const [first] = lines
  if (first) {
    lines[0] = { ...first, owned, included, standing: standingOf(first, owned, included) }
  }
  return lines
}

function pieceLine(
  { id, sheet, price: askedThen }: PartSnapshot,
  partIds: string[],
  purchase: Purchase | null,
): AskedLine {
  const own = purchase?.price ?? null
  // A price of one's own says nothing about shipping that was asked with another.
  const asked = own ? { ...own, shippingMinor: null } : askedThen
  const price = asked && {
    ...asked,
    shippingMinor: purchase?.shippingMinor ?? asked.shippingMinor,
  }
  return {
    ...lineOf(purchase, price, partIds.length),
    id: purchase?.id ?? id,
    of: 'pieces',
    snapshotId: id,
    name: sheetName(sheet),
    partIds,
  }
}

function bundleLine(bundle: Bundle, bySheet: ReadonlyMap<string, Pieces>): AskedLine {
  const partIds = bundle.holds.flatMap(
    ({ snapshotId, pieces }) => bySheet.get(snapshotId)?.toBuy.splice(0, pieces) ?? [],
  )
  const { price, shippingMinor, ...buying } = bundle
  const asked = price && { currency: price.currency, unitMinor: price.totalMinor, shippingMinor }
  return {
    ...lineOf(buying, asked, 1),
    id: bundle.id,
    of: 'bundle',
    snapshotId: null,
    name: bundle.name,
    partIds,
  }
}

function extraLine(extra: Extra): AskedLine {
  const { price, shippingMinor, owned, pieces } = extra
  const line = {
    ...lineOf(extra, price && { ...price, shippingMinor }, owned ? 0 : pieces),
    id: extra.id,
    of: 'extra' as const,
    snapshotId: null,
    name: extra.name,
    partIds: [],
    owned: owned ? pieces : 0,
  }
  return { ...line, standing: standingOf(line, line.owned, 0) }
}

type Buying = Partial<Omit<Purchase, 'price' | 'shippingMinor' | 'pieces'>>

/** What every line has, whatever it is of. */
function lineOf(
  buying: Buying | null,
  price: BillLine['price'],
  pieces: number,
): Omit<AskedLine, 'id' | 'of' | 'snapshotId' | 'name' | 'partIds'> {
  const { condition, shop, link, buy, on, sentWith, taxFree } = { ...AS_USUAL, ...buying }
  const isShared = sentWith === 'order' && shop !== ''
  const asked = price && (isShared ? { ...price, shippingMinor: 0 } : price)
  const goodsMinor = pieces * (asked?.unitMinor ?? 0)
  const discountMinor = timesRatio(goodsMinor, buying?.discountPercent ?? 0, 100)
  const shippingMinor = pieces === 0 ? 0 : (asked?.shippingMinor ?? 0)
  return {
    pieces,
    owned: 0,
    included: 0,
    price: asked,
    discountMinor,
    totalMinor: goodsMinor - discountMinor + shippingMinor,
    standing: asked === null ? 'no price' : 'counted',
    condition,
    shop,
    link,
    buy,
    on,
    sentWith: isShared ? 'order' : 'alone',
    taxFree,
  }
}

function standingOf(
  { pieces, price }: Pick<AskedLine, 'pieces' | 'price'>,
  owned: number,
  included: number,
): AskedLine['standing'] {
  if (pieces > 0) return price === null ? 'no price' : 'counted'
  if (owned > 0) return 'owned'
  return included > 0 ? 'comes with another' : 'counted'
}
