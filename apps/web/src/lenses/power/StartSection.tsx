import { lazy, Suspense, useMemo } from 'react'
import type { SpinUp } from '@flint/core/editing'
import { type Machine, startCurve, startInGroups, startSurge } from '@flint/core/figures'
import { NumberField } from '../../controls/NumberField'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectShownDesign, selectShownMachine } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { startWords } from './startWords'
import styles from './power.module.css'

/** The chart library is large, and the rest of the lens needs none of it. */
const StartChart = lazy(() => import('./StartChart'))

/** Where nobody says how many drives a group has, and how many seconds it needs. */
const USUAL_GROUP: SpinUp = { drivesAtOnce: 4, secondsApart: 10 }

function groupsFor(machine: Machine): SpinUp {
  const held = startInGroups(machine) ?? { ...USUAL_GROUP, drivesAtOnce: 1 }
  return { ...held, drivesAtOnce: Math.min(held.drivesAtOnce, USUAL_GROUP.drivesAtOnce) }
}

/** What the 12 V and 5 V rails carry while the drives start, and how they are let start. */
export function StartSection() {
  const { spinUp } = useAppSelector(selectShownDesign)
  const machine = useAppSelector(selectShownMachine)
  const edit = useEdit()
  const curve = useMemo(() => startCurve(machine, spinUp), [machine, spinUp])
  const twelve = startSurge(machine, spinUp, 'twelve', curve)
  const five = startSurge(machine, spinUp, 'five', curve)
  if (!twelve || !five || machine.driveIn.size === 0) return null
  return (
    <section aria-label="The start">
      <h2>
        The start
        <span className="aside">amperes on the rails of the supply, second by second</span>
      </h2>
      <div className={styles.brushes}>
        <SmallChoice
          label="Drives start"
          value={spinUp ? 'groups' : 'together'}
          width={240}
          options={[
            { value: 'together', text: 'together, or as controllers do' },
            { value: 'groups', text: 'in groups' },
          ]}
          onChange={(value) => {
            edit({ do: 'start-drives', spinUp: value === 'groups' ? groupsFor(machine) : null })
          }}
        />
        {spinUp && (
          <>
            <NumberField
              label="Drives at a time"
              value={spinUp.drivesAtOnce}
              min={1}
              max={1_024}
              whole
              width={130}
              onChange={(drivesAtOnce) => {
                if (drivesAtOnce === null) return
                edit({ do: 'start-drives', spinUp: { ...spinUp, drivesAtOnce } }, true)
              }}
            />
            <NumberField
              label="Apart"
              unit="s"
              value={spinUp.secondsApart}
              min={0}
              max={60}
              width={110}
              onChange={(secondsApart) => {
                if (secondsApart === null) return
                edit({ do: 'start-drives', spinUp: { ...spinUp, secondsApart } }, true)
              }}
            />
          </>
        )}
      </div>
      <Suspense fallback={<p className="soft">The curve is on its way …</p>}>
        <StartChart curve={curve} rated12={twelve.ratedAmps} rated5={five.ratedAmps} />
      </Suspense>
      <p className="soft">{startWords(curve, twelve, five)}</p>
    </section>
  )
}
