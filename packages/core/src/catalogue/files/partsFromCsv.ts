import Papa from 'papaparse'
import { problemsOf } from '../problem'
import { kindWords } from '../kindWords'
import { fieldToday } from '../oldFields'
import { keptPart } from '../keptPart'
import { partColumns } from '../partColumns'
import type { CataloguePart, PartKind } from '../partKinds'
import { type SheetColumn, withColumnValue } from '../sheetColumns'
import { slugOf } from '../slugOf'
import { readCell, withoutGuard } from './cells'
import { LEADING_COLUMNS, SOURCES_COLUMN } from './partsToCsv'
import { type ReadParts, type RowProblem, seenBefore } from './rowProblem'

interface Row {
  line: number
  cells: string[]
}

/**
 * Reads parts of one kind from comma-separated text. Good rows are taken, each bad one is told.
 *
 * The separator may be a comma, a semicolon or a tab; numbers have a point. The kind is that of the
 * first row. A row without a slug gets one from its maker and model.
 */
export function partsFromCsv(text: string): ReadParts {
  const rows = rowsOf(text)
  const [head, first] = rows
  if (!head) return { parts: [], problems: [{ line: 1, column: '', reason: 'The file is empty.' }] }
  const written = head.cells.map((name) => name.trim())
  const kind = kindIn(written, first)
  if (typeof kind !== 'string') return { parts: [], problems: [kind] }
  const names = written.map((name) => fieldToday(kind, name))
  const columns = new Map(partColumns(kind).map((column) => [column.name, column]))
  const known = new Set<string>([...LEADING_COLUMNS, ...columns.keys(), SOURCES_COLUMN])
  const problems: RowProblem[] = names
    .filter((name) => name !== '' && !known.has(name))
    .map((column) => ({
      line: 1,
      column,
      reason: 'This kind of part has no such column; it is left out.',
    }))
  const parts: CataloguePart[] = []
  const repeated = seenBefore()
  for (const { line, cells } of rows.slice(1)) {
    const read = partOfRow(kind, columns, names, cells)
    const bad = Array.isArray(read) ? read.map((one) => ({ ...one, line })) : []
    const again = Array.isArray(read) ? null : repeated(read.slug, line)
    if (bad.length > 0) problems.push(...bad)
    else if (again) problems.push(again)
    else parts.push(read as CataloguePart)
  }
  return { parts, problems }
}

/** Rows that are not blank, each with the line it begins in: a quoted cell may run over several. */
function rowsOf(text: string): Row[] {
  const plain = text.replace(/^\uFEFF/, '')
  // The names in the first line hold no separators, while cells hold lists: only the first line tells.
  const head = /^[^\r\n]*/.exec(plain)?.[0] ?? ''
  const delimiter = [',', ';', '\t'].find((one) => head.includes(one)) ?? ','
  const { data } = Papa.parse<string[]>(plain, { delimiter })
  let line = 1
  const rows: Row[] = []
  for (const cells of data) {
    if (cells.some((cell) => cell.trim() !== '')) rows.push({ line, cells })
    line += 1 + cells.reduce((sum, cell) => sum + (cell.match(/\r\n|\r|\n/g)?.length ?? 0), 0)
  }
  return rows
}

function kindIn(names: readonly string[], first: Row | undefined): PartKind | RowProblem {
  const at = names.indexOf('kind')
  const kinds = kindWords.map(({ kind }) => kind)
  if (at === -1) {
    return {
      line: 1,
      column: 'kind',
      reason: 'The first line must name the columns, kind among them.',
    }
  }
  const said = first?.cells[at]?.trim()
  const kind = kinds.find((one) => one === said)
  if (kind) return kind
  return {
    line: first?.line ?? 1,
    column: 'kind',
    reason: `kind must be one of ${kinds.join(', ')}.`,
  }
}

type BadCell = Omit<RowProblem, 'line'>

function partOfRow(
  kind: PartKind,
  columns: ReadonlyMap<string, SheetColumn>,
  names: readonly string[],
  cells: readonly string[],
): CataloguePart | BadCell[] {
  if (cells.length > names.length) {
    return [{ column: '', reason: `There are ${cells.length} cells for ${names.length} columns.` }]
  }
  const lead = new Map<string, string>()
  let sheet: Record<string, unknown> = { kind }
  const bad: BadCell[] = []
  names.forEach((name, index) => {
    const cell = withoutGuard(cells[index]?.trim() ?? '')
    const column = columns.get(name)
    if (!column) {
      lead.set(name, cell)
      return
    }
    if (cell === '' && !column.optional) return
    const read = readCell(column, cell)
    if ('reason' in read) bad.push({ column: name, reason: read.reason })
    else sheet = withColumnValue(sheet, name, read.value)
  })
  if (lead.get('kind') !== kind) {
    bad.push({
      column: 'kind',
      reason: `This file is of kind ${kind}; each kind has a file of its own.`,
    })
  }
  sheet.sources = sourcesOf(lead.get(SOURCES_COLUMN) ?? '')
  if (bad.length > 0) return bad
  const named = sheet as { maker?: string; model?: string }
  // An empty cell says nothing, as a column that is not there.
  const said = (name: string): string | undefined =>
    lead.get(name) === '' ? undefined : lead.get(name)
  const owned = said('ownedPieces')
  // A row has the price among the values of its sheet, as data sheets once had.
  const part = keptPart.safeParse(
    {
      slug: said('slug') ?? slugOf({ maker: named.maker ?? '', model: named.model ?? '' }),
      version: Number(said('version') ?? 1),
      sheet,
      ...(owned && owned !== '0' ? { ownedPieces: Number(owned) } : {}),
    },
    { reportInput: true },
  )
  if (part.success) return part.data
  return problemsOf(part.error.issues, 5).map(({ field, sentence }) => ({
    column: field.replace(/^sheet\./, ''),
    reason: sentence.replace(/^sheet\./, ''),
  }))
}

function sourcesOf(cell: string): Record<string, string> {
  return Object.fromEntries(
    cell
      .split(';')
      .map((entry) => entry.trim())
      .filter((entry) => entry !== '')
      .map((entry) => {
        const [field = '', source = ''] = entry.split('=')
        return [field.trim(), source.trim()]
      }),
  )
}
