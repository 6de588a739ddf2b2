const formats = new Map<string, Intl.NumberFormat>()

/** Formatters are costly to make and cheap to use, and a design is evaluated thousands of times. */
export function keptNumberFormat(
  locale: string,
  options: Intl.NumberFormatOptions,
): Intl.NumberFormat {
  const key = `${locale} ${JSON.stringify(options)}`
  let format = formats.get(key)
  if (!format) {
    format = new Intl.NumberFormat(locale, options)
    formats.set(key, format)
  }
  return format
}

/**
 * A number in the user's digits.
 * @example numberText(1234.56, 1, 'en') // '1,234.6'
 */
export function numberText(value: number, digits: number, locale: string): string {
  return keptNumberFormat(locale, { maximumFractionDigits: digits }).format(value)
}
