import { columnValue, sheetColumns } from '../sheetColumns'
import type { PartSheet } from '../partKinds'
import { readQuantity } from '../../units/readQuantity'
import { type Measure, measures } from './measures'

interface Condition {
  measure: Measure
  keeps: (value: number) => boolean
}

export interface PartQuery {
  conditions: Condition[]
  /** What is left: words that the part must have. */
  words: string[]
}

const COMPARISONS: readonly { words: string; keeps: (value: number, limit: number) => boolean }[] =
  [
    { words: 'at least|from|>=|≥', keeps: (value, limit) => value >= limit },
    { words: 'at most|up to|<=|≤', keeps: (value, limit) => value <= limit },
    { words: 'under|below|less than|<', keeps: (value, limit) => value < limit },
    { words: 'over|above|more than|>', keeps: (value, limit) => value > limit },
    { words: 'exactly|=', keeps: (value, limit) => value === limit },
  ]

const NUMBER = '[0-9][0-9.,]*'
const UNIT = '(?:\\s*(?:mm|cm|m|in|[kmgtp]i?b|kw|w|db(?:\\(a\\))?|kg|g|eur|€))?'

/**
 * Understands a question about parts: measurements with a comparison, the rest as words.
 *
 * A measurement is written with its name before or after: "depth under 400", "at least 8 bays". What is
 * not understood stays a word, so nothing is lost.
 *
 * @example parsePartQuery('rack, at least 8 bays').words // ['rack']
 */
export function parsePartQuery(text: string): PartQuery {
  // A comma between digits is part of a number.
  let rest = ` ${text.toLowerCase().replaceAll(/,(?!\d)|(?<!\d),/g, ' , ')} `
  const conditions: Condition[] = []
  for (const measure of measures) {
    const names = measure.words.map((word) => word.replace(/[^a-z]/g, '')).join('|')
    for (const { words, keeps } of COMPARISONS) {
      const patterns = [
        new RegExp(`\\s(?:${names})\\s*(?:${words})\\s*(${NUMBER}${UNIT})(?=\\s)`),
        new RegExp(`(?:\\s|^)(?:${words})\\s*(${NUMBER}(?:\\s*(?:mm|cm))?)\\s*(?:${names})(?=\\s)`),
      ]
      for (const pattern of patterns) {
        const found = pattern.exec(rest)
        if (!found) continue
        const limit = limitOf(found[1] ?? '', measure)
        if (limit === null) continue
        conditions.push({ measure, keeps: (value) => keeps(value, limit) })
        rest = rest.replace(found[0], ' ')
      }
    }
  }
  return { conditions, words: rest.split(/[\s,]+/).filter((word) => word !== '' && word !== 'and') }
}

/** A number of a question in the unit of what it is about; null for one that is none, or of another kind. */
function limitOf(text: string, { unit }: Measure): number | null {
  const plain = text.replace(/\s*(?:eur|€)$/, '')
  const read = readQuantity(plain, unit ?? '')
  return 'problem' in read ? null : read.value
}

/**
 * Whether a part answers a question. A value that its data sheet lacks answers no measurement.
 *
 * @param text the part's own words, as a list shows them
 */
export function matches(sheet: PartSheet, text: string, { conditions, words }: PartQuery): boolean {
  const lower = text.toLowerCase()
  return (
    words.every((word) => lower.includes(word)) &&
    conditions.every(({ measure, keeps }) => {
      const value = measure.of(sheet)
      return typeof value === 'number' && keeps(value)
    })
  )
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
