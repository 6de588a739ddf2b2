import TextField from '@mui/material/TextField'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'

/** The day by which the budget must do; what is bought later is no part of it. */
export function BudgetDay() {
  const { costLimitBy } = useAppSelector(selectDesign).brief
  const edit = useEdit()
  return (
    <TextField
      label="The budget must do until"
      type="date"
      value={costLimitBy ?? ''}
      helperText="Empty: all that is bought, whenever"
      slotProps={{ inputLabel: { shrink: true } }}
      onChange={({ target }) => {
        const day = target.value === '' ? null : target.value
        edit({ do: 'change-brief', change: { costLimitBy: day } }, true)
      }}
    />
  )
}
