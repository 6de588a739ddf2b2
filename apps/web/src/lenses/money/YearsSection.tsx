import { designOwnership, ownership } from '@flint/core/figures'
import { RISES, type Ownership } from '@flint/core/editing'
import { lazy, Suspense, useMemo } from 'react'
import { NumberField } from '../../controls/NumberField'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign, selectEvaluation, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { moneyAmount, RISE_WORDS } from './moneyWords'
import { useMoney } from './useMoney'
import styles from './money.module.css'

/** The chart library is large, and the rest of the lens needs none of it. */
const YearsChart = lazy(() => import('./YearsChart'))

/** What the machine costs over its years: bought, drawn, replaced, and what is left of it. */
export function YearsSection() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const { cost, power } = useAppSelector(selectEvaluation)
  const { money, change } = useMoney()
  const assumed = money.ownership
  const figure = useMemo(
    () => ownership(designOwnership(design, machine, { cost, power }), design.money.ownership),
    [design, machine, cost, power],
  )
  const { currency } = design.brief
  const say = (wanted: Partial<Ownership>): void => {
    change(({ ownership: before }) => ({ ownership: { ...before, ...wanted } }), true)
  }
  return (
    <section aria-label="Over the years">
      <h2>
        Over the years
        <span className="aside">
          {moneyAmount(figure.total, currency)} in {assumed.years} years
        </span>
      </h2>
      <div className={styles.fields}>
        <NumberField
          label="Years"
          whole
          min={1}
          max={30}
          width={90}
          value={assumed.years}
          onChange={(years) => {
            if (years !== null) say({ years })
          }}
        />
        <NumberField
          label="Power rises by"
          unit="% a year"
          min={-50}
          max={100}
          width={140}
          value={assumed.risePercent}
          onChange={(risePercent) => {
            if (risePercent !== null) say({ risePercent })
          }}
        />
        <SmallChoice
          label="It rises"
          width={180}
          value={assumed.rise}
          options={RISES.map((value) => ({ value, text: RISE_WORDS[value] }))}
          onChange={(rise) => {
            say({ rise: rise as Ownership['rise'] })
          }}
        />
        <NumberField
          label="New drives that fail"
          unit="% a year"
          min={0}
          max={100}
          width={160}
          value={assumed.newFailuresPercent}
          onChange={(newFailuresPercent) => {
            if (newFailuresPercent !== null) say({ newFailuresPercent })
          }}
        />
        <NumberField
          label="Used ones"
          unit="% a year"
          min={0}
          max={100}
          width={140}
          value={assumed.usedFailuresPercent}
          onChange={(usedFailuresPercent) => {
            if (usedFailuresPercent !== null) say({ usedFailuresPercent })
          }}
        />
        <NumberField
          label="Worth at the end"
          unit="%"
          optional
          min={0}
          max={100}
          width={140}
          value={assumed.keptValuePercent}
          onChange={(keptValuePercent) => {
            say({ keptValuePercent })
          }}
        />
      </div>
      <div className={styles.besides}>
        <div className={styles.chart}>
          <Suspense fallback={<p className="soft">The chart is on its way …</p>}>
            <YearsChart years={figure.years} currency={currency} />
          </Suspense>
        </div>
        <table className="lined" aria-label="Each year">
          <thead>
            <tr>
              <th scope="col">Year</th>
              <th scope="col">Bought</th>
              <th scope="col">Power</th>
              <th scope="col">Drives that fail</th>
              <th scope="col">Worn flash</th>
            </tr>
          </thead>
          <tbody>
            {figure.years.map(({ year, purchase, energy, replacements, flash }) => (
              <tr key={year}>
                <th scope="row">{year}</th>
                {[purchase, energy, replacements, flash].map((amount, index) => (
                  <td key={index} className={styles.sum}>
                    {moneyAmount(amount, currency)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="soft">
        How many drives fail is common practice, without a source. Not counted: your time, warranty,
        and the media of the second copy.
      </p>
    </section>
  )
}
