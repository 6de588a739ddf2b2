import TextField from '@mui/material/TextField'

interface DayFieldProps {
  label: string
  value: string | null
  width?: number | string
  help?: string
  onChange: (day: string | null) => void
}

/** A calendar day, as ISO 8601 has it; null where the field is empty. */
export function DayField({ label, value, width = '100%', help, onChange }: DayFieldProps) {
  return (
    <TextField
      label={label}
      type="date"
      size="small"
      value={value ?? ''}
      helperText={help}
      sx={{ width }}
      slotProps={{ inputLabel: { shrink: true } }}
      onChange={({ target }) => {
        onChange(target.value === '' ? null : target.value)
      }}
    />
  )
}
