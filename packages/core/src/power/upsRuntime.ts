import type { SheetOf } from '../catalogue/partKinds'
import type { Piece } from '../machine/piece'
import type { Amount } from '../units/amount'
import { type Band, exactBand, mapBand } from '../units/band'

/**
 * How much longer a battery lasts at half of its load than twice as long: minutes go with the load to this power.
 * Common practice, no source: lead batteries give more of their charge when they are emptied slowly.
 */
export const SLOWNESS: Band = { low: 1, likely: 1.2, high: 1.5 }
/** Of a battery's watt-hours, what arrives at the sockets. Common practice, no source. */
export const USABLE_SHARE: Band = { low: 0.5, likely: 0.7, high: 0.85 }

/** What of a data sheet says how long its battery lasts. */
export type HoldingUps = Pick<
  SheetOf<'ups'>,
  'ratedWatts' | 'minutesAtHalfLoad' | 'minutesAtFullLoad' | 'batteryWattHours'
>

/**
 * How long does a UPS with a new battery hold this load?
 *
 * Through the two points of its maker where there are two; from one point, or beyond both, as a band; from its
 * watt-hours else. An old battery holds half of it or less.
 *
 * @param loadWatts more than 0
 * @returns minutes; null where the data sheet says too little
 * @example upsRuntime(150, { ratedWatts: 300, minutesAtHalfLoad: 9, minutesAtFullLoad: null, batteryWattHours: null })?.likely // 9
 */
export function upsRuntime(loadWatts: number, ups: HoldingUps): Band | null {
  const { ratedWatts, minutesAtHalfLoad, minutesAtFullLoad, batteryWattHours } = ups
  if (loadWatts <= 0) return null
  if (ratedWatts !== null && minutesAtHalfLoad !== null) {
    const halves = Math.log2(ratedWatts / 2 / loadWatts)
    const lasts = (slowness: number): number => minutesAtHalfLoad * 2 ** (slowness * halves)
    if (minutesAtFullLoad !== null && minutesAtFullLoad > 0) {
      const measured = Math.log2(minutesAtHalfLoad / minutesAtFullLoad)
      const likely = lasts(measured)
      // Between its points the maker has measured; below them the band is that of any battery.
      if (halves <= 0) return exactBand(likely)
      return ordered(lasts(SLOWNESS.low), likely, lasts(SLOWNESS.high))
    }
    return ordered(lasts(SLOWNESS.low), lasts(SLOWNESS.likely), lasts(SLOWNESS.high))
  }
  if (batteryWattHours === null) return null
  return mapBand(USABLE_SHARE, (share) => (60 * share * batteryWattHours) / loadWatts)
}

/** Above half of the rating what is slow is what is short. */
function ordered(one: number, likely: number, other: number): Band {
  return { low: Math.min(one, likely, other), likely, high: Math.max(one, likely, other) }
}

/**
 * How long does a UPS hold a machine that draws so much at the wall?
 *
 * What the UPS draws itself is part of that, and is not what it must hold up.
 *
 * @returns minutes are null where nothing is left to hold, or the data sheet says too little
 */
export function upsHolds(
  { dataSheet }: Pick<Piece<'ups'>, 'dataSheet'>,
  wall: Amount<'W'>,
): { loadWatts: number; minutes: Band | null } {
  const loadWatts = wall.likely - (dataSheet.idleWatts ?? 0)
  return { loadWatts, minutes: upsRuntime(loadWatts, dataSheet) }
}
