import InputAdornment from '@mui/material/InputAdornment'
import TextField from '@mui/material/TextField'
import { useState } from 'react'

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
  onChange: (value: number | null) => void
}

/**
 * A number that changes the design as it is typed. What cannot be taken stays in the field with the
 * reason, and the design keeps the last good number; leaving the field shows that one again.
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
    onChange,
  } = props
  const [draft, setDraft] = useState<string | null>(null)
  const shown = draft ?? (value === null ? '' : String(Number(value.toFixed(4))))
  const problem = draft === null ? null : problemWith(draft, props)
  return (
    <TextField
      label={inTable ? undefined : label}
      hiddenLabel={inTable}
      disabled={disabled}
      value={shown}
      placeholder={placeholder ?? ''}
      error={problem !== null}
      helperText={problem ?? help}
      sx={{ width }}
      slotProps={{
        htmlInput: {
          inputMode: 'decimal',
          autoComplete: 'off',
          'aria-label': inTable ? label : undefined,
        },
        inputLabel: { shrink: true },
        input: unit ? { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> } : {},
      }}
      onChange={({ target }) => {
        setDraft(target.value)
        if (problemWith(target.value, props) === null) onChange(parse(target.value))
      }}
      onBlur={() => {
        setDraft(null)
      }}
    />
  )
}

/** Both comma and point are taken as the decimal sign. */
function parse(text: string): number | null {
  const trimmed = text.trim().replace(',', '.')
  return trimmed === '' ? null : Number(trimmed)
}

function problemWith(
  text: string,
  { min, max, optional = false, whole = false }: NumberFieldProps,
): string | null {
  const number = parse(text)
  if (number === null) return optional ? null : 'A number is needed.'
  if (!Number.isFinite(number)) return 'This is not a number.'
  if (whole && !Number.isInteger(number)) return 'Whole numbers only.'
  if (number < min || number > max) return `From ${min} to ${max}.`
  return null
}
