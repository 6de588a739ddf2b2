import Autocomplete from '@mui/material/Autocomplete'
import TextField from '@mui/material/TextField'

/** Every currency of ISO 4217 that the browser knows. */
const ALL = Intl.supportedValuesOf('currency')

interface CurrencyChoiceProps {
  label: string
  value: string
  onChange: (currency: string) => void
}

/** A currency by its code, found by typing. */
export function CurrencyChoice({ label, value, onChange }: CurrencyChoiceProps) {
  return (
    <Autocomplete
      options={ALL}
      value={value === '' ? null : value}
      size="small"
      autoHighlight
      sx={{ width: 120 }}
      renderInput={(params) => <TextField {...params} label={label} />}
      onChange={(_, currency) => {
        if (currency !== null) onChange(currency)
      }}
    />
  )
}
