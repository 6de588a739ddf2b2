import type { MoneyChoices } from '@flint/core/editing'
import { useCallback } from 'react'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'

type Change = Partial<MoneyChoices>

/** What the design says of money, and what changes it; with `coalesce`, digits that are typed in a row are one step. */
export function useMoney(): {
  money: MoneyChoices
  change: (change: Change | ((money: MoneyChoices) => Change), coalesce?: boolean) => void
} {
  const { money } = useAppSelector(selectDesign)
  const edit = useEdit()
  const change = useCallback(
    (wanted: Change | ((money: MoneyChoices) => Change), coalesce = false) => {
      edit(
        (design) => ({
          do: 'change-money',
          change: typeof wanted === 'function' ? wanted(design.money) : wanted,
        }),
        coalesce,
      )
    },
    [edit],
  )
  return { money, change }
}
