import {
  type CataloguePart,
  columnValue,
  fieldWords,
  isSaidOf,
  partColumns,
  partKinds,
  type PartSheet,
  partValues,
  type SheetColumn,
} from '@flint/core/editing'
import { format } from '../controls/locale'
import { isSaidOfSlot } from './plainPci'

/** A data sheet with what is asked for the part. */
type Priced = Pick<CataloguePart, 'sheet' | 'price'>

/** Memory and what a board addresses are counted in powers of two, drives as they are sold. */
const IN_POWERS_OF_TWO = new Set(['board', 'memory'])

/** Sectors and packets are told to the byte, whatever holds files is not. */
const FEWEST_ROUNDED_BYTES = 1e6

/** A value of a data sheet as people read it, with its unit. */
export function valueWords(part: Priced, column: SheetColumn): string {
  const value = columnValue(partValues(part), column.name)
  if (value === null) return isSaid(part, column) ? 'not known' : 'does not apply'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (column.type === 'parts') return partsWords(value as PartSheet[])
  if (Array.isArray(value)) return listWords(value)
  if (typeof value === 'number') return numberWords(part, column, value)
  if (typeof value !== 'string') return ''
  return choiceWords(column, value)
}

/** One of the values that can be chosen. Drives and bays are named by inches, or by what they are put into. */
export function choiceWords({ name }: Pick<SheetColumn, 'name'>, choice: string | number): string {
  const isInInches = name === 'formFactor' && !Number.isNaN(Number(choice))
  return isInInches ? `${choice}"` : String(choice)
}

/** Whether a value says anything of a part: it is there, or could be beside what else the part is. */
export function isSaid(part: Priced, { name }: SheetColumn): boolean {
  const values = partValues(part)
  const valueOf = (other: string): unknown => columnValue(values, other)
  return valueOf(name) !== null || isSaidOf(part.sheet.kind, name, valueOf)
}

function numberWords({ sheet, price }: Priced, { unit }: SheetColumn, value: number): string {
  switch (unit) {
    case 'cents':
      return price ? format.money(value, price.currency) : String(value)
    case 'B':
      if (value < FEWEST_ROUNDED_BYTES) return `${format.number(value)} B`
      return IN_POWERS_OF_TWO.has(sheet.kind) ? format.space(value) : format.drive(value)
    case 'B/s':
      return `${format.number(value / 1e6)} MB/s`
    case 'bit/s':
      return `${format.number(value / 1e9, 1)} Gb/s`
    case '':
      return format.number(value, 2)
    default:
      return `${format.number(value, 2)} ${unit}`
  }
}

function listWords(entries: unknown[]): string {
  if (entries.length === 0) return 'none'
  const isTable = entries.some((entry) => typeof entry === 'object')
  return entries.map(entryWords).join(isTable ? '\n' : ', ')
}

/** A part with what it is: "board Bramble One". */
export const partName = ({ kind, maker, model }: PartSheet): string =>
  `${partKinds[kind].words.one} ${maker} ${model}`

/** Whole parts, as what comes in a machine: each by its name. */
const partsWords = (sheets: readonly PartSheet[]): string =>
  sheets.length === 0 ? 'none' : sheets.map(partName).join('\n')

/** One entry of a list, or one row of a table as "key M, carries PCIe". */
function entryWords(entry: unknown): string {
  if (typeof entry !== 'object' || entry === null) return String(entry)
  const { bus } = entry as { bus?: unknown }
  return Object.entries(entry)
    .filter(([key, value]) => value !== null && isSaidOfSlot(bus, key))
    .map(([key, value]) => {
      const { label, unit } = fieldWords(key)
      const text =
        typeof value === 'object'
          ? `(${entryWords(value)})`
          : typeof value === 'boolean'
            ? value
              ? 'yes'
              : 'no'
            : choiceWords({ name: key }, value as string | number)
      return `${label} ${text}${unit && ` ${unit}`}`
    })
    .join(', ')
}

/** The values of a kind worth showing: the name stands over them, the currency is in the price. */
export function shownColumns(kind: PartSheet['kind']): SheetColumn[] {
  return partColumns(kind).filter(
    ({ name }) => !['maker', 'model', 'price.currency'].includes(name),
  )
}

/** Where a value came from, in words. */
export function sourceWords(part: Priced, { name }: SheetColumn): string {
  const { sources } = part.sheet
  const [top = ''] = name.split('.')
  if (columnValue(partValues(part), name) === null) return ''
  return sources[name] ?? sources[top] ?? "maker's sheet"
}
