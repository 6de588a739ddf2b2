import type { Alternative, AlternativeKind } from '@flint/core/editing'
import {
  alternativeStreams,
  breakEven,
  breakEvenSensitivity,
  designOwnership,
  ownStreams,
} from '@flint/core/figures'
import { lazy, Suspense, useMemo } from 'react'
import { selectDesign, selectEvaluation, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { AlternativeForm } from './AlternativeForm'
import { ASSUMPTION_WORDS, breakEvenText, KIND_WORDS, monthsText } from './moneyWords'
import { newAlternative } from './newAlternative'
import { useMoney } from './useMoney'
import styles from './money.module.css'

/** The chart library is large, and the rest of the lens needs none of it. */
const BreakEvenChart = lazy(() => import('./BreakEvenChart'))

/** How far ahead it is looked for: longer than machines live. */
const MONTHS = 240

/** When the machine has paid for itself against what it stands for. */
export function BreakEvenSection() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const { cost, power } = useAppSelector(selectEvaluation)
  const { money, change } = useMoney()
  const own = useMemo(
    () => ownStreams(designOwnership(design, machine, { cost, power }), design.money.ownership),
    [design, machine, cost, power],
  )
  return (
    <section aria-label="When it has paid for itself">
      <h2>When it has paid for itself</h2>
      <div className={styles.actions}>
        {(Object.keys(KIND_WORDS) as AlternativeKind[]).map((kind) => (
          <button
            key={kind}
            type="button"
            className="plain-button"
            onClick={() => {
              change((now) => ({ alternatives: [...now.alternatives, newAlternative(now, kind)] }))
            }}
          >
            Against: {KIND_WORDS[kind].toLowerCase()}
          </button>
        ))}
      </div>
      {money.alternatives.length === 0 && (
        <p className="soft">
          Say what it stands against: what you pay each month now, what rented space would cost, a
          box from a shop, or the machine that you have.
        </p>
      )}
      {!own && money.alternatives.length > 0 && (
        <p className="soft">Without a supply nobody knows what the machine costs to run.</p>
      )}
      {money.alternatives.map((alternative) => (
        <Against key={alternative.id} alternative={alternative} own={own} />
      ))}
    </section>
  )
}

interface AgainstProps {
  alternative: Alternative
  own: ReturnType<typeof ownStreams>
}

function Against({ alternative, own }: AgainstProps) {
  const { brief, money } = useAppSelector(selectDesign)
  const other = alternativeStreams(alternative, brief, money.ownership)
  const result = own && other ? breakEven(own, other, MONTHS) : null
  const moves = own && other ? breakEvenSensitivity(own, other, MONTHS) : []
  const shown = Math.min(
    MONTHS,
    Math.max(money.ownership.years * 12, Math.ceil((result?.month ?? 0) * 1.25)),
  )
  return (
    <section className={styles.against} aria-label={alternative.name}>
      <h3>
        {KIND_WORDS[alternative.kind]}: {alternative.name}
      </h3>
      <AlternativeForm alternative={alternative} />
      {!other && <p className="soft">Its watts are needed to say what it costs to run.</p>}
      {result && (
        <>
          <p role="status">{breakEvenText(result, MONTHS, brief.currency)}</p>
          <div className={styles.besides}>
            <div className={styles.chart}>
              <Suspense fallback={<p className="soft">The curve is on its way …</p>}>
                <BreakEvenChart
                  curve={result.curve.slice(0, shown + 1)}
                  month={result.month}
                  currency={brief.currency}
                  name={alternative.name}
                />
              </Suspense>
            </div>
            <table
              className="lined"
              aria-label={`What moves the month against ${alternative.name}`}
            >
              <thead>
                <tr>
                  <th scope="col">What moves it most</th>
                  <th scope="col">lower</th>
                  <th scope="col">higher</th>
                </tr>
              </thead>
              <tbody>
                {moves.map(({ assumption, lower, higher }) => (
                  <tr key={assumption}>
                    <th scope="row">{ASSUMPTION_WORDS[assumption]}</th>
                    {[lower, higher].map((month, index) => (
                      <td key={index}>{month === null ? 'never' : monthsText(month)}</td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <p className="soft">
            Lower and higher: a fifth off each way, a rise by three points. Your time and the second
            copy are in neither.
          </p>
        </>
      )}
    </section>
  )
}
