import { readQuantity, type QuantityProblem } from '@flint/core/drawing'
import InputAdornment from '@mui/material/InputAdornment'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { format } from './locale'

export interface NumberFieldProps {
  label: string
  /** In a table whose head names it, the label is only for readers. */
  inTable?: boolean
  disabled?: boolean
  unit?: string
  value: number | null
  min: number
  max: number
  /** An empty field means null; otherwise it is not taken. */
  optional?: boolean
  whole?: boolean
  width?: number | string
  help?: string
  placeholder?: string
  /** Digits after the point that are always shown, as of money. */
  fixedDigits?: number | undefined
  onChange: (value: number | null) => void
}

/** What is typed, and the number that was shown when it was. */
interface Draft {
  text: string
  from: number | null
}

/**
 * A number that changes the design as it is typed, with or without its unit: "20 TB" in a field of TiB is turned into
 * them, and what was understood is said below. What cannot be taken stays in the field with the reason until it is
 * corrected, and the design keeps the last good number.
 */
export function NumberField(props: NumberFieldProps) {
  const {
    label,
    unit,
    value,
    width = '100%',
    help,
    placeholder,
    inTable = false,
    disabled = false,
    fixedDigits,
    onChange,
  } = props
  const [draft, setDraft] = useState<Draft | null>(null)
  const [isTyping, setIsTyping] = useState(false)
  // A number that was changed elsewhere, as by undo, takes the place of what was left wrong.
  const isStale = draft !== null && !isTyping && draft.from !== value
  const typed = draft === null || isStale ? null : draft.text
  // What nobody has typed is neither wrong nor in need of words.
  const read = typed === null ? { value } : readField(typed, props)
  const problem = 'problem' in read ? read.problem : null
  return (
    <TextField
      label={inTable ? undefined : label}
      hiddenLabel={inTable}
      disabled={disabled}
      value={typed ?? plainText(value, fixedDigits)}
      placeholder={placeholder ?? ''}
      error={problem !== null}
      helperText={problem ?? (isTyping && 'understood' in read ? read.understood : help)}
      sx={{ width }}
      slotProps={{
        htmlInput: {
          inputMode: 'text',
          autoComplete: 'off',
          'aria-label': inTable ? label : undefined,
        },
        inputLabel: { shrink: true },
        input:
          unit && !inTable
            ? { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> }
            : {},
      }}
      onFocus={() => {
        if (isStale) setDraft(null)
        setIsTyping(true)
      }}
      onChange={({ target }) => {
        const next = readField(target.value, props)
        setDraft({ text: target.value, from: 'value' in next ? next.value : value })
        if ('value' in next) onChange(next.value)
      }}
      onBlur={() => {
        setIsTyping(false)
        if (problem === null) setDraft(null)
      }}
    />
  )
}

/** Decimals that are shown of a number; the design keeps all of them. */
const DIGITS = 4
const plainText = (value: number | null, fixedDigits?: number): string => {
  if (value === null) return ''
  return fixedDigits === undefined
    ? String(Number(value.toFixed(DIGITS)))
    : value.toFixed(fixedDigits)
}

type ReadField = { value: number | null; understood?: string } | { problem: string }

/** What a field says, what was understood of it where that is not plain, or why it cannot be taken. */
function readField(
  text: string,
  { min, max, unit = '', optional = false, whole = false }: NumberFieldProps,
): ReadField {
  if (text.trim() === '') return optional ? { value: null } : { problem: 'A number is needed.' }
  const read = readQuantity(text, unit)
  if ('problem' in read) return { problem: problemWords(read.problem, unit) }
  const { value, writtenUnit, isAmbiguous } = read
  if (whole && !Number.isInteger(value)) return { problem: 'Whole numbers only.' }
  if (value < min || value > max) {
    return { problem: `From ${min} to ${max}${writtenUnit === '' ? '' : ` ${unit}`}.` }
  }
  const isPlain = writtenUnit === '' && !isAmbiguous && /^-?[\d.]*$/.test(text.trim())
  return isPlain
    ? { value }
    : { value, understood: `= ${format.number(value, DIGITS)} ${unit}`.trim() }
}

function problemWords(problem: QuantityProblem, unit: string): string {
  if (problem === 'B or b') return 'Write MB/s for bytes or Mb/s for bits.'
  if (problem === 'another kind of unit') {
    return unit === '' ? 'Write a number without a unit.' : `Not a unit of this; it is in ${unit}.`
  }
  return 'This is not a number.'
}
