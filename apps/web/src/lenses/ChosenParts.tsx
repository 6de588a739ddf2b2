import type { PartChoice } from '@flint/core/editing'
import { Fragment } from 'react'
import planStyles from '../drawing/plan.module.css'
import { selectDesign } from '../sheet/selectors'
import { useEdit } from '../sheet/useEdit'
import { useAppSelector } from '../store/hooks'
import { partWords } from '../tray/partWords'

/** What is chosen of each kind, with a way to take it out. */
export function ChosenParts({
  choices,
  pointedPartIds,
}: {
  choices: readonly PartChoice[]
  pointedPartIds: readonly string[]
}) {
  const { fitted, snapshots } = useAppSelector(selectDesign)
  const edit = useEdit()
  const sheets = new Map(snapshots.map(({ id, sheet }) => [id, sheet]))
  return (
    <table className={planStyles.table}>
      <caption className="only-for-readers">What is chosen</caption>
      <tbody>
        {choices.map(({ title, takes }) => {
          const pieces = fitted.flatMap((part) => {
            const sheet = sheets.get(part.snapshotId)
            return sheet && takes(sheet) ? [{ part, sheet }] : []
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
                  className={
                    pointedPartIds.includes(part.id) ? planStyles.highlightedRow : undefined
                  }
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
                        edit({ do: 'remove', partIds: [part.id] })
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
