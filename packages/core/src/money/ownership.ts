import type { Ownership } from '../design/money'
import { type Amount, exactly, mapAmount, type Missing, sumOf } from '../units/amount'
import type { Band } from '../units/band'
import { MONTHS_PER_YEAR } from '../units/time'
import { spentBy } from './costStream'

/** A drive that may fail and is replaced. */
export interface WornDrive {
  pieceId: string
  /** What another one costs; null where that is not known. */
  priceMinor: number | null
  isUsed: boolean
}

/** Flash that is replaced when its life is over. */
export interface WornFlash {
  pieceId: string
  priceMinor: number | null
  /** How long it lasts at what is written to it; null where nothing is written or its endurance is not known. */
  years: Band | null
  /** What would have to be known of it. */
  missing: readonly Missing[]
}

/** Flash that is written to death faster than this is replaced each month. */
const SHORTEST_LIFE_YEARS = 1 / 12

export interface OwnershipInput {
  /** All that is bought, at the start. */
  purchase: Amount<'money'>
  /** Null where nothing at the wall is known. */
  energyPerYear: Amount<'money'> | null
  drives: readonly WornDrive[]
  flash: readonly WornFlash[]
}

/** One year, in minor units. */
export interface OwnershipYear {
  year: number
  purchase: Amount<'money'>
  energy: Amount<'money'>
  /** Expected: failures a year times the price of a drive, so a part of one most years. */
  replacements: Amount<'money'>
  flash: Amount<'money'>
  /** What is left of what was paid, in the last year; it comes back. */
  resaleMinor: number
}

export interface OwnershipFigure {
  years: OwnershipYear[]
  total: Amount<'money'>
}

/**
 * What does the machine cost over its years?
 *
 * What is bought counts in the first, energy with its yearly rise, drives by how many of them fail in a year, flash
 * when its life is over. Warranties, time and media for the second copy are not counted.
 *
 * Four drives at 165.00 of which 1.5 in a hundred fail cost 9.90 a year to replace.
 */
export function ownership(input: OwnershipInput, assumed: Ownership): OwnershipFigure {
  const { purchase, drives, flash, energyPerYear } = input
  const replacements = replacementsPerYear(drives, assumed)
  const years = Array.from({ length: assumed.years }, (_, index): OwnershipYear => {
    const year = index + 1
    const isLast = year === assumed.years
    return {
      year,
      purchase: index === 0 ? purchase : exactly(0, 'money'),
      energy: energyPerYear
        ? mapAmount(energyPerYear, (minor) => minor * yearsWorth(year, assumed))
        : exactly(0, 'money', [{ pieceId: null, field: 'energy' }]),
      replacements,
      flash: flashInYear(flash, year),
      resaleMinor:
        isLast && assumed.keptValuePercent !== null
          ? (purchase.likely * assumed.keptValuePercent) / 100
          : 0,
    }
  })
  const spent = years.flatMap((one) => [one.purchase, one.energy, one.replacements, one.flash])
  const back = years.reduce((sum, { resaleMinor }) => sum + resaleMinor, 0)
  return { years, total: mapAmount(sumOf(spent, 'money'), (minor) => Math.max(0, minor - back)) }
}

/** What a year costs against one without a rise: 1 in the first where the price rises in yearly steps. */
function yearsWorth(year: number, { risePercent, rise }: Ownership): number {
  const stream = { onceMinor: 0, perMonthMinor: 1 / MONTHS_PER_YEAR, risePercent, rise }
  return spentBy(stream, year * MONTHS_PER_YEAR) - spentBy(stream, (year - 1) * MONTHS_PER_YEAR)
}

/** Expected money for drives that fail in a year. */
export function replacementsPerYear(
  drives: readonly WornDrive[],
  { newFailuresPercent, usedFailuresPercent }: Ownership,
): Amount<'money'> {
  return sumOf(
    drives.map(({ pieceId, priceMinor, isUsed }) => {
      const share = (isUsed ? usedFailuresPercent : newFailuresPercent) / 100
      return priceMinor === null ? lacking(pieceId) : exactly(priceMinor * share, 'money')
    }),
    'money',
  )
}

const lacking = (pieceId: string): Amount<'money'> =>
  exactly(0, 'money', [{ pieceId, field: 'price' }])

/** Flash whose life ends in this year: none, one, or several where it is written to death within months. */
function flashInYear(flash: readonly WornFlash[], year: number): Amount<'money'> {
  return sumOf(
    flash.map(({ pieceId, priceMinor, years, missing }) => {
      if (!years) return exactly(0, 'money', missing)
      const ends = (life: number): number => {
        const span = Math.max(SHORTEST_LIFE_YEARS, life)
        return Math.floor(year / span) - Math.floor((year - 1) / span)
      }
      const counts = [ends(years.low), ends(years.likely), ends(years.high)]
      if (Math.max(...counts) === 0) return exactly(0, 'money')
      if (priceMinor === null) return lacking(pieceId)
      // A longer life can end in this year when a shorter one does not, so the ends are put in order.
      return {
        low: Math.min(...counts) * priceMinor,
        likely: ends(years.likely) * priceMinor,
        high: Math.max(...counts) * priceMinor,
        unit: 'money' as const,
        missing: [],
      }
    }),
    'money',
  )
}
