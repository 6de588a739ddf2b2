import type { StoredPart } from '@flint/contract'
import { GIB, minorPerMajor } from '@flint/core/drawing'
import {
  columnValue,
  kindWords,
  type PartKind,
  partSheet,
  problemsOf,
  type SheetColumn,
  sheetColumns,
  slugOf,
  withColumnValue,
} from '@flint/core/editing'
import { cellText, readCell } from '@flint/core/files'
import { useState } from 'react'
import { useKeepPartMutation } from '../api/api'
import { problemOf, problemSentence } from '../api/problemOf'
import { TableField } from './TableField'
import styles from './parts.module.css'

interface PartFormProps {
  kind: PartKind
  /** The part to change, or, without a name, the one to copy from; null for a blank sheet. */
  from: StoredPart | null
  taken: ReadonlyMap<string, StoredPart>
  /** With the name of what was kept; null when nothing was. */
  onDone: (slug: string | null) => void
}

type Texts = Record<string, string>

/** A data sheet of one's own: every value may stay empty but the few that a part is nothing without. */
export function PartForm({ kind, from, taken, onDone }: PartFormProps) {
  const columns = sheetColumns(kind)
  const [texts, setTexts] = useState<Texts>(() => startTexts(columns, from))
  const [sources, setSources] = useState<Texts>(from?.sheet.sources ?? {})
  const [problems, setProblems] = useState<Texts>({})
  const [refusal, setRefusal] = useState('')
  const [keepPart, { isLoading }] = useKeepPartMutation()
  const noun = kindWords.find((one) => one.kind === kind)?.one ?? kind
  const changes = Boolean(from?.slug)

  async function keep(): Promise<void> {
    const read = readSheet(kind, columns, texts, sources)
    setProblems(read.problems)
    setRefusal('')
    if (!read.sheet) {
      const count = Object.keys(read.problems).length
      setRefusal(`Not kept yet: ${count === 1 ? 'one value' : `${count} values`} cannot be taken.`)
      return
    }
    const slug = changes && from ? from.slug : freeSlug(slugOf(read.sheet), taken)
    const { error } = await keepPart({ slug, sheet: read.sheet })
    if (!error) {
      onDone(slug)
      return
    }
    const problem = problemOf(error)
    setRefusal(problemSentence(error))
    if (problem.kind === 'refused') {
      setProblems(
        Object.fromEntries(
          (problem.problem.errors ?? []).map(({ field, sentence }) => [
            field.replace(/^sheet\./, ''),
            sentence,
          ]),
        ),
      )
    }
  }

  return (
    <form
      aria-label={changes ? 'Change the part' : `A ${noun} of your own`}
      onSubmit={(event) => {
        event.preventDefault()
        void keep()
      }}
    >
      <div className={styles.title}>
        <h2>{changes ? `Change ${from?.sheet.model ?? ''}` : `A ${noun} of your own`}</h2>
        <span className="soft">
          Empty means not known.{' '}
          {changes ? 'Designs keep the sheet they have until you take the new one.' : ''}
        </span>
      </div>
      <table className={styles.form}>
        <tbody>
          {columns.map((column) => (
            <FormRow
              key={column.name}
              column={column}
              text={texts[column.name] ?? ''}
              source={sources[column.name] ?? ''}
              problem={problems[column.name]}
              onText={(text) => {
                setTexts({ ...texts, [column.name]: text })
              }}
              onSource={(source) => {
                setSources(
                  Object.fromEntries(
                    Object.entries({ ...sources, [column.name]: source }).filter(
                      ([, one]) => one !== '',
                    ),
                  ),
                )
              }}
            />
          ))}
        </tbody>
      </table>
      {refusal && <p role="alert">{refusal}</p>}
      <div className={styles.formEnd}>
        <button type="submit" className={styles.keep} disabled={isLoading}>
          Save
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            onDone(null)
          }}
        >
          Cancel
        </button>
      </div>
    </form>
  )
}

interface FormRowProps {
  column: SheetColumn
  text: string
  source: string
  problem: string | undefined
  onText: (text: string) => void
  onSource: (source: string) => void
}

