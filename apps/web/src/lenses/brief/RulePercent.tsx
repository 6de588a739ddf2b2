import { NumberField } from '../../controls/NumberField'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'

interface RulePercentProps {
  field: 'fillCeiling' | 'snapshotReserve'
  label: string
  min: number
  max: number
  help: string
}

/** A house rule that is a share of the space. */
export function RulePercent({ field, ...shown }: RulePercentProps) {
  const share = useAppSelector((state) => selectDesign(state).houseRules[field])
  const edit = useEdit()
  return (
    <NumberField
      {...shown}
      unit="%"
      value={share * 100}
      onChange={(percent) => {
        if (percent === null) return
        edit({ do: 'change-house-rules', change: { [field]: percent / 100 } }, true)
      }}
    />
  )
}
