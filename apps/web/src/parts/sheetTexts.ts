import type { StoredPart } from '@flint/contract'
import { GIB, minorPerMajor } from '@flint/core/drawing'
import {
  type CataloguePart,
  cataloguePart,
  columnValue,
  contradictions,
  type PartKind,
  partValues,
  problemsOf,
  type SheetColumn,
  withColumnValue,
} from '@flint/core/editing'
import { cellText, readCell } from '@flint/core/files'

/** What is typed in each field, by the name of its column. */
export type Texts = Record<string, string>

/** The currency of a brief that nobody has changed. */
const USUAL_CURRENCY = 'EUR'

const typed = cataloguePart.pick({ sheet: true, price: true })

/** What the fields of a form begin with. */
export function startTexts(columns: readonly SheetColumn[], from: StoredPart | null): Texts {
  if (!from) return { 'price.currency': USUAL_CURRENCY }
  const values = partValues(from)
  const texts = Object.fromEntries(
    columns.map((column) => {
      const value = columnValue(values, column.name)
      const shown = isMoney(column) && typeof value === 'number' ? value / perMajor(from) : value
      return [column.name, sizeText(column, shown) ?? cellText(column, shown)]
    }),
  )
  return from.slug === '' ? { ...texts, model: `${from.sheet.model}, own` } : texts
}

/** The data sheet and the price that the fields say, or what is wrong with each. */
export function readTyped(
  kind: PartKind,
  columns: readonly SheetColumn[],
  texts: Texts,
  sources: Texts,
): { part: Pick<CataloguePart, 'sheet' | 'price'> | null; problems: Texts } {
  const problems: Texts = {}
  let values: Record<string, unknown> = { kind, sources }
  for (const column of columns) {
    const text = texts[column.name] ?? ''
    if (text.trim() === '' && !column.optional) {
      problems[column.name] = 'A part needs this.'
      continue
    }
    // The usual currency stands in the form from the beginning, and says nothing without a price.
    const isUnpriced = column.name === 'price.currency' && !texts['price.unitMinor']?.trim()
    const read = readCell(column, isUnpriced ? '' : text)
    if ('reason' in read) {
      problems[column.name] = read.reason
      continue
    }
    const { value } = read
    const scale = minorPerMajor(currencyOr(texts['price.currency']))
    const stored = isMoney(column) && typeof value === 'number' ? Math.round(value * scale) : value
    values = withColumnValue(values, column.name, stored)
  }
  const { price = null, ...sheet } = values
  const parsed = typed.safeParse({ sheet, price }, { reportInput: true })
  const wrong = parsed.success ? contradictions(parsed.data.sheet) : problemsOf(parsed.error.issues)
  for (const { field: path, sentence } of wrong) {
    const field = path.replace(/^sheet\./, '')
    const column = columns.find(({ name }) => name === field || field.startsWith(`${name}[`))
    problems[column?.name ?? field] ??= sentence
  }
  const isGood = parsed.success && Object.keys(problems).length === 0
  return { part: isGood ? parsed.data : null, problems }
}

/** A size in whole GiB as such, as memory is sold; others stay bytes, since nothing of them may be lost. */
function sizeText({ unit }: SheetColumn, value: unknown): string | null {
  const isWhole = unit === 'B' && typeof value === 'number' && value > 0 && value % GIB === 0
  return isWhole ? `${value / GIB} GiB` : null
}

/** Prices are kept in cents and typed in whole units. */
const isMoney = ({ unit }: SheetColumn): boolean => unit === 'cents'

const perMajor = ({ price }: StoredPart): number => minorPerMajor(currencyOr(price?.currency))

/** A currency that is not written out yet has cents, as most have. */
const currencyOr = (text = ''): string =>
  /^[A-Z]{3}$/.test(text.trim()) ? text.trim() : USUAL_CURRENCY
