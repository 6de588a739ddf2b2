import { type PartKind, type PartSheet, removeParts } from '@flint/core'
import { Fragment, type ReactNode, useState } from 'react'
import { PlainFront } from '../drawing/PlainFront'
import { RearView } from '../drawing/RearView'
import { SideSection } from '../drawing/SideSection'
import { TopView } from '../drawing/TopView'
import { useWidth } from '../drawing/useWidth'
import planStyles from '../drawing/plan.module.css'
import { LensFrame } from '../sheet/LensFrame'
import { selectDocument, selectPointedFinding, selectShownDocument } from '../sheet/selectors'
import { useEdit } from '../sheet/useEdit'
import { useAppSelector } from '../store/hooks'
import { Findings } from '../tray/Findings'
import { PartOffers } from '../tray/PartOffers'
import { SheetChanges } from '../tray/SheetChanges'
import { partWords } from '../tray/partWords'
import styles from '../tray/tray.module.css'

export interface PartChoice {
  /** On the switch: "Chassis", "Cards". */
  title: string
  noun: string
  kinds: readonly PartKind[]
  /** Which parts of those kinds belong here, when not all do. */
  isOffered?: (sheet: PartSheet) => boolean
}

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

function ChosenParts({
  choices,
  pointedPartIds,
}: {
  choices: readonly PartChoice[]
  pointedPartIds: readonly string[]
}) {
  const { fitted, snapshots } = useAppSelector(selectDocument)
  const edit = useEdit()
  const sheets = new Map(snapshots.map(({ id, sheet }) => [id, sheet]))
  return (
    <table className={planStyles.table}>
      <caption className="only-for-readers">What is chosen</caption>
      <tbody>
        {choices.map(({ title, kinds, isOffered = () => true }) => {
          const pieces = fitted.flatMap((part) => {
            const sheet = sheets.get(part.snapshotId)
            return sheet && kinds.includes(sheet.kind) && isOffered(sheet) ? [{ part, sheet }] : []
          })
          return (
            <Fragment key={title}>
              {pieces.length === 0 && (
                <tr>
                  <th scope="row">{title}</th>
                  <td colSpan={3} className="soft">
                    not chosen yet
                  </td>
                </tr>
              )}
              {pieces.map(({ part, sheet }, index) => (
                <tr
                  key={part.id}
                  className={pointedPartIds.includes(part.id) ? planStyles.litRow : undefined}
                >
                  <th scope="row">{index === 0 ? title : ''}</th>
                  <td>
                    {sheet.maker} {sheet.model}
                  </td>
                  <td className="soft">{partWords(sheet)}</td>
                  <td>
                    <button
                      type="button"
                      className="plain-button"
                      aria-label={`Remove ${sheet.maker} ${sheet.model}`}
                      onClick={() => {
                        edit(`take out ${sheet.maker} ${sheet.model}`, (before) =>
                          removeParts(before, [part.id]),
                        )
                      }}
                    >
                      remove
                    </button>
                  </td>
                </tr>
              ))}
            </Fragment>
          )
        })}
      </tbody>
    </table>
  )
}
