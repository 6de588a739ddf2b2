import { columnValue, sheetColumns } from '../sheetColumns'
import type { PartSheet } from '../partKinds'
import { readQuantity } from '../../units/readQuantity'
import { adjectives } from './adjectives'
import { type Comparison, isAsked } from './comparison'
import { type Measure, measures, measureNamed, type Searched } from './measures'

/** What was understood of a piece of a question: "depth under 400 mm". */
export interface Understood {
  /** What it is about, by the first name of the measure. */
  measure: string
  comparison: Comparison
  value: number
  /** Null for a count. */
  unit: string | null
}

/** One thing that a part must have. */
export interface Criterion {
  /** As it was typed. */
  source: string
  /** Null for a word that the part must have somewhere. */
  understood: Understood | null
  keeps: (part: Searched, lowerText: string) => boolean
}

export interface PartQuery {
  criteria: Criterion[]
}

const COMPARISONS: readonly { words: string; comparison: Comparison }[] = [
  { words: 'at least|from|>=|≥', comparison: 'at least' },
  { words: 'at most|up to|<=|≤', comparison: 'at most' },
  { words: 'under|below|less than|<', comparison: 'under' },
  { words: 'over|above|more than|>', comparison: 'over' },
  { words: 'exactly|=', comparison: 'exactly' },
]

const NUMBER = '[0-9][0-9.,]*'
const UNIT = '(?:\\s*(?:mm|cm|m|in|[kmgtp]i?b|kw|w|db(?:\\(a\\))?|kg|g|eur|€))?'
const SIZE = new RegExp(`\\s(${NUMBER}\\s*[mgtp]i?b)(?=\\s)`)
/** Revolutions a minute that drives are made for; nothing else of a part is said by such a number alone. */
const SPEED = /\s((?:5400|5700|5900|7200|10000|15000)(?:\s*rpm)?)(?=\s)/

/**
 * Understands a question about parts: measurements with a comparison, sizes and speeds as they are, words like
 * "quiet" that stand for a measurement, the rest as words.
 *
 * A measurement is written with its name before or after: "depth under 400", "at least 8 bays". What is
 * not understood stays a word, so nothing is lost.
 *
 * @example parsePartQuery('rack, at least 8 bays').criteria.map(({ source }) => source) // ['at least 8 bays', 'rack']
 */
export function parsePartQuery(text: string): PartQuery {
  // A comma between digits is part of a number.
  let rest = ` ${text.toLowerCase().replaceAll(/,(?!\d)|(?<!\d),/g, ' , ')} `
  const criteria: Criterion[] = []
  const take = (pattern: RegExp, measure: Measure, comparison: Comparison): void => {
    const found = pattern.exec(rest)
    const value = found ? limitOf(found[1] ?? '', measure) : null
    if (!found || value === null) return
    criteria.push(measured(found[0].trim(), measure, comparison, value))
    rest = rest.replace(found[0], ' ')
  }
  for (const measure of measures) {
    const names = measure.words.join('|')
    for (const { words, comparison } of COMPARISONS) {
      take(
        new RegExp(`\\s(?:${names})\\s*(?:${words})\\s*(${NUMBER}${UNIT})(?=\\s)`),
        measure,
        comparison,
      )
      take(
        new RegExp(`(?:\\s|^)(?:${words})\\s*(${NUMBER}(?:\\s*(?:mm|cm))?)\\s*(?:${names})(?=\\s)`),
        measure,
        comparison,
      )
    }
  }
  take(SIZE, measureNamed('capacity'), 'about')
  take(SPEED, measureNamed('rpm'), 'exactly')
  const words = rest.split(/[\s,]+/).filter((word) => word !== '' && word !== 'and')
  return { criteria: [...criteria, ...words.map(wordCriterion)] }
}

function measured(
  source: string,
  { words, unit, of }: Measure,
  comparison: Comparison,
  value: number,
): Criterion {
  return {
    source,
    understood: { measure: words[0], comparison, value, unit },
    keeps: (part) => {
      const has = of(part)
      return typeof has === 'number' && isAsked[comparison](has, value)
    },
  }
}

function wordCriterion(word: string): Criterion {
  const adjective = adjectives.get(word)
  if (adjective) {
    const { measure, comparison, value } = adjective
    return measured(word, measureNamed(measure), comparison, value)
  }
  return { source: word, understood: null, keeps: (_, lowerText) => lowerText.includes(word) }
}

/** A number of a question in the unit of what it is about; null for one that is none, or of another kind. */
function limitOf(text: string, { unit }: Measure): number | null {
  const plain = text.replace(/\s*(?:eur|€|rpm)$/, '')
  const read = readQuantity(plain, unit ?? '')
  return 'problem' in read ? null : read.value
}

/**
 * Whether a part answers a question. A value that its data sheet lacks answers no measurement.
 *
 * @param text the part's own words, as a list shows them
 */
export function matches(part: Searched, text: string, { criteria }: PartQuery): boolean {
  const lower = text.toLowerCase()
  return criteria.every(({ keeps }) => keeps(part, lower))
}

/** A question that leaves one criterion out, and how many parts then answer it. */
export interface NearMiss {
  without: Criterion
  /** The question as it may be typed. */
  question: string
  count: number
}

/**
 * Where nothing has all of it: what is to be left out so that something has the rest, the most first.
 *
 * @param textOf the words of a part, as for `matches`
 */
export function nearMisses(
  parts: readonly Searched[],
  textOf: (sheet: PartSheet) => string,
  { criteria }: PartQuery,
): NearMiss[] {
  if (criteria.length < 2) return []
  return criteria
    .map((without) => {
      const rest = criteria.filter((one) => one !== without)
      const count = parts.filter((part) =>
        matches(part, textOf(part.sheet), { criteria: rest }),
      ).length
      return { without, question: rest.map(({ source }) => source).join(', '), count }
    })
    .filter(({ count }) => count > 0)
    .toSorted((one, other) => other.count - one.count)
}

/** Everything on a data sheet that can be asked for as a word. */
export function sheetText(sheet: PartSheet): string {
  const values = sheetColumns(sheet.kind).flatMap(({ name, type }) => {
    const value = columnValue(sheet, name)
    return type === 'text' || type === 'choice' || type === 'list' ? [value].flat() : []
  })
  const words = values.filter((value) => typeof value === 'string' || typeof value === 'number')
  return [sheet.kind, ...words].join(' ')
}
