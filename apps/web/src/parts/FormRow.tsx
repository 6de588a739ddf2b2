import type { SheetColumn } from '@flint/core/editing'
import type { ReactNode } from 'react'
import { TableField } from './TableField'
import styles from './parts.module.css'

interface FormRowProps {
  column: SheetColumn
  text: string
  source: string
  problem: string | undefined
  /** What is drawn of it, beside its fields. */
  aside: ReactNode
  onText: (text: string) => void
  onSource: (source: string) => void
}

/** One value of a data sheet: its field, and where the value is from. */
export function FormRow({ column, text, source, problem, aside, onText, onSource }: FormRowProps) {
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
        {aside}
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
