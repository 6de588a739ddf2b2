import { minorPerMajor } from '../../units/money'
import type { PartSheet } from '../partKinds'

/** Something on a data sheet that one can ask for by number. */
export interface Measure {
  /** What it may be called in a question. */
  words: readonly string[]
  /** In the unit that people ask in; null where the sheet does not say, undefined where it has no such thing. */
  of: (sheet: PartSheet) => number | null | undefined
}

const field =
  (...names: string[]) =>
  (sheet: PartSheet): number | null | undefined => {
    for (const name of names) {
      const value = (sheet as unknown as Record<string, unknown>)[name]
      if (typeof value === 'number' || value === null) return value
    }
    return undefined
  }

const length = (name: string) => (sheet: PartSheet) => {
  const value = (sheet as unknown as Record<string, unknown>)[name]
  return Array.isArray(value) ? value.length : value === null ? null : undefined
}

/** Every measure. A new one is one line here. */
export const measures: readonly Measure[] = [
  { words: ['depth', 'deep'], of: field('depthMm') },
  { words: ['width', 'wide'], of: field('widthMm') },
  { words: ['height', 'tall', 'high'], of: field('heightMm') },
  { words: ['length', 'long'], of: field('lengthMm') },
  { words: ['thick'], of: field('thicknessMm') },
  { words: ['bays', 'bay'], of: bays },
  { words: ['ports', 'port'], of: field('drivePorts', 'ports', 'sataPorts') },
  { words: ['sata'], of: field('sataPorts', 'sataPlugs') },
  { words: ['slots', 'slot'], of: length('slots') },
  { words: ['openings'], of: field('cardOpenings', 'openings') },
  { words: ['cores', 'core'], of: field('cores') },
  { words: ['lanes'], of: field('lanes') },
  { words: ['idle'], of: field('idleWatts', 'deepIdleWatts', 'fansIdleWatts') },
  { words: ['rated', 'watts', 'w'], of: field('ratedWatts', 'peakWatts', 'idleWatts') },
  { words: ['noise', 'db'], of: field('noiseDecibels', 'fansNoiseDecibels') },
  { words: ['weight', 'g'], of: field('weightGrams') },
  {
    words: ['price', 'cost'],
    of: ({ price }) => (price ? price.unitMinor / minorPerMajor(price.currency) : null),
  },
  { words: ['capacity', 'tb'], of: (sheet) => scaled(field('capacityBytes')(sheet), 1e12) },
  { words: ['gb'], of: (sheet) => scaled(field('capacityBytes')(sheet), 1e9) },
  { words: ['rpm'], of: field('rpm') },
  { words: ['fans', 'fan'], of: field('fanCount', 'fanHeaders') },
]

function bays(sheet: PartSheet): number | undefined {
  if (sheet.kind === 'chassis') {
    return sheet.bayBlocks.reduce((sum, { rows, columns }) => sum + rows * columns, 0)
  }
  if (sheet.kind === 'cage' || sheet.kind === 'enclosure') return sheet.rows * sheet.columns
  return undefined
}

function scaled(value: number | null | undefined, by: number): number | null | undefined {
  return typeof value === 'number' ? value / by : value
}
