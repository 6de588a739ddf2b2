import TextField from '@mui/material/TextField'
import { useState } from 'react'

interface TextLineProps {
  label: string
  /** In a table whose head names it, the label is only for readers. */
  inTable?: boolean
  value: string
  maxLength: number
  width?: number | string
  help?: string
  multiline?: boolean
  onChange: (value: string) => void
}

/** A line of text that changes the design as it is typed. */
export function TextLine({
  label,
  inTable = false,
  value,
  maxLength,
  width = '100%',
  help,
  multiline,
  onChange,
}: TextLineProps) {
  const [draft, setDraft] = useState<string | null>(null)
  return (
    <TextField
      label={inTable ? undefined : label}
      hiddenLabel={inTable}
      value={draft ?? value}
      helperText={help}
      multiline={multiline ?? false}
      sx={{ width }}
      slotProps={{
        htmlInput: {
          maxLength,
          autoComplete: 'off',
          'aria-label': inTable ? label : undefined,
        },
        inputLabel: { shrink: true },
      }}
      onChange={({ target }) => {
        setDraft(target.value)
        onChange(target.value)
      }}
      onBlur={() => {
        setDraft(null)
      }}
    />
  )
}
