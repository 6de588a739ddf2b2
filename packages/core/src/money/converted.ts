import type { Rate } from '../design/money'
import { minorPerMajor } from '../units/money'
import { timesRatio } from '../units/timesRatio'

/**
 * Money in another currency by the builder's own rates, the newest that says it, read either way round.
 *
 * @param minor whole minor units of `from`
 * @returns whole minor units of `into`, rounded to the nearest; null where no rate says it
 * 10.00 USD at 0.92 are 9.20 EUR; 1,000 JPY at 0.0061 are 6.10 EUR, though the yen has no cents.
 */
export function converted(
  minor: number,
  from: string,
  into: string,
  rates: readonly Rate[],
): number | null {
  if (from === into) return minor
  const rate = rateOf(from, into, rates)
  if (!rate) return null
  const perMinor = minorPerMajor(into) / minorPerMajor(from)
  return rate.from === from
    ? timesRatio(minor, rate.worth * perMinor)
    : timesRatio(minor, perMinor, rate.worth)
}

/** The newest rate between two currencies, whichever way it was written down. */
export function rateOf(from: string, into: string, rates: readonly Rate[]): Rate | null {
  return rates.reduce<Rate | null>((newest, rate) => {
    const isIt =
      (rate.from === from && rate.into === into) || (rate.from === into && rate.into === from)
    return isIt && (newest === null || rate.on > newest.on) ? rate : newest
  }, null)
}
