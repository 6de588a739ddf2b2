import type { DayPower } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { STATE_LETTERS, stateTitle } from './stateWords'
import { bandWords, wattWords } from './wattWords'
import styles from './power.module.css'

const MONTHS = 12

/** What the days of the machine come to. */
export function MoneyTable({ day }: { day: DayPower }) {
  const { currency } = useAppSelector(selectDesign).brief
  const { mean, kilowattHoursPerYear, costPerYear, hours } = day
  const isOpen = mean.missing.length > 0
  const least = isOpen ? 'at least ' : ''
  const money = (minor: number): string => `${least}${format.money(Math.round(minor), currency)}`
  return (
    <section aria-label="What it comes to">
      <h3>What it comes to</h3>
      <table className="lined">
        <tbody>
          {hours.map(({ state, hoursPerDay }) => (
            <tr key={state}>
              <th scope="row">
                <span className={styles.letter}>{STATE_LETTERS[state]}</span> {stateTitle(state)}
              </th>
              <td>{format.number(hoursPerDay, 1)} h a day</td>
            </tr>
          ))}
          <tr>
            <th scope="row">On average</th>
            <td>
              {wattWords(mean)} <span className="soft">{bandWords(mean)}</span>
            </td>
          </tr>
          <tr>
            <th scope="row">A month</th>
            <td>
              {least}
              {format.number(kilowattHoursPerYear / MONTHS, 1)} kWh,{' '}
              {money(costPerYear.likely / MONTHS)}
            </td>
          </tr>
          <tr>
            <th scope="row">A year</th>
            <td>
              {least}
              {format.number(kilowattHoursPerYear)} kWh, {money(costPerYear.likely)}
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  )
}
