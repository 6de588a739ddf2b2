import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'

interface SmallChoiceProps {
  label: string
  value: string
  width: number | string
  /** A value that is none of these is shown as the first of them. */
  options: readonly { value: string; text: string }[]
  /** In a table whose head names it, the label is only for readers. */
  inTable?: boolean
  /** The id of what is said to be wrong with it. */
  problemId?: string | undefined
  onChange: (value: string) => void
}

/** One choice in a row of fields. */
export function SmallChoice({
  label,
  value,
  width,
  options,
  inTable = false,
  problemId,
  onChange,
}: SmallChoiceProps) {
  const isKnown = options.some((option) => option.value === value)
  return (
    <TextField
      select
      size="small"
      label={inTable ? undefined : label}
      hiddenLabel={inTable}
      value={isKnown ? value : (options[0]?.value ?? '')}
      sx={{ width }}
      error={problemId !== undefined}
      slotProps={{
        inputLabel: { shrink: true },
        select: {
          displayEmpty: true,
          SelectDisplayProps: {
            'aria-label': label,
            'aria-invalid': problemId !== undefined || undefined,
            'aria-describedby': problemId,
          },
        },
      }}
      onChange={({ target }) => {
        onChange(target.value)
      }}
    >
      {options.map((option) => (
        <MenuItem key={option.value} value={option.value}>
          {option.text}
        </MenuItem>
      ))}
    </TextField>
  )
}
