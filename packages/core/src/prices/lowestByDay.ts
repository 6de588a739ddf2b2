import { atTheDoor, type PriceObservation } from './priceObservation'

/**
 * The lowest price with shipping of each day, the first day first: as much of many thousands as a chart can show.
 *
 * @param observations of one part in one currency
 * Two of one day at 189.00 and 179.00 make one point at 179.00.
 */
export function lowestByDay(
  observations: readonly PriceObservation[],
): { day: string; minor: number }[] {
  const byDay = new Map<string, number>()
  for (const one of observations) {
    const minor = atTheDoor(one)
    const lowest = byDay.get(one.seenOn)
    if (lowest === undefined || minor < lowest) byDay.set(one.seenOn, minor)
  }
  return [...byDay]
    .map(([day, minor]) => ({ day, minor }))
    .sort((one, other) => (one.day < other.day ? -1 : 1))
}
