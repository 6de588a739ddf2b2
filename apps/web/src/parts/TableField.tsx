import { columnValue, type SheetColumn, withColumnValue } from '@flint/core/editing'
import { cellText, readCell } from '@flint/core/files'
import { useState } from 'react'
import { SmallChoice } from '../controls/SmallChoice'
import { isSaidOfSlot } from './plainPci'
import type { RowChoice, RowSentence } from './rowSentences'
import { choiceWords } from './sheetWords'
import styles from './parts.module.css'

/** What is typed in one row, by the name of its column. */
type RowTexts = Readonly<Record<string, string>>

export interface TableFieldProps {
  column: SheetColumn & { rows: readonly SheetColumn[] }
  /** The table as JSON; empty where it is not known. */
  text: string
  sentence: RowSentence | null
  onText: (text: string) => void
}

/** A table of a data sheet, as the slots of a board: a row of fields for each, or none, or not known. */
export function TableField({ column, text, sentence, onText }: TableFieldProps) {
  const { label, rows: columns } = column
  // What is typed stays as it is written, also where it cannot be read yet.
  const [rows, setRows] = useState<readonly RowTexts[] | null>(() => rowsOf(columns, text))
  const change = (next: readonly RowTexts[] | null): void => {
    setRows(next)
    onText(next === null ? '' : JSON.stringify(next.map((row) => entryOf(columns, row))))
  }
  const changeRow = (at: number, name: string, value: string): void => {
    change((rows ?? []).map((row, index) => (index === at ? { ...row, [name]: value } : row)))
  }
  return (
    <fieldset className={styles.entries}>
      <legend className="only-for-readers">{label}</legend>
      {rows === null && <p className="soft">not known</p>}
      {rows?.length === 0 && <p className="soft">none</p>}
      {rows?.map((row, at) => (
        <div key={at} className={styles.entry} role="group" aria-label={`${label} ${at + 1}`}>
          <span className={styles.entryNumber}>{at + 1}</span>
          {asked(columns, row).map((one) => (
            <RowField
              key={one.name}
              column={one}
              id={`field-${column.name}-${at}-${one.name}`}
              text={row[one.name] ?? ''}
              before={sentence?.before[one.name] ?? null}
              given={sentence?.choices[one.name] ?? null}
              onText={(value) => {
                changeRow(at, one.name, value)
              }}
            />
          ))}
          <button
            type="button"
            className="plain-button"
            aria-label={`Remove ${label} ${at + 1}`}
            onClick={() => {
              change(rows.filter((_, index) => index !== at))
            }}
          >
            remove
          </button>
          {asked(columns, row).map((one) => (
            <RowProblem
              key={one.name}
              column={one}
              id={`field-${column.name}-${at}-${one.name}`}
              text={row[one.name] ?? ''}
            />
          ))}
        </div>
      ))}
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          // The next one is mostly like the last.
          change([...(rows ?? []), rows?.at(-1) ?? firstRow(columns)])
        }}
      >
        Add one<span className="only-for-readers"> to {label}</span>
      </button>
      {(rows === null || rows.length > 0) && (
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            change([])
          }}
        >
          There are none<span className="only-for-readers"> of {label}</span>
        </button>
      )}
      {rows !== null && column.optional && (
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            change(null)
          }}
        >
          Not known<span className="only-for-readers">: {label}</span>
        </button>
      )}
    </fieldset>
  )
}

/** What is asked of a row. What cannot be read stays to be seen, even where it says nothing beside the bus. */
const asked = (columns: readonly SheetColumn[], row: RowTexts): SheetColumn[] =>
  columns.filter((column) => {
    const text = row[column.name] ?? ''
    return isSaidOfSlot(row.bus, column.name) || (text !== '' && problemOf(column, text) !== null)
  })

interface RowFieldProps {
  column: SheetColumn
  id: string
  text: string
  /** What stands before it in a sentence; null for a field with its label over it. */
  before: string | null
  /** What can be chosen, where the form knows more than the column. */
  given: readonly RowChoice[] | null
  onText: (text: string) => void
}

function RowField({ column, id, text, before, given, onText }: RowFieldProps) {
  const { label, unit, optional, help } = column
  const choices = given ?? choicesOf(column)
  const problem = problemOf(column, text)
  const shared = {
    id,
    value: text,
    title: help,
    'aria-invalid': problem !== null,
    'aria-describedby': problem ? `${id}-problem` : undefined,
    onChange: ({ target }: { target: { value: string } }) => {
      onText(target.value)
    },
  }
  return (
    <div className={before === null ? styles.entryField : styles.entryWord}>
      {before !== null ? (
        <span aria-hidden="true">{before}</span>
      ) : choices ? (
        <span className={styles.entryLabel}>{label}</span>
      ) : (
        <label htmlFor={id}>
          {label}
          {unit && `, ${unit}`}
        </label>
      )}
      {choices ? (
        <SmallChoice
          label={label}
          value={text}
          width="100%"
          inTable
          problemId={problem ? `${id}-problem` : undefined}
          options={[
            ...(optional || !choices.some(({ value }) => value === text)
              ? [{ value: '', text: 'not known' }]
              : []),
            ...choices,
          ]}
          onChange={onText}
        />
      ) : (
        <input {...shared} type="text" autoComplete="off" />
      )}
    </div>
  )
}

/** What is wrong with a field, under its row, so that the fields stay in line. */
function RowProblem({ column, id, text }: Pick<RowFieldProps, 'column' | 'id' | 'text'>) {
  const problem = problemOf(column, text)
  if (problem === null) return null
  return (
    <p id={`${id}-problem`} className={styles.rowProblem}>
      {column.label}: {problem}
    </p>
  )
}

function problemOf(column: SheetColumn, text: string): string | null {
  const read = readCell(column, text)
  return 'reason' in read ? read.reason : null
}

function choicesOf(column: SheetColumn): RowChoice[] | null {
  const { type, choices } = column
  if (type === 'yes or no') return ['yes', 'no'].map((value) => ({ value, text: value }))
  if (type !== 'choice') return null
  return choices.map((choice) => ({ value: String(choice), text: choiceWords(column, choice) }))
}

/** The rows of a table as texts; null where it is not known. */
function rowsOf(columns: readonly SheetColumn[], text: string): RowTexts[] | null {
  if (text.trim() === '') return null
  const entries = JSON.parse(text) as object[]
  return entries.map((entry) =>
    Object.fromEntries(
      columns.map((column) => [column.name, cellText(column, columnValue(entry, column.name))]),
    ),
  )
}

/** What a row says; a cell that cannot be read stays its text, which the data sheet then refuses by name. */
function entryOf(columns: readonly SheetColumn[], row: RowTexts): Record<string, unknown> {
  return columns.reduce<Record<string, unknown>>((entry, column) => {
    const text = row[column.name] ?? ''
    const read = readCell(column, text)
    return withColumnValue(entry, column.name, 'reason' in read ? text : read.value)
  }, {})
}

/** A row to begin with: of what must be chosen the first, nothing else. */
function firstRow(columns: readonly SheetColumn[]): RowTexts {
  return Object.fromEntries(
    columns.map(({ name, type, choices, optional }) => {
      const first = type === 'yes or no' ? 'no' : String(choices[0] ?? '')
      return [name, optional ? '' : first]
    }),
  )
}
