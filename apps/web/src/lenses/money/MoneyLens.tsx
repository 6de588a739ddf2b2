import { billOfMaterials, type BillLine } from '@flint/core/figures'
import { useMemo, useState } from 'react'
import { useWidth } from '../../drawing/useWidth'
import { LensFrame } from '../../sheet/LensFrame'
import {
  selectEvaluation,
  selectPointedFinding,
  selectShownDesign,
  selectShownMachine,
} from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { Findings } from '../../tray/Findings'
import { BillSection } from './BillSection'
import { BreakEvenSection } from './BreakEvenSection'
import { DriveOffersSection } from './DriveOffersSection'
import { LineForm } from './LineForm'
import { PricePlan } from './PricePlan'
import { TermsSection } from './TermsSection'
import { TotalsTable } from './TotalsTable'
import { WorthSection } from './WorthSection'
import { YearsSection } from './YearsSection'
import styles from './money.module.css'

/** Beside the drawing. */
const TOTALS_PX = 340

/** What everything costs, what the years cost, and when that has paid for itself. */
export function MoneyLens() {
  const design = useAppSelector(selectShownDesign)
  const machine = useAppSelector(selectShownMachine)
  const evaluation = useAppSelector(selectEvaluation)
  const pointedPartIds = useAppSelector(selectPointedFinding)?.partIds ?? []
  const [paneRef, widthPx] = useWidth()
  const [chosen, setChosen] = useState<Pick<BillLine, 'id' | 'of' | 'snapshotId'> | null>(null)
  const cost = useMemo(() => billOfMaterials(design.brief.currency, design), [design])
  // A line whose pieces get a purchase of their own has another id from then on.
  const line =
    cost.lines.find(({ id, of }) => id === chosen?.id && of === chosen.of) ??
    cost.lines.find(({ snapshotId }) => snapshotId !== null && snapshotId === chosen?.snapshotId)
  return (
    <LensFrame
      title="Money"
      tray={
        <>
          {line && (
            <LineForm
              key={`${line.of} ${line.id}`}
              line={line}
              onGone={() => {
                setChosen(null)
              }}
            />
          )}
          <TermsSection />
          <Findings />
        </>
      }
    >
      <div ref={paneRef} className={styles.lens}>
        <div className={styles.top}>
          <PricePlan
            design={design}
            machine={machine}
            cost={cost}
            widthPx={widthPx - TOTALS_PX}
            pointedPartIds={pointedPartIds}
          />
          <TotalsTable design={design} evaluation={{ ...evaluation, cost }} />
        </div>
        <BillSection onChoose={setChosen} />
        <YearsSection />
        <BreakEvenSection />
        <WorthSection />
        <DriveOffersSection />
      </div>
    </LensFrame>
  )
}
