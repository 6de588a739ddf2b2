import type { StoredPart } from '@flint/contract'
import type { SheetColumn } from '@flint/core/editing'
import type { ReactNode } from 'react'
import type { RowSentence } from './rowSentences'
import { InsidesField } from './InsidesField'
import { SmallChoice } from '../controls/SmallChoice'
import { TableField } from './TableField'
import styles from './parts.module.css'

interface FormRowProps {
  column: SheetColumn
  text: string
  source: string
  problem: string | undefined
  /** All parts of the catalogue, for what is made of others. */
  parts: readonly StoredPart[]
  /** How its rows read, for a table that is written as sentences. */
  sentence: RowSentence | null
  /** What is drawn of it, beside its fields. */
  aside: ReactNode
  onText: (text: string) => void
  onSource: (source: string) => void
}

const SOURCES = [
  { value: '', text: "maker's sheet" },
  { value: 'measured', text: 'measured' },
  { value: 'assumed', text: 'assumed' },
]

/** One value of a data sheet: its field, and where the value is from. */
export function FormRow({
  column,
  text,
  source,
  problem,
  parts,
  sentence,
  aside,
  onText,
  onSource,
}: FormRowProps) {
  const { name, label, unit, optional, help } = column
  // Money is typed in the currency of its own field; sizes with their unit, as 12 TB.
  const words = unit && unit !== 'cents' && unit !== 'B' ? `${label}, ${unit}` : label
  // Rows of fields, and parts, need the whole width.
  const isWide = column.rows !== null || column.type === 'parts'
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
  // What is not known is from nowhere.
  const whereFrom = optional && text.trim() !== '' && (
    <SmallChoice
      label={`Where ${label} is from`}
      value={source}
      width={140}
      inTable
      options={SOURCES}
      onChange={onSource}
    />
  )
  return (
    <tr>
      <th scope="row">
        {isWide || choices ? (
          <span className={styles.tableLabel}>
            {words}
            {!optional && <span title="A part needs this"> *</span>}
          </span>
        ) : (
          <label htmlFor={`field-${name}`}>
            {words}
            {!optional && <span title="A part needs this"> *</span>}
          </label>
        )}
        {help && <span className={styles.help}>{help}</span>}
        {aside}
      </th>
      <td colSpan={isWide ? 2 : 1}>
        {choices ? (
          <SmallChoice
            label={words}
            value={text}
            width={280}
            inTable
            problemId={problem && `problem-${name}`}
            options={[
              { value: '', text: 'not known' },
              ...choices.map((choice) => ({ value: String(choice), text: String(choice) })),
            ]}
            onChange={onText}
          />
        ) : column.type === 'parts' ? (
          <InsidesField column={column} text={text} parts={parts} onText={onText} />
        ) : column.rows ? (
          <TableField
            column={{ ...column, rows: column.rows }}
            text={text}
            sentence={sentence}
            onText={onText}
          />
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
        {isWide && whereFrom}
      </td>
      {!isWide && <td>{whereFrom}</td>}
    </tr>
  )
}

function placeholderOf({ type, unit, name }: SheetColumn): string {
  if (type === 'list') return 'one; another'
  if (unit === 'B') return '12 TB, 16 GiB'
  return name === 'price.currency' ? 'EUR' : ''
}
