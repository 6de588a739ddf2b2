import type { MachineStateId } from '@flint/core/editing'
import {
  againstPlan,
  differenceCauses,
  machineStates,
  piecesOf,
  type PowerIn,
} from '@flint/core/figures'
import { useState } from 'react'
import { NumberField } from '../../controls/NumberField'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectEvaluation, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { Causes } from './Causes'
import { readingWords } from './readingWords'
import styles from './power.module.css'

/** What makes a reading worth something. Common practice, no source. */
const PROTOCOL = [
  'Say which state it is: in the menus of the firmware nothing sleeps, and no idle figure comes of it.',
  'Pull out screen, keyboard and sticks, and close the lid.',
  'Wait half an hour after the start, and as long as disks take to stop.',
  'Read the mean of ten minutes, not a moment.',
  'Leave the supply closed, and the meter between plug and wall.',
]

/** One figure of a meter, against the plan of the same state, and what may explain a difference. */
export function BenchReading({ powerIn }: { powerIn: PowerIn }) {
  const machine = useAppSelector(selectMachine)
  const { power } = useAppSelector(selectEvaluation)
  const [state, setState] = useState<MachineStateId>('spinning')
  const [watts, setWatts] = useState<number | null>(null)
  const expected = powerIn(state).wall
  const reading = watts !== null && expected ? againstPlan(watts, expected) : null
  const [supply] = piecesOf(machine, 'supply')
  const differs = reading?.stands === 'above' || reading?.stands === 'below'
  return (
    <>
      <div className={styles.brushes}>
        <SmallChoice
          label="Read in the state"
          value={state}
          width={220}
          options={machineStates.map(({ id, title }) => ({ value: id, text: title }))}
          onChange={(value) => {
            setState(value as MachineStateId)
          }}
        />
        <NumberField
          label="The meter shows"
          unit="W"
          width={150}
          optional
          min={0}
          max={100_000}
          value={watts}
          onChange={setWatts}
        />
      </div>
      <div role="status">
        {watts !== null && !expected && (
          <p>Without a supply there is no plan to hold it against.</p>
        )}
        {reading && <p>{readingWords(reading)}</p>}
        {differs && (
          <Causes
            causes={differenceCauses(
              power,
              reading.stands === 'above',
              state === 'asleep',
              supply ? power.dc.likely / supply.dataSheet.ratedWatts : null,
            )}
          />
        )}
      </div>
      <details>
        <summary>How to read a meter</summary>
        <ol>
          {PROTOCOL.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      </details>
    </>
  )
}
