import { keptNumberFormat } from './numberText'

/**
 * Money in whole minor units (cents), as text in the user's own digits.
 *
 * @param minor minor units; how many make a major one is the currency's own
 * @param currency ISO 4217 code
 * @example moneyText(341250, 'EUR', 'en') // '€3,412.50'
 */
export function moneyText(
  minor: number,
  currency: string,
  locale: string,
  wholeUnitsOnly = false,
): string {
  const manner = `money ${currency}${wholeUnitsOnly ? ' whole' : ''}`
  const format = keptNumberFormat(locale, manner, () => ({
    style: 'currency',
    currency,
    ...(wholeUnitsOnly ? { maximumFractionDigits: 0 } : {}),
  }))
  return format.format(minor / minorPerMajor(currency))
}

const minorUnitsKept = new Map<string, number>()

/** Minor units in one major unit: 100 cents a euro, 1 for the yen. Source: ISO 4217, by way of CLDR. */
export function minorPerMajor(currency: string): number {
  let units = minorUnitsKept.get(currency)
  if (units === undefined) {
    const format = new Intl.NumberFormat('en', { style: 'currency', currency })
    units = 10 ** (format.resolvedOptions().maximumFractionDigits ?? 2)
    minorUnitsKept.set(currency, units)
  }
  return units
}
