import TextField from '@mui/material/TextField'
import { useState } from 'react'

interface TextLineProps {
  label: string
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
      label={label}
      value={draft ?? value}
      helperText={help}
      multiline={multiline ?? false}
      sx={{ width }}
      slotProps={{
        htmlInput: { maxLength, autoComplete: 'off' },
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
