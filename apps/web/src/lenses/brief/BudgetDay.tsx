import { DayField } from '../../controls/DayField'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'

/** The day by which the budget must do; what is bought later is no part of it. */
export function BudgetDay() {
  const { costLimitBy } = useAppSelector(selectDesign).brief
  const edit = useEdit()
  return (
    <DayField
      label="The budget must do until"
      help="Empty: all that is bought, whenever"
      value={costLimitBy}
      onChange={(day) => {
        edit({ do: 'change-brief', change: { costLimitBy: day } }, true)
      }}
    />
  )
}
