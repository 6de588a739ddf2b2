import type { PartChoice } from '@flint/core/editing'
import {
  airFlow,
  hasFilter,
  HOTTEST_STATE,
  machineHeat,
  pieceOf,
  placeOf,
} from '@flint/core/figures'
import { lazy, Suspense, useMemo, useState } from 'react'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useWidth } from '../../drawing/useWidth'
import { LensFrame } from '../../sheet/LensFrame'
import {
  selectPointedFinding,
  selectShownDesign,
  selectShownMachine,
  selectWords,
} from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { Findings } from '../../tray/Findings'
import { PartOffers } from '../../tray/PartOffers'
import tray from '../../tray/tray.module.css'
import { BriefNumber } from '../brief/BriefNumber'
import { AirPlan } from './AirPlan'
import { HeatFront } from './HeatFront'
import { AirSettings } from './AirSettings'
import { CoolingList } from './CoolingList'
import { airWords } from './airWords'
import { NoiseTable } from './NoiseTable'
import { RowsTable } from './RowsTable'
import styles from './heat.module.css'

const FANS: PartChoice = { title: 'Fans', noun: 'fan', takes: ({ kind }) => kind === 'fan' }

/** The chart library is large, and the rest of the lens needs none of it. */
const DutyCurve = lazy(() => import('./DutyCurve'))

/** Beside the drawing. */
const SETTINGS_PX = 240

type HeatState = 'spinning' | 'scrub'

/** The air through the machine, how warm each row of drives gets, how loud it is, and what would change that. */
export function HeatLens() {
  const design = useAppSelector(selectShownDesign)
  const machine = useAppSelector(selectShownMachine)
  const words = useAppSelector(selectWords)
  const pointedPartIds = useAppSelector(selectPointedFinding)?.partIds ?? []
  const [paneRef, widthPx] = useWidth()
  const [state, setState] = useState<HeatState>(HOTTEST_STATE)
  const flow = useMemo(() => airFlow(machine, design.air), [machine, design.air])
  const heat = useMemo(
    () => machineHeat(design, machine, flow, state),
    [design, machine, flow, state],
  )
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  const hasGap = (flow?.fans ?? []).some((fan) => placeOf(fan) === 'inside')
  return (
    <LensFrame
      title="Heat"
      tray={
        <>
          <CoolingList />
          <section className={tray.section}>
            <h2>{FANS.title}</h2>
            <PartOffers {...FANS} />
          </section>
          <Findings />
        </>
      }
    >
      <div ref={paneRef} className={styles.lens}>
        <div className={styles.plan}>
          <AirPlan
            design={design}
            machine={machine}
            flow={flow}
            heat={heat}
            widthPx={widthPx - SETTINGS_PX}
            pointedPartIds={pointedPartIds}
          />
          <div className={styles.settings}>
            <BriefNumber
              field="roomCelsius"
              label="Room on a hot day"
              unit="°C"
              min={-20}
              max={60}
            />
            <ToggleButtonGroup
              exclusive
              size="small"
              orientation="vertical"
              value={state}
              aria-label="What the drives do"
              onChange={(_, next: HeatState | null) => {
                if (next) setState(next)
              }}
            >
              <ToggleButton value="spinning">at rest, disks spinning</ToggleButton>
              <ToggleButton value="scrub">all drives read</ToggleButton>
            </ToggleButtonGroup>
            {flow && (
              <AirSettings hasFilter={chassis ? hasFilter(chassis) : false} hasGap={hasGap} />
            )}
          </div>
        </div>
        <p className="soft">{airWords(flow, heat, words)}</p>
        <div className={styles.besides}>
          {heat.rows.length > 0 && (
            <HeatFront
              design={design}
              machine={machine}
              heat={heat}
              pointedPartIds={pointedPartIds}
            />
          )}
          {heat.rows.length === 0 ? (
            <p className="soft">Put drives into bays, and how warm they get is worked out here.</p>
          ) : (
            <section aria-label="How warm the drives get">
              <h2>
                How warm the drives get
                <span className="aside">
                  {state === 'scrub' ? 'while all are read' : 'spinning, and nobody reads'}
                </span>
              </h2>
              <RowsTable design={design} heat={heat} nameOf={words.piece} />
            </section>
          )}
          {flow && flow.fans.length > 0 && heat.rows.length > 0 && (
            <Suspense fallback={<p className="soft">The curve is on its way …</p>}>
              <DutyCurve design={design} machine={machine} />
            </Suspense>
          )}
        </div>
        <NoiseTable design={design} machine={machine} />
        <p className="soft">
          Air by fan lines against the drag of openings, 1.76 K for a watt in a cubic foot a minute;
          a drive over the air by its surface. Bands, not readings: a thermometer on the warmest
          drive with the cover on, after an hour of work, says more.
        </p>
      </div>
    </LensFrame>
  )
}
