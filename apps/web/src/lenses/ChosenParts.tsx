import type { PartChoice } from '@flint/core/editing'
import { Fragment } from 'react'
import planStyles from '../drawing/plan.module.css'
import { selectDesign, selectPointedPartIds } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { ChosenPart, type EqualPieces } from './ChosenPart'

interface ChosenPartsProps {
  choices: readonly PartChoice[]
  /** Shows in the tray what could be chosen. */
  onChoose: (title: string) => void
}

/** What is chosen of each kind, with ways to have more of it, another or none. */
export function ChosenParts({ choices, onChoose }: ChosenPartsProps) {
  const fitted = useAppSelector((state) => selectDesign(state).fitted)
  const snapshots = useAppSelector((state) => selectDesign(state).snapshots)
  const pointedPartIds = useAppSelector(selectPointedPartIds)
  return (
    <table className={planStyles.table}>
      <caption className="only-for-readers">What is chosen</caption>
      <tbody>
        {choices.map(({ title, noun, takes }) => {
          const lines = snapshots.flatMap(({ id, sheet }): EqualPieces[] => {
            const pieces = fitted.filter(({ snapshotId }) => snapshotId === id)
            return takes(sheet) && pieces.length > 0 ? [{ sheet, pieces }] : []
          })
          return (
            <Fragment key={title}>
              {lines.length === 0 && (
                <tr>
                  <th scope="row">{title}</th>
                  <td colSpan={2} className="soft">
                    not chosen yet
                  </td>
                  <td>
                    <button
                      type="button"
                      className="plain-button"
                      aria-label={`Choose a ${noun}`}
                      onClick={() => {
                        onChoose(title)
                      }}
                    >
                      choose
                    </button>
                  </td>
                </tr>
              )}
              {lines.map((line, index) => (
                <ChosenPart
                  key={line.pieces[0]?.snapshotId}
                  title={index === 0 ? title : ''}
                  line={line}
                  isPointed={line.pieces.some(({ id }) => pointedPartIds.includes(id))}
                  onChoose={() => {
                    onChoose(title)
                  }}
                />
              ))}
            </Fragment>
          )
        })}
      </tbody>
    </table>
  )
}
