const formats = new Map<string, Intl.NumberFormat>()

/**
 * The formatter for a locale and a manner, made once.
 *
 * Formatters are costly to make and cheap to use, and a design is evaluated thousands of times.
 *
 * @param manner names the options apart from others, as "number 1"
 */
export function keptNumberFormat(
  locale: string,
  manner: string,
  options: () => Intl.NumberFormatOptions,
): Intl.NumberFormat {
  const key = `${locale} ${manner}`
  let format = formats.get(key)
  if (!format) {
    format = new Intl.NumberFormat(locale, options())
    formats.set(key, format)
  }
  return format
}

/**
 * A number in the user's digits.
 * @example numberText(1234.56, 1, 'en') // '1,234.6'
 */
export function numberText(value: number, digits: number, locale: string): string {
  const options = () => ({ maximumFractionDigits: digits })
  return keptNumberFormat(locale, `number ${digits}`, options).format(value)
}
