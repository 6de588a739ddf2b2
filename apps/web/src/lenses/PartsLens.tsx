import { chosenIn, partChoices, type StepId } from '@flint/core/editing'
import { type ReactNode, useCallback, useMemo, useState } from 'react'
import { useLocation, useSearchParams } from 'react-router'
import { PlainFront } from '../drawing/PlainFront'
import { RearView } from '../drawing/RearView'
import { SideSection } from '../drawing/SideSection'
import { PlanCables } from '../drawing/PlanCables'
import { planTitle } from '../drawing/planTitle'
import { PlanView } from '../drawing/PlanView'
import { useWidth } from '../drawing/useWidth'
import planStyles from '../drawing/plan.module.css'
import { LensFrame } from '../sheet/LensFrame'
import { useGoToChoice } from '../sheet/useGoToChoice'
import { selectPointedPartIds, selectShownDesign, selectShownMachine } from '../sheet/selectors'
import { useAppDispatch, useAppSelector } from '../store/hooks'
import { Findings } from '../tray/Findings'
import { PartOffers } from '../tray/PartOffers'
import { SheetChanges } from '../tray/SheetChanges'
import styles from '../tray/tray.module.css'
import { ChosenParts } from './ChosenParts'

/** Room for the smaller drawings beside the top view; in a narrow pane they stand below it. */
const BESIDE_PX = 350
const NARROW_PX = 760

interface PartsLensProps {
  title: string
  step: StepId
  /** Whether the front and the rear are drawn too. */
  showsFronts?: boolean
  /** What else the step asks for, under the drawings. */
  children?: ReactNode
}

/** A step in which parts are chosen: the machine from above and from the side, and what could go in. */
export function PartsLens({ title, step, showsFronts = false, children }: PartsLensProps) {
  const goTo = useGoToChoice()
  const choices = useMemo(() => partChoices(step), [step])
  // A link may say what is to be chosen; a switch that is pressed counts until another link does.
  const location = useLocation()
  const [search] = useSearchParams()
  const [pressed, setPressed] = useState<{ at: string; title: string } | null>(null)
  const wanted = pressed?.at === location.key ? pressed.title : search.get('choose')
  const choice = choices.find((one) => one.title === wanted) ?? choices[0]
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
                    setPressed({ at: location.key, title: one.title })
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
      <Drawings showsFronts={showsFronts}>
        {children}
        <ChosenParts
          choices={choices}
          onChoose={(chosen) => {
            goTo({ step, title: chosen })
          }}
        />
      </Drawings>
    </LensFrame>
  )
}

interface DrawingsProps {
  showsFronts: boolean
  /** What stands under the largest of them. */
  children: ReactNode
}

/** The machine as it is, or as the choice under the pointer would make it; nothing else is drawn again for that. */
function Drawings({ showsFronts, children }: DrawingsProps) {
  const design = useAppSelector(selectShownDesign)
  const machine = useAppSelector(selectShownMachine)
  const pointedPartIds = useAppSelector(selectPointedPartIds)
  const [paneRef, widthPx] = useWidth()
  const goTo = useGoToChoice()
  const dispatch = useAppDispatch()
  // The very same for every machine, or all boxes would be drawn again for it.
  const choosePart = useCallback(
    (pieceId: string) => {
      dispatch((_send, getState) => {
        const sheet = selectShownMachine(getState()).pieces.get(pieceId)?.dataSheet
        const chosen = sheet && chosenIn(sheet)
        if (chosen) goTo(chosen)
      })
    },
    [dispatch, goTo],
  )
  return (
    <div ref={paneRef}>
      <div className={planStyles.plan}>
        <div>
          <section aria-label="Plan">
            <h2>{planTitle(machine)}</h2>
            <PlanView
              machine={machine}
              design={design}
              widthPx={widthPx > NARROW_PX ? widthPx - BESIDE_PX : widthPx}
              pointedPartIds={pointedPartIds}
              onChoose={choosePart}
              overlay={(pxPerMm) => <PlanCables machine={machine} pxPerMm={pxPerMm} />}
            />
          </section>
          {children}
        </div>
        <div className={planStyles.beside}>
          {showsFronts && <PlainFront machine={machine} pointedPartIds={pointedPartIds} />}
          <RearView machine={machine} pointedPartIds={pointedPartIds} />
          <SideSection machine={machine} pointedPartIds={pointedPartIds} />
        </div>
      </div>
    </div>
  )
}
