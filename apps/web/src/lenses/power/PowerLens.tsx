import type { MachineStateId, PartChoice } from '@flint/core/editing'
import { statePowers } from '@flint/core/figures'
import { lazy, Suspense, useMemo, useState } from 'react'
import { useWidth } from '../../drawing/useWidth'
import { LensFrame } from '../../sheet/LensFrame'
import { selectShownDesign, selectShownMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { Findings } from '../../tray/Findings'
import { PartOffers } from '../../tray/PartOffers'
import tray from '../../tray/tray.module.css'
import { DaySection } from './DaySection'
import { PowerFlow } from './PowerFlow'
import { ReadingsSection } from './ReadingsSection'
import { SavingsTable } from './SavingsTable'
import { SleepSection } from './SleepSection'
import { StartSection } from './StartSection'
import { StatesTable } from './StatesTable'
import { stateTitle } from './stateWords'
import { UpsSection } from './UpsSection'
import styles from './power.module.css'

const SUPPLIES: PartChoice = {
  title: 'Supply',
  noun: 'supply',
  takes: ({ kind }) => kind === 'supply',
}

/** The chart library is large, and the rest of the lens needs none of it. */
const EfficiencyCurve = lazy(() => import('./EfficiencyCurve'))

/** Where the watts go, what the machine draws in each state and through its days, and what of it could be saved. */
export function PowerLens() {
  const design = useAppSelector(selectShownDesign)
  const machine = useAppSelector(selectShownMachine)
  const [stateId, setStateId] = useState<MachineStateId>('spinning')
  const [paneRef, widthPx] = useWidth()
  const powerIn = useMemo(() => statePowers(design, machine), [design, machine])
  return (
    <LensFrame
      title="Power"
      tray={
        <>
          <section className={tray.section}>
            <h2>{SUPPLIES.title}</h2>
            <PartOffers {...SUPPLIES} />
          </section>
          <Findings />
        </>
      }
    >
      <div ref={paneRef} className={styles.lens}>
        <PowerFlow title={stateTitle(stateId)} power={powerIn(stateId)} widthPx={widthPx} />
        <div className={styles.besides}>
          <StatesTable powerIn={powerIn} chosen={stateId} onChoose={setStateId} />
          <Suspense fallback={<p className="soft">The curve is on its way …</p>}>
            <EfficiencyCurve powerIn={powerIn} />
          </Suspense>
        </div>
        <DaySection powerIn={powerIn} />
        <SleepSection />
        <SavingsTable />
        <StartSection />
        <UpsSection powerIn={powerIn} />
        <ReadingsSection powerIn={powerIn} />
      </div>
    </LensFrame>
  )
}
