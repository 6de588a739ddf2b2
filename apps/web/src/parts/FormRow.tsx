import type { StoredPart } from '@flint/contract'
import type { SheetColumn } from '@flint/core/editing'
import { type Control, useController, useWatch } from 'react-hook-form'
import { SmallChoice } from '../controls/SmallChoice'
import { BaysPreview } from './BaysPreview'
import { InsidesField } from './InsidesField'
import { rowSentence } from './rowSentences'
import { choiceWords } from './sheetWords'
import { TableField, type TableFieldProps } from './TableField'
import { byColumn, fieldKey, type TypedSheet } from './typedSheet'
import styles from './parts.module.css'

interface FormRowProps {
  column: SheetColumn
  control: Control<TypedSheet>
  /** All parts of the catalogue, for what is made of others. */
  parts: readonly StoredPart[]
}

const SOURCES = [
  { value: '', text: "maker's sheet" },
  { value: 'measured', text: 'measured' },
  { value: 'assumed', text: 'assumed' },
]

/** One value of a data sheet: its field, and where the value is from. It alone is drawn anew when it changes. */
export function FormRow({ column, control, parts }: FormRowProps) {
  const { name, label, unit, optional, help } = column
  const key = fieldKey(name)
  const { field, fieldState } = useController({ control, name: `texts.${key}`, defaultValue: '' })
  const source = useController({ control, name: `sources.${key}`, defaultValue: '' })
  const text = field.value
  const onText: (text: string) => void = field.onChange
  const problem = fieldState.error?.message
  // Money is typed in the currency of its own field; sizes with their unit, as 12 TB.
  const words = unit && unit !== 'cents' && unit !== 'B' ? `${label}, ${unit}` : label
  // Rows of fields, and parts, need the whole width.
  const isWide = column.rows !== null || column.type === 'parts'
  const choices =
    column.type === 'yes or no' ? ['yes', 'no'] : column.type === 'choice' ? column.choices : null
  // What is not known is from nowhere.
  const whereFrom = optional && text.trim() !== '' && (
    <SmallChoice
      label={`Where ${label} is from`}
      value={source.field.value}
      width={140}
      inTable
      options={SOURCES}
      onChange={source.field.onChange}
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
        {name === 'bayBlocks' && <TypedBays control={control} />}
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
              ...choices.map((choice) => ({
                value: String(choice),
                text: choiceWords(column, choice),
              })),
            ]}
            onChange={onText}
          />
        ) : column.type === 'parts' ? (
          <InsidesField column={column} text={text} parts={parts} onText={onText} />
        ) : column.rows ? (
          <TypedTable
            control={control}
            column={{ ...column, rows: column.rows }}
            text={text}
            onText={onText}
          />
        ) : (
          <input
            {...field}
            id={`field-${name}`}
            aria-invalid={problem !== undefined}
            aria-describedby={problem ? `problem-${name}` : undefined}
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

/** The bays of a case as they are typed just now. */
function TypedBays({ control }: { control: Control<TypedSheet> }) {
  return <BaysPreview texts={byColumn(useWatch({ control, name: 'texts' }))} />
}

/** Rows of fields; those that are written as sentences know what else the form says. */
function TypedTable({
  control,
  ...table
}: { control: Control<TypedSheet> } & Omit<TableFieldProps, 'sentence'>) {
  const [slots, m2Sockets] = useWatch({ control, name: ['texts.slots', 'texts.m2Sockets'] })
  return <TableField {...table} sentence={rowSentence(table.column.name, slots, m2Sockets)} />
}

function placeholderOf({ type, unit, name }: SheetColumn): string {
  if (type === 'list') return 'one; another'
  if (unit === 'B') return '12 TB, 16 GiB'
  return name === 'price.currency' ? 'EUR' : ''
}
