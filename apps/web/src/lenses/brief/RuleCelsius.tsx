import { NumberField } from '../../controls/NumberField'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'

interface RuleCelsiusProps {
  field: 'driveCelsiusAdvised' | 'driveCelsiusMost'
  label: string
  help: string
}

/** A house rule on how warm drives get. */
export function RuleCelsius({ field, ...shown }: RuleCelsiusProps) {
  const celsius = useAppSelector((state) => selectDesign(state).houseRules[field])
  const edit = useEdit()
  return (
    <NumberField
      {...shown}
      unit="°C"
      min={20}
      max={80}
      value={celsius}
      onChange={(value) => {
        if (value === null) return
        edit({ do: 'change-house-rules', change: { [field]: value } }, true)
      }}
    />
  )
}
