import { changeHouseRules } from '@flint/core'
import { NumberField } from '../../controls/NumberField'
import { selectDocument } from '../../sheet/selectors'
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
  const share = useAppSelector((state) => selectDocument(state).houseRules[field])
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
          (document) => changeHouseRules(document, { [field]: percent / 100 }),
          true,
        )
      }}
    />
  )
}
