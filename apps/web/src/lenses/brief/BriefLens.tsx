import { Link } from 'react-router'
import { minorPerMajor } from '@flint/core/drawing'
import { memo, type ReactNode } from 'react'
import { LimitList } from '../../limits/LimitList'
import { LensFrame } from '../../sheet/LensFrame'
import { selectDesign, selectLimits } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { Findings } from '../../tray/Findings'
import trayStyles from '../../tray/tray.module.css'
import { BudgetTerms } from './BudgetTerms'
import { BriefChoice } from './BriefChoice'
import { BriefNumber } from './BriefNumber'
import { BriefText } from './BriefText'
import { currency, dataUnit, eccRule, idleState, mains, memoryRule, sleepRule } from './choices'
import { DataTable } from './DataTable'
import { GrowthBars } from './GrowthBars'
import { Households } from './Households'
import { OwnedSection } from './OwnedSection'
import { PlaceSection } from './PlaceSection'
import { PriceBands } from './PriceBands'
import { CompressionRule } from './CompressionRule'
import { RuleCelsius } from './RuleCelsius'
import { RulePercent } from './RulePercent'
import styles from './brief.module.css'

const MB = 1_000_000

/** What must fit, who reads it, what may break, where it stands, and what it may draw and cost. */
export function BriefLens() {
  return (
    <LensFrame title="Brief" tray={<BriefTray />}>
      <BriefForm />
    </LensFrame>
  )
}

function BriefTray() {
  const limits = useAppSelector(selectLimits)
  return (
    <>
      <Households />
      <section className={trayStyles.section} aria-label="Limits">
        <h2>Limits, and how the design stands</h2>
        <LimitList limits={limits} />
      </section>
      <Findings />
    </>
  )
}

const BriefForm = memo(function BriefForm() {
  const code = useAppSelector((state) => selectDesign(state).brief.currency)
  const budgetCode = useAppSelector((state) => selectDesign(state).brief.costLimitCurrency) ?? code
  const perMajor = minorPerMajor(code)
  return (
    <>
      <h2>What is it for?</h2>
      <div className={styles.top}>
        <div>
          <DataTable />
          <div className={styles.dataUnit}>
            <BriefChoice {...dataUnit} />
          </div>
        </div>
        <div>
          <h3>Year by year</h3>
          <GrowthBars />
        </div>
      </div>
      <div className={styles.columns}>
        <Section title="How long, and for whom">
          <BriefNumber field="horizonYears" label="Must last" unit="years" min={0} max={30} />
          <div className={styles.pair}>
            <BriefNumber field="readersAtOnce" label="Readers at once" min={0} max={1_000} whole />
            <BriefNumber
              field="readerBytesPerSecond"
              label="Each needs"
              unit="MB/s"
              scale={MB}
              min={0}
              max={1_000_000}
            />
          </div>
          <p className="soft">
            A 4K film takes about 5 MB/s, editing video 100 and more. Those with links of their own
            are described under{' '}
            <Link to="../network" relative="path">
              Network
            </Link>
            .
          </p>
        </Section>
        <Section title="What may break">
          <BriefNumber
            field="failuresWanted"
            label="Failures to survive"
            unit="drives"
            min={0}
            max={10}
            whole
            optional
            help="Any that many at once. Empty: no wish."
          />
          <div className={styles.pair}>
            <BriefNumber
              field="outageHoursTolerated"
              label="Longest outage"
              unit="h"
              min={0}
              max={100_000}
              optional
            />
            <BriefNumber
              field="lossHoursTolerated"
              label="Most work lost"
              unit="h of work"
              min={0}
              max={100_000}
              optional
            />
          </div>
        </Section>
        <Section title="Second copy">
          <BriefText
            label="Where is it?"
            maxLength={400}
            help="Redundancy keeps a pool running through failures. It does not bring back what was deleted, burnt or stolen."
            valueOf={({ brief }) => brief.secondCopy}
            change={(secondCopy) => ({ do: 'change-brief', change: { secondCopy } })}
          />
          <BriefNumber
            field="secondCopyEveryHours"
            label="Made every"
            unit="h"
            min={0.1}
            max={100_000}
            optional
          />
        </Section>
        <Section title="Where it stands">
          <PlaceSection />
        </Section>
        <Section title="Power">
          <BriefNumber
            field="idleWattsLimit"
            label="Idle at the wall, at most"
            unit="W"
            min={1}
            max={100_000}
            optional
          />
          <BriefChoice {...idleState} />
          <div className={styles.pair}>
            <BriefNumber
              field="pricePerKilowattHourMinor"
              label="Price of a kWh"
              unit={code}
              scale={perMajor}
              min={0}
              max={1_000}
            />
            <BriefChoice {...mains} />
          </div>
          <PriceBands />
        </Section>
        <Section title="Money">
          <div className={styles.pair}>
            <BriefNumber
              field="costLimitMinor"
              label="Budget"
              unit={budgetCode}
              scale={minorPerMajor(budgetCode)}
              rounds
              min={0}
              max={10_000_000}
              optional
            />
            <BriefNumber
              field="laterMinorPerYear"
              label="Each later year"
              unit={code}
              scale={perMajor}
              rounds
              min={0}
              max={10_000_000}
              optional
            />
          </div>
          <BudgetTerms />
          <BriefChoice {...currency} />
        </Section>
        <Section title="What stays free">
          <div className={styles.pair}>
            <BriefNumber field="freeBaysWanted" label="Bays" min={0} max={100} whole />
            <BriefNumber field="freeSlotsWanted" label="Slots" min={0} max={20} whole />
          </div>
          <p className="soft">For rescue work and growth; one bay is worth keeping.</p>
        </Section>
        <Section title="House rules">
          <div className={styles.pair}>
            <RulePercent
              field="fillCeiling"
              label="Fill ceiling"
              min={10}
              max={100}
              help="Fuller pools get slow."
            />
            <RulePercent
              field="snapshotReserve"
              label="Snapshot reserve"
              min={0}
              max={90}
              help="Kept for old states of files."
            />
            <CompressionRule />
            <RuleCelsius field="driveCelsiusAdvised" label="Drives below" help="What is advised." />
            <RuleCelsius
              field="driveCelsiusMost"
              label="Drives at most"
              help="Or what their maker allows."
            />
          </div>
          <BriefChoice {...memoryRule} />
          <BriefChoice {...eccRule} />
          <BriefChoice {...sleepRule} />
        </Section>
        <Section title="Owned already">
          <OwnedSection />
        </Section>
        <Section wide>
          <BriefText
            label="Notes"
            maxLength={10_000}
            multiline
            valueOf={({ notes }) => notes}
            change={(notes) => ({ do: 'write-notes', notes })}
          />
        </Section>
      </div>
    </>
  )
})

function Section({
  title,
  wide = false,
  children,
}: {
  title?: string
  wide?: boolean
  children: ReactNode
}) {
  return (
    <section className={wide ? `${styles.section} ${styles.wide}` : styles.section}>
      {title && <h3>{title}</h3>}
      {children}
    </section>
  )
}
