import { LONGEST_PASSWORD, SHORTEST_PASSWORD } from '@flint/contract'
import TextField from '@mui/material/TextField'

interface PasswordFieldProps {
  label: string
  help?: string
  value: string
  onChange: (value: string) => void
}

/** A password that is being made. */
export function PasswordField({ label, help, value, onChange }: PasswordFieldProps) {
  return (
    <TextField
      label={label}
      type="password"
      required
      value={value}
      helperText={help}
      slotProps={{
        htmlInput: {
          minLength: SHORTEST_PASSWORD,
          maxLength: LONGEST_PASSWORD,
          autoComplete: 'new-password',
        },
      }}
      onChange={({ target }) => {
        onChange(target.value)
      }}
    />
  )
}
