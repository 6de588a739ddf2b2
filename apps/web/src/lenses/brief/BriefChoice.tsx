import type { Design, Edit } from '@flint/core/editing'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { memo } from 'react'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'

interface BriefChoiceProps {
  label: string
  /** Each value with what it reads as and, where builders disagree, what it buys. */
  options: readonly { value: string; text: string; help?: string }[]
  valueOf: (design: Design) => string
  change: (value: string) => Edit
}

/** One choice of the brief or the house rules; like the numbers, it looks only at its own value. */
export const BriefChoice = memo(function BriefChoice({
  label,
  options,
  valueOf,
  change,
}: BriefChoiceProps) {
  const value = useAppSelector((state) => valueOf(selectDesign(state)))
  const edit = useEdit()
  const known = options.some((option) => option.value === value)
  return (
    <TextField
      select
      label={label}
      value={value}
      helperText={options.find((option) => option.value === value)?.help}
      slotProps={{ inputLabel: { shrink: true } }}
      onChange={({ target }) => {
        edit(change(target.value))
      }}
    >
      {(known ? options : [...options, { value, text: value }]).map((option) => (
        <MenuItem key={option.value} value={option.value}>
          {option.text}
        </MenuItem>
      ))}
    </TextField>
  )
})
