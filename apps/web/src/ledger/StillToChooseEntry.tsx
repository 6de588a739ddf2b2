import type { Evaluation } from '@flint/core/figures'
import { useState } from 'react'
import { StillToChooseList } from '../sheet/StillToChooseList'
import { selectEvaluation, selectPreviewEvaluation } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import type { RootState } from '../store/store'
import { LedgerCount } from './LedgerCount'
import { LedgerPopover } from './LedgerPopover'
import { openChoiceCount, openChoiceNames } from './openChoiceWords'

/** What the design still needs before it can be built, or that it is done. */
export function StillToChooseEntry() {
  const { stillToChoose, isDone } = useAppSelector(selectEvaluation)
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const close = (): void => {
    setAnchor(null)
  }
  return (
    <>
      <LedgerCount
        id="still-to-choose"
        title="still to choose"
        value={openChoiceCount({ stillToChoose, isDone })}
        selectWould={selectWould}
        below={
          isDone
            ? 'keeps its brief'
            : stillToChoose.length === 0
              ? 'all parts are there'
              : openChoiceNames({ stillToChoose })
        }
        onClick={setAnchor}
      />
      <LedgerPopover title="Still to choose" anchor={anchor} onClose={close}>
        <StillToChooseList onChosen={close} />
      </LedgerPopover>
    </>
  )
}

function selectWould(state: RootState): string | null {
  const now = selectEvaluation(state)
  const preview = selectPreviewEvaluation(state)
  const would = preview && previewWords(now.isDone, preview)
  return would === openChoiceCount(now) ? null : would
}

/** A part that ends that a design is done is said so, though no more need be chosen for it. */
function previewWords(isDoneNow: boolean, { stillToChoose, isDone }: Evaluation): string {
  return isDoneNow && !isDone && stillToChoose.length === 0
    ? 'not done'
    : openChoiceCount({ stillToChoose, isDone })
}
