import { type Brief, wantedBytes } from '../design/brief'
import type { Alternative, Ownership } from '../design/money'
import { averagePricePerKilowattHourMinor } from '../power/averagePrice'
import { energyPerYearKilowattHours } from '../power/energyPerYear'
import { exactOf } from '../units/amount'
import { TB } from '../units/bytes'
import { MONTHS_PER_YEAR } from '../units/time'
import type { CostStream } from './costStream'
import { replacementsPerYear, type OwnershipInput } from './ownership'

/** Space that is rented: what was said, else all that must fit at the end, in whole terabytes. */
export const rentedTerabytes = (
  terabytes: number | null,
  brief: Pick<Brief, 'data' | 'horizonYears'>,
): number => terabytes ?? Math.ceil(wantedBytes(brief) / TB)

/**
 * What an alternative costs, as money at once and each month; null where its watts are not known.
 *
 * The first stream is the one whose monthly price is asked about when it never crosses.
 */
export function alternativeStreams(
  alternative: Alternative,
  brief: Brief,
  assumed: Ownership,
): CostStream[] | null {
  switch (alternative.kind) {
    case 'subscriptions': {
      const { minorPerMonth, risePercent, rise } = alternative
      return [{ onceMinor: 0, perMonthMinor: minorPerMonth, risePercent, rise }]
    }
    case 'rented space': {
      const { minorPerTerabyteMonth, terabytes, risePercent, rise } = alternative
      const perMonthMinor = minorPerTerabyteMonth * rentedTerabytes(terabytes, brief)
      return [{ onceMinor: 0, perMonthMinor, risePercent, rise }]
    }
    case 'bought box': {
      const { onceMinor, meanWatts } = alternative
      return meanWatts === null ? null : [powerStream(onceMinor, meanWatts, brief, assumed)]
    }
    case 'present machine': {
      const { meanWatts, minorPerYear, risePercent, rise } = alternative
      if (meanWatts === null) return null
      const repairs = {
        onceMinor: 0,
        perMonthMinor: minorPerYear / MONTHS_PER_YEAR,
        risePercent,
        rise,
      }
      return [powerStream(0, meanWatts, brief, assumed), repairs]
    }
  }
}

function powerStream(
  onceMinor: number,
  meanWatts: number,
  brief: Brief,
  { risePercent, rise }: Ownership,
): CostStream {
  const perYear = energyPerYearKilowattHours(meanWatts) * averagePricePerKilowattHourMinor(brief)
  return { onceMinor, perMonthMinor: perYear / MONTHS_PER_YEAR, risePercent, rise }
}

/**
 * What the machine costs, as money at once and each month: power with its rise, and drives that are expected to fail.
 * Flash that wears out comes once in years, so it stands in the years and not here. Null where its power is not known.
 */
export function ownStreams(input: OwnershipInput, assumed: Ownership): CostStream[] | null {
  const { purchase, energyPerYear, drives } = input
  if (!energyPerYear) return null
  const { risePercent, rise } = assumed
  const failing = exactOf(replacementsPerYear(drives, assumed)) / MONTHS_PER_YEAR
  return [
    {
      onceMinor: purchase.likely,
      perMonthMinor: energyPerYear.likely / MONTHS_PER_YEAR,
      risePercent,
      rise,
    },
    { onceMinor: 0, perMonthMinor: failing, risePercent: 0, rise: 'yearly steps' },
  ]
}
