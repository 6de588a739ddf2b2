import type { Ownership } from '../design/money'
import { averagePricePerKilowattHourMinor } from '../power/averagePrice'
import { energyPerYearKilowattHours } from '../power/energyPerYear'
import type { Brief } from '../design/brief'
import { TB } from '../units/bytes'
import { MONTHS_PER_YEAR } from '../units/time'
import { spentBy } from './costStream'

/** One drive as it is offered. */
export interface OfferedDrive {
  /** With shipping, in minor units of the brief's currency. */
  priceMinor: number
  bytes: number
  /** What it draws while it spins and nobody reads; null where nobody has said it. */
  idleWatts: number | null
  /** Of a hundred, how many fail in a year. */
  failuresPercent: number
}

/** What it comes to over the years, in minor units for each terabyte as sold. */
export interface DriveOverYears {
  boughtPerTerabyte: number
  /** Expected: the share that fails each year, bought again at the same price. */
  replacedPerTerabyte: number
  /** Null where its watts are not known. */
  powerPerTerabyte: number | null
  /** Null with it. */
  totalPerTerabyte: number | null
}

/**
 * What does a terabyte on such a drive cost over the years, with drives that fail and with power?
 *
 * Watts count as the drive draws them, without the loss of the supply, so power is the least it can be; the bill of a
 * whole machine knows better. So two offers can be held against each other: a used drive that fails twice as often
 * against a new one at four times the price.
 *
 * 12 TB at 78.00, 3 of a hundred failing, over five years: 6.50 to buy and 0.98 to replace for each TB.
 */
export function driveOverYears(
  { priceMinor, bytes, idleWatts, failuresPercent }: OfferedDrive,
  { years, risePercent, rise }: Pick<Ownership, 'years' | 'risePercent' | 'rise'>,
  brief: Pick<Brief, 'pricePerKilowattHourMinor' | 'priceBands'>,
): DriveOverYears {
  const perTerabyte = (minor: number): number => (minor * TB) / bytes
  const boughtPerTerabyte = perTerabyte(priceMinor)
  const replacedPerTerabyte = boughtPerTerabyte * (failuresPercent / 100) * years
  const powerPerTerabyte =
    idleWatts === null
      ? null
      : perTerabyte(
          spentBy(
            {
              onceMinor: 0,
              perMonthMinor:
                (energyPerYearKilowattHours(idleWatts) * averagePricePerKilowattHourMinor(brief)) /
                MONTHS_PER_YEAR,
              risePercent,
              rise,
            },
            years * MONTHS_PER_YEAR,
          ),
        )
  return {
    boughtPerTerabyte,
    replacedPerTerabyte,
    powerPerTerabyte,
    totalPerTerabyte:
      powerPerTerabyte === null ? null : boughtPerTerabyte + replacedPerTerabyte + powerPerTerabyte,
  }
}

/**
 * How many of a hundred would have to fail each year for an offer to cost as much as another over the years?
 *
 * @returns null where it costs as much or more even if none fails, or where watts are not known
 */
export function failuresThatEven(
  offer: OfferedDrive,
  other: OfferedDrive,
  assumed: Pick<Ownership, 'years' | 'risePercent' | 'rise'>,
  brief: Pick<Brief, 'pricePerKilowattHourMinor' | 'priceBands'>,
): number | null {
  const without = driveOverYears({ ...offer, failuresPercent: 0 }, assumed, brief)
  const { totalPerTerabyte: wanted } = driveOverYears(other, assumed, brief)
  if (without.totalPerTerabyte === null || wanted === null) return null
  const left = wanted - without.totalPerTerabyte
  const perPercent = (without.boughtPerTerabyte / 100) * assumed.years
  return left <= 0 || perPercent === 0 ? null : left / perPercent
}
