import { type ReactNode, useState } from 'react'
import { PlainFront } from '../drawing/PlainFront'
import { RearView } from '../drawing/RearView'
import { SideSection } from '../drawing/SideSection'
import { TopView } from '../drawing/TopView'
import { useWidth } from '../drawing/useWidth'
import planStyles from '../drawing/plan.module.css'
import { LensFrame } from '../sheet/LensFrame'
import { selectPointedFinding, selectShownDocument } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { Findings } from '../tray/Findings'
import { PartOffers } from '../tray/PartOffers'
import { SheetChanges } from '../tray/SheetChanges'
import styles from '../tray/tray.module.css'
import { ChosenParts, type PartChoice } from './ChosenParts'

/** Room for the smaller drawings beside the top view; in a narrow pane they stand below it. */
const BESIDE_PX = 350
const NARROW_PX = 760

interface PartsLensProps {
  title: string
  choices: readonly PartChoice[]
  /** Whether the front and the rear are drawn too. */
  showsFronts?: boolean
  /** What else the step asks for, under the drawings. */
  children?: ReactNode
}

/** A step in which parts are chosen: the machine from above and from the side, and what could go in. */
export function PartsLens({ title, choices, showsFronts = false, children }: PartsLensProps) {
  const document = useAppSelector(selectShownDocument)
  const pointed = useAppSelector(selectPointedFinding)
  const [paneRef, widthPx] = useWidth()
  const [first] = choices
  const [choice, setChoice] = useState(first)
  const pointedPartIds = pointed?.partIds ?? []
  return (
    <LensFrame
      title={title}
      tray={
        <>
          <section className={styles.section}>
            <div className={styles.switch}>
              {choices.map((one) => (
                <button
                  key={one.title}
                  type="button"
                  aria-pressed={one === choice}
                  onClick={() => {
                    setChoice(one)
                  }}
                >
                  {one.title}
                </button>
              ))}
            </div>
            {choice && <PartOffers key={choice.title} {...choice} />}
          </section>
          <SheetChanges />
          <Findings />
        </>
      }
    >
      <div ref={paneRef}>
        <div className={planStyles.plan}>
          <div>
            <section aria-label="Top">
              <h2>Top</h2>
              <TopView
                document={document}
                widthPx={widthPx > NARROW_PX ? widthPx - BESIDE_PX : widthPx}
                pointedPartIds={pointedPartIds}
              />
            </section>
            {children}
            <ChosenParts choices={choices} pointedPartIds={pointedPartIds} />
          </div>
          <div className={planStyles.beside}>
            {showsFronts && <PlainFront document={document} pointedPartIds={pointedPartIds} />}
            <RearView document={document} pointedPartIds={pointedPartIds} />
            <SideSection document={document} pointedPartIds={pointedPartIds} />
          </div>
        </div>
      </div>
    </LensFrame>
  )
}
