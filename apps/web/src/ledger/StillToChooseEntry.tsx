import { choiceText } from '@flint/core/figures'
import Popover from '@mui/material/Popover'
import { useState } from 'react'
import { format } from '../controls/locale'
import { StillToChooseList } from '../sheet/StillToChooseList'
import { selectEvaluation, selectPreviewEvaluation } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import styles from './ledger.module.css'
import workings from './workings.module.css'

/** What the design still needs before it can be built, or that it is done. */
export function StillToChooseEntry() {
  const { stillToChoose, isDone } = useAppSelector(selectEvaluation)
  const preview = useAppSelector(selectPreviewEvaluation)
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const now = words(stillToChoose.length, isDone)
  const then = preview && words(preview.stillToChoose.length, preview.isDone)
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
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => {
          setAnchor(null)
        }}
        anchorOrigin={{ vertical: 'top', horizontal: 'right' }}
        transformOrigin={{ vertical: 'bottom', horizontal: 'right' }}
      >
        <div className={workings.workings} role="dialog" aria-label="Still to choose" tabIndex={0}>
          <h2>Still to choose</h2>
          <StillToChooseList
            onChosen={() => {
              setAnchor(null)
            }}
          />
        </div>
      </Popover>
    </>
  )
}

function words(open: number, isDone: boolean): string {
  if (isDone) return 'Done'
  return open === 0 ? 'nothing' : format.number(open)
}
