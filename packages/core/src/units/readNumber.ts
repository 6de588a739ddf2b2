/** A number that somebody wrote, and whether it could as well have meant another one. */
export interface ReadNumber {
  value: number
  /** "1,234" is a thousand and some to some, and one and a quarter to others. */
  isAmbiguous: boolean
}

/**
 * A number as people write it: with a point or a comma, and with spaces, points, commas or apostrophes between the
 * thousands.
 *
 * Of two kinds of signs the last one parts the decimals. One that comes twice parts thousands. A lone comma before
 * three digits parts thousands, a lone point decimals, and both are called ambiguous.
 *
 * @returns null for what is no number
 * @example readNumber('1.234,50') // { value: 1234.5, isAmbiguous: false }
 */
export function readNumber(text: string): ReadNumber | null {
  const plain = text.trim().replace(/(?<=\d)[\s\u00A0\u202F'’](?=\d{3}(?!\d))/g, '')
  if (/^[+-]?(\d+\.?\d*|\.\d+)e[+-]?\d+$/i.test(plain)) return sure(Number(plain))
  const [, sign = '', digits = ''] = /^([+-]?)([\d.,]*\d[\d.,]*)$/.exec(plain) ?? []
  if (digits === '') return null
  const signed = (value: number): number => (sign === '-' ? -value : value)
  const marks = digits.match(/[.,]/g) ?? []
  const [first] = marks
  const last = marks.at(-1)
  if (first === undefined || last === undefined) return sure(signed(Number(digits)))
  const isOneKind = first === last
  if (isOneKind && marks.length > 1) {
    const whole = withoutThousands(digits, first)
    return whole === null ? null : sure(signed(Number(whole)))
  }
  const at = digits.lastIndexOf(last)
  const [before, after] = [digits.slice(0, at), digits.slice(at + 1)]
  if (isOneKind) {
    const isAmbiguous = /^[1-9]\d{0,2}$/.test(before) && after.length === 3
    const value = isAmbiguous && last === ',' ? `${before}${after}` : `${before || '0'}.${after}`
    return { value: signed(Number(value)), isAmbiguous }
  }
  // Thousands before the decimals are parted by the other sign, and only by that.
  if (after.includes(first) || marks.filter((one) => one === last).length > 1) return null
  const whole = withoutThousands(before, first)
  return whole === null ? null : sure(signed(Number(`${whole}.${after}`)))
}

const sure = (value: number): ReadNumber => ({ value, isAmbiguous: false })

/** Digits in groups of three; null when they are not. */
function withoutThousands(digits: string, mark: string): string | null {
  const [head = '', ...groups] = digits.split(mark)
  const isGrouped = /^\d{1,3}$/.test(head) && groups.every((group) => /^\d{3}$/.test(group))
  return isGrouped ? [head, ...groups].join('') : null
}
