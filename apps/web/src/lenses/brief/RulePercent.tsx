import { changeHouseRules } from '@flint/core/editing'
import { NumberField } from '../../controls/NumberField'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'

interface RulePercentProps {
  field: 'fillCeiling' | 'snapshotReserve'
  what: string
  label: string
  min: number
  max: number
  help: string
}

/** A house rule that is a share of the space. */
export function RulePercent({ field, what, ...shown }: RulePercentProps) {
  const share = useAppSelector((state) => selectDesign(state).houseRules[field])
  const edit = useEdit()
  return (
    <NumberField
      {...shown}
      unit="%"
      value={share * 100}
      onChange={(percent) => {
        if (percent === null) return
        edit(
          `change ${what}`,
          (design) => changeHouseRules(design, { [field]: percent / 100 }),
          true,
        )
      }}
    />
  )
}
