import { choiceText, type OpenChoice } from '@flint/core/figures'
import { useState } from 'react'
import { format } from '../controls/locale'
import { StillToChooseList } from '../sheet/StillToChooseList'
import { selectEvaluation, selectPreviewEvaluation } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { LedgerPopover } from './LedgerPopover'
import styles from './ledger.module.css'

/** What the design still needs before it can be built, or that it is done. */
export function StillToChooseEntry() {
  const { stillToChoose, isDone } = useAppSelector(selectEvaluation)
  const preview = useAppSelector(selectPreviewEvaluation)
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const close = (): void => {
    setAnchor(null)
  }
  const now = words(stillToChoose, isDone)
  const then = preview && words(preview.stillToChoose, preview.isDone)
  return (
    <>
      <button
        type="button"
        className={styles.figure}
        onClick={({ currentTarget }) => {
          setAnchor(currentTarget)
        }}
      >
        <span className={styles.title}>still to choose</span>
        <span className={styles.row}>
          <span className={styles.value} data-value="still-to-choose">
            {now}
          </span>
          {then && then !== now && <span className={styles.preview}>→ {then}</span>}
        </span>
        <span className={styles.below} style={{ marginTop: 'auto' }}>
          {isDone
            ? 'keeps its brief'
            : stillToChoose.length === 0
              ? 'all parts are there'
              : stillToChoose.map((one) => choiceText({ ...one, which: null }, format)).join(', ')}
        </span>
      </button>
      <LedgerPopover title="Still to choose" anchor={anchor} onClose={close}>
        <StillToChooseList onChosen={close} />
      </LedgerPopover>
    </>
  )
}

function words(open: readonly OpenChoice[], isDone: boolean): string {
  if (isDone) return 'Done'
  const pieces = open.reduce((sum, { count }) => sum + count, 0)
  return pieces === 0 ? 'nothing' : format.number(pieces)
}
