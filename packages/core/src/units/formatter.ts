import { apart } from './apart'
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
  drive: (bytes: number, digits?: number) => string
  watts: (watts: number, digits?: number) => string
  amps: (amperes: number, digits?: number) => string
  millimetres: (millimetres: number, digits?: number) => string
  /** What a link or a drive moves: decimal MB/s. */
  rate: (bytesPerSecond: number, digits?: number) => string
  money: (minor: number, currency: string) => string
  /** Money without the part after the point, for totals where cents say nothing. */
  roundMoney: (minor: number, currency: string) => string
  /** Round money, or to the last minor unit where any digits after the point are asked for. */
  moneyTo: (minor: number, currency: string, digits?: number) => string
  /** A share of 0 to 1; it never reads 100 % or 0 % when it is not. */
  percent: (share: number, digits?: number) => string
  /** "1 drive", "3 drives". */
  counted: (count: number, noun: string, plural?: string, digits?: number) => string
  /** Two figures with as few digits as tell them apart. */
  apart: typeof apart
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
  const percent = (share: number, digits = 0): string => {
    const text = number(share * 100, digits)
    if (share <= 0 || share >= 1) return `${text} %`
    const [told] = apart(share * 100, share > 0.5 ? 100 : 0, number, digits)
    return `${told} %`
  }
  return {
    locale,
    number,
    space: (bytes, digits = 1) => inOne(binaryBytes(bytes, digits, locale)),
    drive: (bytes, digits = 1) => inOne(decimalBytes(bytes, digits, locale)),
    watts: (watts, digits = 0) => `${number(watts, digits)} W`,
    amps: (amperes, digits = 1) => `${number(amperes, digits)} A`,
    millimetres: (millimetres, digits = 0) => `${number(millimetres, digits)} mm`,
    rate: (bytesPerSecond, digits = 0) => `${number(bytesPerSecond / 1_000_000, digits)} MB/s`,
    money: (minor, currency) => moneyText(minor, currency, locale),
    roundMoney: (minor, currency) => moneyText(minor, currency, locale, true),
    moneyTo: (minor, currency, digits = 0) => moneyText(minor, currency, locale, digits === 0),
    percent,
    counted: (count, noun, plural = `${noun}s`, digits = 0) =>
      `${number(count, digits)} ${count === 1 ? noun : plural}`,
    apart,
  }
}
