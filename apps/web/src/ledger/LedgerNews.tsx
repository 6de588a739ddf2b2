import type { Evaluation } from '@flint/core/figures'
import { useEffect, useRef, useState } from 'react'
import { useAfterPause } from '../controls/useAfterPause'
import { selectEvaluation } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { changedFigures } from './changedFigures'

/** How long figures must stay as they are before they are told, so that typing is not talked over. */
const PAUSE_MS = 900

/** Tells a screen reader which figures a change has changed, politely and once they have settled. */
export function LedgerNews() {
  const evaluation = useAppSelector(selectEvaluation)
  const settled = useAfterPause(evaluation, PAUSE_MS)
  const told = useRef<Evaluation>(settled)
  const [news, setNews] = useState('')
  useEffect(() => {
    const changed = changedFigures(told.current, settled)
    told.current = settled
    if (changed !== '') setNews(changed)
  }, [settled])
  return (
    <span role="status" className="only-for-readers">
      {news}
    </span>
  )
}
