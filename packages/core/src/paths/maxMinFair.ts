import { certain } from '../units/certain'

/** Something that moves at one rate and loads links by it. */
export interface Flow {
  id: string
  /** Load on each link for one byte a second of the flow. */
  uses: ReadonlyMap<string, number>
  /** It never wants more; Infinity when only links hold it back. */
  mostBytesPerSecond: number
}

export interface FairRates {
  /** Bytes a second of each flow. */
  rateOf: Map<string, number>
  /** The link that holds each flow back; null when it has all it wants. */
  heldBackBy: Map<string, string | null>
  /** Bytes a second on each link. */
  loadOf: Map<string, number>
}

/** Rates are bytes a second; a billionth of a link is nothing. */
const NEARLY = 1e-9

/**
 * How do flows share links when nobody gets more at the cost of one that has less?
 *
 * All flows grow together from nothing. When a link is full, the flows on it stop where they are, and the
 * others grow on; when no flow can grow, the shares are max-min fair.
 *
 * @param capacityOf bytes a second of each link; a flow must use links that are in it
 * @throws RangeError for a flow on a link without capacity given, or one that nothing holds back
 * Source: progressive filling, Bertsekas and Gallager, Data Networks, section 6.5.2 (from memory); the
 * tests compare it with linear programs.
 * @example
 * maxMinFair(new Map([['link', 100]]), ['a', 'b'].map((id) => (
 *   { id, uses: new Map([['link', 1]]), mostBytesPerSecond: Infinity }))).rateOf.get('a')
 * // 50
 */
export function maxMinFair(
  capacityOf: ReadonlyMap<string, number>,
  flows: readonly Flow[],
): FairRates {
  const rateOf = new Map(flows.map(({ id }) => [id, 0]))
  const heldBackBy = new Map<string, string | null>(flows.map(({ id }) => [id, null]))
  const loadOf = new Map([...capacityOf.keys()].map((link) => [link, 0]))
  let growing = flows
  while (growing.length > 0) {
    const weightOf = growingWeights(capacityOf, growing)
    const step = largestStep(capacityOf, loadOf, weightOf, growing, rateOf)
    for (const flow of growing) {
      rateOf.set(flow.id, certain(rateOf.get(flow.id)) + step)
      for (const [link, share] of flow.uses) {
        loadOf.set(link, certain(loadOf.get(link)) + step * share)
      }
    }
    const isFull = (link: string): boolean => {
      const capacity = certain(capacityOf.get(link))
      // A link without end is never full, though no number is more than a share of it.
      return capacity < Infinity && capacity - certain(loadOf.get(link)) <= capacity * NEARLY
    }
    growing = growing.filter((flow) => {
      const full = [...flow.uses].find(([link, share]) => share > 0 && isFull(link))
      if (full) heldBackBy.set(flow.id, full[0])
      const most = flow.mostBytesPerSecond
      return !full && certain(rateOf.get(flow.id)) < most * (1 - NEARLY)
    })
  }
  return { rateOf, heldBackBy, loadOf }
}

/** How fast each link fills while all growing flows grow by one byte a second. */
function growingWeights(
  capacityOf: ReadonlyMap<string, number>,
  growing: readonly Flow[],
): Map<string, number> {
  const weightOf = new Map<string, number>()
  for (const { id, uses } of growing) {
    for (const [link, share] of uses) {
      if (!capacityOf.has(link)) throw new RangeError(`Flow ${id} uses ${link}, which is no link.`)
      weightOf.set(link, (weightOf.get(link) ?? 0) + share)
    }
  }
  return weightOf
}

/** How far all can grow until the first link is full or the first flow has what it wants. */
function largestStep(
  capacityOf: ReadonlyMap<string, number>,
  loadOf: ReadonlyMap<string, number>,
  weightOf: ReadonlyMap<string, number>,
  growing: readonly Flow[],
  rateOf: ReadonlyMap<string, number>,
): number {
  let step = Infinity
  for (const [link, weight] of weightOf) {
    if (weight <= 0) continue
    const left = certain(capacityOf.get(link)) - certain(loadOf.get(link))
    step = Math.min(step, Math.max(0, left) / weight)
  }
  for (const { id, mostBytesPerSecond } of growing) {
    step = Math.min(step, mostBytesPerSecond - certain(rateOf.get(id)))
  }
  if (step === Infinity) throw new RangeError('Nothing holds these flows back.')
  return step
}
