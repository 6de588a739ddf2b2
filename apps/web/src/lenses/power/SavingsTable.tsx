import {
  averagePricePerKilowattHourMinor,
  energyPerYearKilowattHours,
  savings,
  wordsFor,
} from '@flint/core/figures'
import { useMemo } from 'react'
import { format } from '../../controls/locale'
import { selectDesign, selectEvaluation, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { savingWords } from './savingWords'
import styles from './power.module.css'

/** What takes watts that need not be, with what each would cost in turn. */
export function SavingsTable() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const { power } = useAppSelector(selectEvaluation)
  const found = useMemo(() => savings(design, machine, power), [design, machine, power])
  const words = wordsFor(design, format)
  const { brief } = design
  const yearOf = (watts: number): number =>
    energyPerYearKilowattHours(watts) * averagePricePerKilowattHourMinor(brief)
  return (
    <section aria-label="What could be saved">
      <h2>
        What could be saved
        <span className="aside">each by itself, about</span>
      </h2>
      {found.length === 0 ? (
        <p className="soft">Nothing of half a watt or more.</p>
      ) : (
        <table className={`lined ${styles.savings ?? ''}`}>
          <thead>
            <tr>
              <th scope="col">What</th>
              <th scope="col">Watts</th>
              <th scope="col">A year</th>
              <th scope="col">What it costs</th>
            </tr>
          </thead>
          <tbody>
            {found.map((saving) => {
              const { what, costs } = savingWords(saving, words)
              return (
                <tr key={saving.what} data-saving={saving.what}>
                  <th scope="row">{what}</th>
                  <td>{format.watts(saving.watts, 1)}</td>
                  <td>{format.roundMoney(yearOf(saving.watts), brief.currency)}</td>
                  <td className={styles.costs}>{costs}</td>
                </tr>
              )
            })}
          </tbody>
        </table>
      )}
    </section>
  )
}
