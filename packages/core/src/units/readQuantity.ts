import { readNumber } from './readNumber'

/** Units of one kind, by how they are written, in the smallest of them. */
type Units = Readonly<Record<string, number>>

const SIZES: Units = {
  B: 1,
  kB: 1e3,
  MB: 1e6,
  GB: 1e9,
  TB: 1e12,
  PB: 1e15,
  KiB: 2 ** 10,
  MiB: 2 ** 20,
  GiB: 2 ** 30,
  TiB: 2 ** 40,
  PiB: 2 ** 50,
}

/** Bytes and bits a second are told apart by their letter, B and b; so are those of one kind here. */
const RATES: Units = {
  ...Object.fromEntries(Object.entries(SIZES).map(([unit, bytes]) => [`${unit}/s`, bytes])),
  ...Object.fromEntries(
    Object.entries({ '': 1, k: 1e3, M: 1e6, G: 1e9 }).flatMap(([prefix, bits]) =>
      ['b/s', 'bit/s', 'bps'].map((unit) => [`${prefix}${unit}`, bits / 8]),
    ),
  ),
}

/** Every kind of unit that is understood; a value can only be turned into others of its kind. */
const KINDS: readonly Units[] = [
  SIZES,
  RATES,
  { mm: 1, cm: 10, m: 1_000, in: 25.4, '"': 25.4, inch: 25.4 },
  { g: 1, kg: 1_000 },
  { mW: 1e-3, W: 1, kW: 1e3 },
  { VA: 1, kVA: 1e3 },
  { mA: 1e-3, A: 1 },
  {
    min: 1,
    h: 60,
    hour: 60,
    hours: 60,
    d: 1_440,
    day: 1_440,
    days: 1_440,
    week: 10_080,
    weeks: 10_080,
  },
  { month: 1, months: 1, year: 12, years: 12 },
  { 'dB(A)': 1, dBA: 1, dB: 1 },
  { '°C': 1, C: 1 },
  { '%': 1 },
]

export interface ReadQuantity {
  /** In the unit that was asked for. */
  value: number
  /** The unit as it was written; empty where none was. */
  writtenUnit: string
  isAmbiguous: boolean
}

/** What cannot be read, and why. */
export type QuantityProblem = 'no number' | 'another kind of unit' | 'B or b'

/**
 * A number with or without its unit, as people write it, turned into the unit that is asked for.
 *
 * Case says nothing but in rates, where MB/s are bytes and Mb/s are bits.
 *
 * @param unit the unit that is asked for, and that is meant where none is written
 * @example readQuantity('43 cm', 'mm') // { value: 430, writtenUnit: 'cm', isAmbiguous: false }
 */
export function readQuantity(
  text: string,
  unit: string,
): ReadQuantity | { problem: QuantityProblem } {
  const [, digits = '', written = ''] = /^(.*?[\d.,])\s*([^\d.,\s][^\d]*)?$/.exec(text.trim()) ?? []
  const number = readNumber(digits)
  if (!number) return { problem: 'no number' }
  const { value, isAmbiguous } = number
  const name = written.trim()
  if (name === '' || name === unit) return { value, writtenUnit: '', isAmbiguous }
  const kind = KINDS.find((units) => unit in units)
  const into = kind?.[unit]
  if (!kind || into === undefined) return { problem: 'another kind of unit' }
  const found = unitNamed(kind, name)
  if (found === null)
    return { problem: kind === RATES && isRate(name) ? 'B or b' : 'another kind of unit' }
  return { value: (value * found.size) / into, writtenUnit: found.unit, isAmbiguous }
}

function unitNamed(kind: Units, name: string): { unit: string; size: number } | null {
  const exact = kind[name]
  if (exact !== undefined) return { unit: name, size: exact }
  if (kind === RATES) return null
  const same = Object.entries(kind).find(([unit]) => unit.toLowerCase() === name.toLowerCase())
  return same ? { unit: same[0], size: same[1] } : null
}

const isRate = (name: string): boolean =>
  Object.keys(RATES).some((unit) => unit.toLowerCase() === name.toLowerCase())
