import { numberText } from './numberText'

export const KIB = 2 ** 10
export const MIB = 2 ** 20
export const GIB = 2 ** 30
export const TIB = 2 ** 40
/** One decimal gigabyte, as on a drive's label. */
export const GB = 1e9
/** One decimal terabyte, as on a drive's label. */
export const TB = 1e12

/** A number and its unit, apart, so that a screen can set them in different type. */
export interface Quantity {
  value: string
  unit: string
}

type Step = readonly [bytes: number, unit: string]

const BINARY_STEPS: readonly Step[] = [
  [2 ** 50, 'PiB'],
  [TIB, 'TiB'],
  [GIB, 'GiB'],
  [MIB, 'MiB'],
  [KIB, 'KiB'],
]

const DECIMAL_STEPS: readonly Step[] = [
  [1e15, 'PB'],
  [TB, 'TB'],
  [GB, 'GB'],
  [1e6, 'MB'],
  [1e3, 'kB'],
]

function inSteps(bytes: number, steps: readonly Step[], digits: number, locale: string): Quantity {
  const [size, unit] = steps.find(([bytesOfStep]) => Math.abs(bytes) >= bytesOfStep) ?? [1, 'B']
  return { value: numberText(bytes / size, unit === 'B' ? 0 : digits, locale), unit }
}

/**
 * Bytes as a file system shows them: 2^40 bytes is 1 TiB.
 * @example binaryBytes(109951162777600, 1, 'en') // { value: '100', unit: 'TiB' }
 */
export function binaryBytes(bytes: number, digits: number, locale: string): Quantity {
  return inSteps(bytes, BINARY_STEPS, digits, locale)
}

/**
 * Bytes as drives are sold: 10^12 bytes is 1 TB.
 * @example decimalBytes(16000900661248, 1, 'en') // { value: '16', unit: 'TB' }
 */
export function decimalBytes(bytes: number, digits: number, locale: string): Quantity {
  return inSteps(bytes, DECIMAL_STEPS, digits, locale)
}
