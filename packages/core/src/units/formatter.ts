import { binaryBytes, decimalBytes, type Quantity } from './bytes'
import { moneyText } from './money'
import { numberText } from './numberText'

/** How figures are written for one user: their digits, always with the unit. */
export interface Formatter {
  locale: string
  number: (value: number, digits?: number) => string
  /** Space as a file system shows it: KiB to PiB. */
  space: (bytes: number, digits?: number) => string
  /** A drive as sold: GB, TB. */
  drive: (bytes: number) => string
  watts: (watts: number, digits?: number) => string
  /** What a link or a drive moves: decimal MB/s. */
  rate: (bytesPerSecond: number) => string
  money: (minor: number, currency: string) => string
  /** Money without the part after the point, for totals where cents say nothing. */
  roundMoney: (minor: number, currency: string) => string
  percent: (share: number, digits?: number) => string
  /** "1 drive", "3 drives". */
  counted: (count: number, noun: string, plural?: string) => string
}

const inOne = ({ value, unit }: Quantity): string => `${value} ${unit}`

const made = new Map<string, Formatter>()

/** The formatter for a locale, as `de-AT`. */
export function formatterFor(locale: string): Formatter {
  let format = made.get(locale)
  if (!format) {
    format = makeFormatter(locale)
    made.set(locale, format)
  }
  return format
}

function makeFormatter(locale: string): Formatter {
  const number = (value: number, digits = 0): string => numberText(value, digits, locale)
  return {
    locale,
    number,
    space: (bytes, digits = 1) => inOne(binaryBytes(bytes, digits, locale)),
    drive: (bytes) => inOne(decimalBytes(bytes, 1, locale)),
    watts: (watts, digits = 0) => `${number(watts, digits)} W`,
    rate: (bytesPerSecond) => `${number(bytesPerSecond / 1_000_000)} MB/s`,
    money: (minor, currency) => moneyText(minor, currency, locale),
    roundMoney: (minor, currency) => moneyText(minor, currency, locale, true),
    percent: (share, digits = 0) => `${number(share * 100, digits)} %`,
    counted: (count, noun, plural = `${noun}s`) =>
      `${number(count)} ${count === 1 ? noun : plural}`,
  }
}
