import {
  type DesignDocument,
  evaluate,
  groupDrives,
  type LayoutChoice,
  layoutChoices,
} from '@flint/core'
import { useMemo } from 'react'
import { say } from '../../controls/locale'
import { selectChosenDrives, selectDocument } from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from '../../tray/tray.module.css'
import { walkOffers } from '../../tray/walkOffers'

/** What the chosen drives could become, each with what the whole design would then be. */
export function LayoutOffers() {
  const document = useAppSelector(selectDocument)
  const drives = useAppSelector(selectChosenDrives)
  const edit = useEdit()
  const previewOf = usePreview()
  const offers = useMemo(
    () =>
      layoutChoices(
        drives.map(({ part, sheet }) => ({ id: part.id, capacityBytes: sheet.capacityBytes })),
      ).map((choice) => offerOf(choice, document)),
    [document, drives],
  )
  return (
    <>
      <p className="soft">What should they become? The figures are those of the whole design.</p>
      <ul className={styles.list} onKeyDown={walkOffers} aria-label="Layouts">
        {offers.map(({ choice, result, isNow }) => {
          const apply = (before: DesignDocument): DesignDocument =>
            groupDrives(before, choice.groups)
          return (
            <li key={choice.id}>
              <button
                type="button"
                data-offer
                data-layout={choice.id}
                className={styles.offer}
                aria-disabled={choice.reason !== null}
                aria-current={isNow}
                {...previewOf(choice.reason === null && !isNow ? apply : null)}
                onClick={() => {
                  if (choice.reason === null && !isNow) edit(`make ${choice.title}`, apply)
                }}
              >
                <span className={styles.title}>{choice.title}</span>
                <span className={styles.right}>{result?.working ?? ''}</span>
                {choice.reason ? (
                  <span className={styles.wide}>{choice.reason}</span>
                ) : (
                  <>
                    <span className={styles.detail}>
                      {choice.zfsWords}
                      {isNow ? ', now' : ''}
                    </span>
                    <span className={styles.detailRight}>{result?.survived}</span>
                  </>
                )}
              </button>
            </li>
          )
        })}
      </ul>
    </>
  )
}

function offerOf(choice: LayoutChoice, document: DesignDocument) {
  if (choice.reason !== null) return { choice, result: null, isNow: false }
  const { capacity, survival } = evaluate(groupDrives(document, choice.groups))
  return {
    choice,
    result: {
      working: say.space(capacity.workingBytes),
      survived: survival.alwaysSurvived ? `any ${survival.alwaysSurvived}` : 'none',
    },
    isNow: choice.groups.every((wanted) => isThere(document, wanted)),
  }
}

/** Whether a group of this kind over exactly these drives exists. */
function isThere(document: DesignDocument, wanted: LayoutChoice['groups'][number]): boolean {
  return document.pools.some(({ groups }) =>
    groups.some(
      ({ kind, driveIds }) =>
        kind === wanted.kind &&
        driveIds.length === wanted.driveIds.length &&
        wanted.driveIds.every((id) => driveIds.includes(id)),
    ),
  )
}