function FormRow({ column, text, source, problem, onText, onSource }: FormRowProps) {
  const { name, label, unit, optional, help } = column
  // Money is typed in the currency of its own field; sizes with their unit, as 12 TB.
  const words = unit && unit !== 'cents' && unit !== 'B' ? `${label}, ${unit}` : label
  const shared = {
    id: `field-${name}`,
    value: text,
    'aria-invalid': problem !== undefined,
    'aria-describedby': problem ? `problem-${name}` : undefined,
    onChange: ({ target }: { target: { value: string } }) => {
      onText(target.value)
    },
  }
  const choices =
    column.type === 'yes or no' ? ['yes', 'no'] : column.type === 'choice' ? column.choices : null
  const whereFrom = optional && (
    <select
      aria-label={`Where ${label} is from`}
      value={source}
      onChange={({ target }) => {
        onSource(target.value)
      }}
    >
      <option value="">maker&apos;s sheet</option>
      <option value="measured">measured</option>
      <option value="assumed">assumed</option>
    </select>
  )
  return (
    <tr>
      <th scope="row">
        {column.rows ? (
          <span className={styles.tableLabel}>{words}</span>
        ) : (
          <label htmlFor={`field-${name}`}>
            {words}
            {!optional && <span title="A part needs this"> *</span>}
          </label>
        )}
        {help && <span className={styles.help}>{help}</span>}
      </th>
      <td colSpan={column.rows ? 2 : 1}>
        {choices ? (
          <select {...shared}>
            <option value="">not known</option>
            {choices.map((choice) => (
              <option key={choice} value={String(choice)}>
                {choice}
              </option>
            ))}
          </select>
        ) : column.rows ? (
          <TableField column={{ ...column, rows: column.rows }} text={text} onText={onText} />
        ) : (
          <input
            {...shared}
            type="text"
            autoComplete="off"
            inputMode={column.type === 'text' || column.type === 'list' ? 'text' : 'decimal'}
            placeholder={placeholderOf(column)}
          />
        )}
        {problem && (
          <span id={`problem-${name}`} className={styles.problem}>
            {problem}
          </span>
        )}
        {column.rows && whereFrom}
      </td>
      {!column.rows && <td>{whereFrom}</td>}
    </tr>
  )
}

function placeholderOf({ type, unit, name }: SheetColumn): string {
  if (type === 'list') return 'one; another'
  if (unit === 'B') return '12 TB, 16 GiB'
  return name === 'price.currency' ? 'EUR' : ''
}

function startTexts(columns: readonly SheetColumn[], from: StoredPart | null): Texts {
  if (!from) return {}
  const texts = Object.fromEntries(
    columns.map((column) => {
      const value = columnValue(from.sheet, column.name)
      const shown = isMoney(column) && typeof value === 'number' ? value / perMajor(from) : value
      return [column.name, sizeText(column, shown) ?? cellText(column, shown)]
    }),
  )
  return from.slug === '' ? { ...texts, model: `${from.sheet.model}, own` } : texts
}

function readSheet(
  kind: PartKind,
  columns: readonly SheetColumn[],
  texts: Texts,
  sources: Texts,
): { sheet: ReturnType<typeof partSheet.parse> | null; problems: Texts } {
  const problems: Texts = {}
  let sheet: Record<string, unknown> = { kind, sources }
  for (const column of columns) {
    const text = texts[column.name] ?? ''
    if (text.trim() === '' && !column.optional) {
      problems[column.name] = 'A part needs this.'
      continue
    }
    const read = readCell(column, text)
    if ('reason' in read) {
      problems[column.name] = read.reason
      continue
    }
    const { value } = read
    const scale = minorPerMajor(currencyOr(texts['price.currency']))
    const stored = isMoney(column) && typeof value === 'number' ? Math.round(value * scale) : value
    sheet = withColumnValue(sheet, column.name, stored)
  }
  const parsed = partSheet.safeParse(sheet, { reportInput: true })
  if (parsed.success && Object.keys(problems).length === 0) return { sheet: parsed.data, problems }
  for (const { field, sentence } of parsed.success ? [] : problemsOf(parsed.error.issues)) {
    const column = columns.find(({ name }) => name === field || field.startsWith(`${name}[`))
    problems[column?.name ?? field] ??= sentence
  }
  return { sheet: null, problems }
}

/** A size in whole GiB as such, as memory is sold; others stay bytes, since nothing of them may be lost. */
function sizeText({ unit }: SheetColumn, value: unknown): string | null {
  const isWhole = unit === 'B' && typeof value === 'number' && value > 0 && value % GIB === 0
  return isWhole ? `${value / GIB} GiB` : null
}

/** Prices are kept in cents and typed in whole units. */
const isMoney = ({ unit }: SheetColumn): boolean => unit === 'cents'

const perMajor = ({ sheet }: StoredPart): number => minorPerMajor(currencyOr(sheet.price?.currency))

/** A currency that is not written out yet has cents, as most have. */
const currencyOr = (text = ''): string => (/^[A-Z]{3}$/.test(text.trim()) ? text.trim() : 'EUR')

function freeSlug(wanted: string, taken: ReadonlyMap<string, StoredPart>): string {
  if (!taken.has(wanted)) return wanted
  let number = 2
  while (taken.has(`${wanted}-${number}`)) number += 1
  return `${wanted}-${number}`
}
