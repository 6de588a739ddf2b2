import { minorPerMajor } from '@flint/core/drawing'
import { converted } from '@flint/core/figures'
import { shallowEqual } from 'react-redux'
import { DayField } from '../../controls/DayField'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { currency } from './choices'
import styles from './brief.module.css'

/** The currency that the budget is counted in, and the day by which it must do. */
export function BudgetTerms() {
  const rates = useAppSelector((state) => selectDesign(state).money.rates)
  const brief = useAppSelector((state) => {
    const { costLimitBy, costLimitMinor, costLimitCurrency, currency } = selectDesign(state).brief
    return { costLimitBy, costLimitMinor, costLimitCurrency, currency }
  }, shallowEqual)
  const { costLimitBy, costLimitMinor } = brief
  const edit = useEdit()
  const counted = brief.costLimitCurrency ?? brief.currency
  const choose = (code: string): void => {
    const change = { costLimitCurrency: code === brief.currency ? null : code }
    // The number that the builder wrote stays, though another currency may have fewer digits behind the point.
    const scaled =
      costLimitMinor === null
        ? null
        : Math.round((costLimitMinor / minorPerMajor(counted)) * minorPerMajor(code))
    edit({ do: 'change-brief', change: { ...change, costLimitMinor: scaled } })
  }
  const lacksRate = costLimitMinor !== null && converted(1, counted, brief.currency, rates) === null
  return (
    <>
      <div className={styles.pair}>
        <SmallChoice
          label="Budget in"
          width={120}
          value={counted}
          options={currency.options}
          onChange={choose}
        />
        <DayField
          label="Budget until"
          help="Empty: all that is bought, whenever"
          value={costLimitBy}
          onChange={(day) => {
            edit({ do: 'change-brief', change: { costLimitBy: day } }, true)
          }}
        />
      </div>
      {lacksRate && (
        <p className="soft">
          The bill is in {brief.currency}. Give a rate for {counted} in Money, under “Rates”; until
          then nobody knows whether the budget is kept.
        </p>
      )}
    </>
  )
}
