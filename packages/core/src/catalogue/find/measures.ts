import { minorPerMajor } from '../../units/money'
import type { CataloguePart, PartSheet } from '../partKinds'

/** Something on a data sheet that one can ask for by number. */
export interface Measure {
  /** What it may be called in a question. */
  words: readonly [string, ...string[]]
  /** The unit that it is in, and that numbers without one are taken in; null where it is a count. */
  unit: string | null
  /** In the unit that people ask in; null where the sheet does not say, undefined where it has no such thing. */
  of: (part: Searched) => number | null | undefined
}

/** What of a part can be asked for. */
export type Searched = Pick<CataloguePart, 'sheet' | 'price'>

const field =
  (...names: string[]) =>
  ({ sheet }: { sheet: PartSheet }): number | null | undefined => {
    for (const name of names) {
      const value = (sheet as unknown as Record<string, unknown>)[name]
      if (typeof value === 'number' || value === null) return value
    }
    return undefined
  }

const length =
  (name: string) =>
  ({ sheet }: Searched) => {
    const value = (sheet as unknown as Record<string, unknown>)[name]
    return Array.isArray(value) ? value.length : value === null ? null : undefined
  }

/** Every measure. A new one is one line here. */
export const measures: readonly Measure[] = [
  { words: ['depth', 'deep'], unit: 'mm', of: field('depthMm') },
  { words: ['width', 'wide'], unit: 'mm', of: field('widthMm') },
  { words: ['height', 'tall', 'high'], unit: 'mm', of: field('heightMm') },
  { words: ['length', 'long'], unit: 'mm', of: field('lengthMm') },
  { words: ['thick'], unit: 'mm', of: field('thicknessMm') },
  { words: ['bays', 'bay'], unit: null, of: bays },
  { words: ['ports', 'port'], unit: null, of: field('drivePorts', 'ports', 'sataPorts') },
  { words: ['sata'], unit: null, of: field('sataPorts', 'sataPlugs') },
  { words: ['slots', 'slot'], unit: null, of: length('slots') },
  { words: ['openings'], unit: null, of: field('cardOpenings', 'openings') },
  { words: ['cores', 'core'], unit: null, of: field('cores') },
  { words: ['lanes'], unit: null, of: field('lanes') },
  { words: ['idle'], unit: 'W', of: field('idleWatts', 'deepIdleWatts', 'fansIdleWatts') },
  { words: ['rated', 'watts', 'w'], unit: 'W', of: field('ratedWatts', 'peakWatts', 'idleWatts') },
  { words: ['noise', 'db'], unit: 'dB(A)', of: field('noiseDecibels', 'fansNoiseDecibels') },
  { words: ['weight', 'g'], unit: 'g', of: field('weightGrams') },
  {
    words: ['price', 'cost'],
    unit: null,
    of: ({ price }) => (price ? price.unitMinor / minorPerMajor(price.currency) : null),
  },
  {
    words: ['capacity', 'tb'],
    unit: 'TB',
    of: (part) => scaled(field('capacityBytes')(part), 1e12),
  },
  { words: ['gb'], unit: 'GB', of: (part) => scaled(field('capacityBytes')(part), 1e9) },
  { words: ['rpm'], unit: null, of: field('rpm') },
  { words: ['fans', 'fan'], unit: null, of: field('fanCount', 'fanHeaders') },
]

/**
 * The measure that a name is the first of.
 *
 * @throws Error for a name that is none, which is a mistake of the code
 */
export function measureNamed(name: string): Measure {
  const measure = measures.find(({ words: [first] }) => first === name)
  if (!measure) throw new Error(`There is no measure ${name}.`)
  return measure
}

function bays({ sheet }: Searched): number | undefined {
  if (sheet.kind === 'chassis') {
    return sheet.bayBlocks.reduce((sum, { rows, columns }) => sum + rows * columns, 0)
  }
  if (sheet.kind === 'cage' || sheet.kind === 'enclosure') return sheet.rows * sheet.columns
  return undefined
}

function scaled(value: number | null | undefined, by: number): number | null | undefined {
  return typeof value === 'number' ? value / by : value
}
