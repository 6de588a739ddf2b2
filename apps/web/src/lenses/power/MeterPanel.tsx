import type { LiveReading } from '@flint/contract'
import { againstPlan, type PowerIn } from '@flint/core/figures'
import { useState } from 'react'
import { useSendReadingsMutation } from '../../api/api'
import { problemSentence } from '../../api/problemOf'
import { format } from '../../controls/locale'
import { SmallChoice } from '../../controls/SmallChoice'
import { Sparkline } from './Sparkline'
import { stateTitle } from './stateWords'
import { useMeter } from './useMeter'
import styles from './power.module.css'

type Which = 'none' | 'simulated' | 'real'

/** Readings whose mean is kept: a meter flickers. */
const MEAN_OF = 60

/** Watts as they come in, from a meter that posts them or from the simulated one, with the plan's band beside them. */
export function MeterPanel({ designId, powerIn }: { designId: string; powerIn: PowerIn }) {
  const [which, setWhich] = useState<Which>('none')
  const { readings, isLost } = useMeter(designId, which === 'none' ? null : which)
  const [send, { error }] = useSendReadingsMutation()
  const last = readings.at(-1)
  const expected = last?.state ? powerIn(last.state).wall : null
  const newest = sameState(readings.slice(-MEAN_OF))
  const mean = newest.reduce((sum, { watts }) => sum + watts, 0) / Math.max(1, newest.length)
  return (
    <>
      <div className={styles.brushes}>
        <SmallChoice
          label="Listen to"
          value={which}
          width={280}
          options={[
            { value: 'none', text: 'no meter' },
            { value: 'simulated', text: 'the simulated meter' },
            { value: 'real', text: 'a meter that posts its readings' },
          ]}
          onChange={(value) => {
            setWhich(value as Which)
          }}
        />
        {last && (
          <span className={styles.live} data-live={last.isSimulated ? 'simulated' : 'real'}>
            {format.watts(last.watts, 1)}
            <span className="soft">
              {last.isSimulated && ' simulated'}
              {last.state && `, ${stateTitle(last.state).toLowerCase()}`}
            </span>
          </span>
        )}
        {last && (
          <button
            type="button"
            className="plain-button"
            onClick={() =>
              void send({
                id: designId,
                readings: [
                  {
                    watts: Math.round(mean * 10) / 10,
                    state: last.state,
                    source: 'meter',
                    ...(last.isSimulated ? { meter: 'simulated' } : {}),
                  },
                ],
              })
            }
          >
            Keep the mean of {format.counted(newest.length, 'reading')}
          </button>
        )}
      </div>
      {error && <p role="alert">{problemSentence(error)}</p>}
      {which === 'real' && readings.length === 0 && !isLost && (
        <p className="soft">
          Nothing has come in yet. How a meter posts its readings stands in docs/meter.md; one line
          of a shell does it.
        </p>
      )}
      {isLost && <p role="status">The connection is lost; it is tried again …</p>}
      {last && <Sparkline values={readings.map(({ watts }) => watts)} band={expected} />}
      {last && expected && (
        <p className="soft">
          The plan has {format.number(expected.low)} to {format.watts(expected.high)} for this
          state: {againstPlan(last.watts, expected).stands}.
        </p>
      )}
    </>
  )
}

/** The newest ones, as far as the machine did one and the same. */
function sameState(readings: readonly LiveReading[]): readonly LiveReading[] {
  const last = readings.at(-1)
  return readings.slice(readings.findLastIndex(({ state }) => state !== last?.state) + 1)
}
