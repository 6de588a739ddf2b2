import { changeBrief, changeHouseRules, type DesignDocument, minorPerMajor, TIB } from '@flint/core'
import { memo, type ReactNode } from 'react'
import { NumberField } from '../../controls/NumberField'
import { TextLine } from '../../controls/TextLine'
import { LensFrame } from '../../sheet/LensFrame'
import { selectDocument } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { Findings } from '../../tray/Findings'
import { BriefChoice } from './BriefChoice'
import { BriefNumber } from './BriefNumber'
import { currency, eccRule, mains, memoryRule } from './choices'
import { GrowthBars } from './GrowthBars'
import styles from './brief.module.css'

/** What must fit, how long, what may break, and what it may draw and cost. */
export function BriefLens() {
  return (
    <LensFrame title="Brief" tray={<Findings />}>
      <BriefForm />
    </LensFrame>
  )
}

const BriefForm = memo(function BriefForm() {
  const code = useAppSelector((state) => selectDocument(state).brief.currency)
  const perMajor = minorPerMajor(code)
  return (
    <>
      <h2>What is it for?</h2>
      <div className={styles.columns}>
        <Section title="What must fit">
          <BriefNumber
            field="dataNowBytes"
            what="the data now"
            label="Data now"
            unit="TiB"
            scale={TIB}
            rounds
            min={0}
            max={100_000}
            help="As a file system counts it: 1 TiB is 1.1 TB."
          />
          <div className={styles.pair}>
            <BriefNumber
              field="growthBytesPerYear"
              what="the growth"
              label="Growth"
              unit="TiB a year"
              scale={TIB}
              rounds
              min={0}
              max={100_000}
            />
            <BriefNumber
              field="horizonYears"
              what="how long it must last"
              label="Must last"
              unit="years"
              min={0}
              max={30}
            />
          </div>
        </Section>
        <Section title="What may break">
          <BriefNumber
            field="failuresWanted"
            what="the failures to survive"
            label="Failures to survive"
            unit="drives"
            min={0}
            max={10}
            whole
            optional
            help="Any that many at once. Empty: no wish."
          />
          <BriefNumber
            field="freeBaysWanted"
            what="the bays to stay free"
            label="Bays to stay free"
            unit="bays"
            min={0}
            max={100}
            whole
            help="For rescue work and growth; one is worth keeping."
          />
        </Section>
        <Section title="Power">
          <BriefNumber
            field="idleWattsLimit"
            what="the watt limit"
            label="Idle at the wall, at most"
            unit="W"
            min={1}
            max={100_000}
            optional
          />
          <div className={styles.pair}>
            <BriefNumber
              field="pricePerKilowattHourMinor"
              what="the price of power"
              label="Price of a kWh"
              unit={code}
              scale={perMajor}
              min={0}
              max={1_000}
            />
            <BriefChoice {...mains} />
          </div>
        </Section>
        <Section title="Money">
          <div className={styles.pair}>
            <BriefNumber
              field="costLimitMinor"
              what="the cost limit"
              label="To buy, at most"
              unit={code}
              scale={perMajor}
              rounds
              min={0}
              max={10_000_000}
              optional
            />
            <BriefChoice {...currency} />
          </div>
        </Section>
        <Section title="House rules">
          <div className={styles.pair}>
            <RulePercent
              field="fillCeiling"
              what="the fill ceiling"
              label="Fill ceiling"
              min={10}
              max={100}
              help="Fuller pools get slow."
            />
            <RulePercent
              field="snapshotReserve"
              what="the snapshot reserve"
              label="Snapshot reserve"
              min={0}
              max={90}
              help="Kept for old states of files."
            />
          </div>
        </Section>
        <Section title="House rules on memory">
          <BriefChoice {...memoryRule} />
          <BriefChoice {...eccRule} />
        </Section>
        <Section title="Second copy">
          <BriefText
            label="Where is it?"
            what="where the second copy is"
            maxLength={400}
            help="Redundancy keeps a pool running through failures. It does not bring back what was deleted, burnt or stolen."
            valueOf={({ brief }) => brief.secondCopy}
            change={(document, secondCopy) => changeBrief(document, { secondCopy })}
          />
        </Section>
        <Section title="Year by year" wide>
          <GrowthBars />
        </Section>
        <Section wide>
          <BriefText
            label="Notes"
            what="the notes"
            maxLength={10_000}
            multiline
            valueOf={({ notes }) => notes}
            change={(document, notes) => ({ ...document, notes })}
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

interface RulePercentProps {
  field: 'fillCeiling' | 'snapshotReserve'
  what: string
  label: string
  min: number
  max: number
  help: string
}

function RulePercent({ field, what, ...shown }: RulePercentProps) {
  const share = useAppSelector((state) => selectDocument(state).houseRules[field])
  const edit = useEdit()
  return (
    <NumberField
      {...shown}
      unit="%"
      value={share * 100}
      onChange={(percent) => {
        if (percent === null) return
        edit(
          `change ${what}`,
          (document) => changeHouseRules(document, { [field]: percent / 100 }),
          true,
        )
      }}
    />
  )
}

interface BriefTextProps {
  label: string
  what: string
  maxLength: number
  help?: string
  multiline?: boolean
  valueOf: (document: DesignDocument) => string
  change: (document: DesignDocument, value: string) => DesignDocument
}

function BriefText({ what, valueOf, change, ...shown }: BriefTextProps) {
  const value = useAppSelector((state) => valueOf(selectDocument(state)))
  const edit = useEdit()
  return (
    <TextLine
      {...shown}
      value={value}
      onChange={(text) => {
        edit(`change ${what}`, (document) => change(document, text), true)
      }}
    />
  )
}
