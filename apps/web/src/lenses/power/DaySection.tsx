import { minorPerMajor } from '@flint/core/drawing'
import { type DayProfile, type HourState, HOUR_STATES } from '@flint/core/editing'
import { dayOf, machineDay, type PowerIn } from '@flint/core/figures'
import { useState } from 'react'
import { format } from '../../controls/locale'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign, selectShownDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { PriceBands } from '../brief/PriceBands'
import { DayStrip } from './DayStrip'
import { MoneyTable } from './MoneyTable'
import { stateTitle } from './stateWords'
import styles from './power.module.css'

/** What the machine does in each hour, to be painted, and what that draws and costs. */
export function DaySection({ powerIn }: { powerIn: PowerIn }) {
  const design = useAppSelector(selectDesign)
  const shown = useAppSelector(selectShownDesign)
  const edit = useEdit()
  const [brush, setBrush] = useState<HourState>('one reader')
  const { brief } = design
  const profile = dayOf(design)
  const day = machineDay(shown, powerIn)
  const paint = (kind: keyof DayProfile, hour: number): void => {
    const hours = profile[kind].map((state, at) => (at === hour ? brush : state))
    edit({ do: 'change-brief', change: { day: { ...profile, [kind]: hours } } }, true)
  }
  return (
    <section aria-label="The day of the machine">
      <h2>
        Through the day
        <span className="aside">
          {brief.day === null
            ? 'suggested from readers and house rules; paint hours to say it yourself'
            : 'as you have said'}
        </span>
      </h2>
      <div className={styles.brushes}>
        <SmallChoice
          label="Paint hours as"
          value={brush}
          width={220}
          options={HOUR_STATES.map((id) => ({ value: id, text: stateTitle(id) }))}
          onChange={(value) => {
            setBrush(value as HourState)
          }}
        />
        {brief.day !== null && (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              edit({ do: 'change-brief', change: { day: null } })
            }}
          >
            As suggested
          </button>
        )}
      </div>
      {(['weekday', 'weekend'] as const).map((kind) => (
        <DayStrip
          key={kind}
          title={kind === 'weekday' ? 'Monday to Friday' : 'Weekend'}
          hours={profile[kind]}
          wattsOf={(state) => powerIn(state).wall?.likely ?? 0}
          onPaint={(hour) => {
            paint(kind, hour)
          }}
        />
      ))}
      <div className={styles.besides}>
        {day ? (
          <MoneyTable day={day} />
        ) : (
          <p className="soft">Without a supply nobody knows what is drawn at the wall.</p>
        )}
        <section aria-label="Prices by the hour">
          <h3>Prices by the hour</h3>
          <p className="soft">
            {format.number(brief.pricePerKilowattHourMinor / minorPerMajor(brief.currency), 4)}{' '}
            {brief.currency} a kWh, but for hours of their own:
          </p>
          <PriceBands />
        </section>
      </div>
    </section>
  )
}
