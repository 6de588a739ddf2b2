import type { HouseRules } from '@flint/core/editing'
import type { Candidate, CandidateDrive } from '@flint/core/figures'
import type { Remote } from 'comlink'
import { useCallback } from 'react'
import { useWorkerAnswer } from '../../workers/useWorkerAnswer'
import type { CandidateFinder } from './candidatesWorker'

interface Found {
  /** Null until the first answer is there. */
  candidates: Candidate[] | null
  failed: boolean
}

/** What these drives could be, computed in a worker. */
export function useCandidates(drives: CandidateDrive[], rules: HouseRules): Found {
  const ask = useCallback(
    (finder: Remote<CandidateFinder>) => finder.candidates(drives, rules),
    [drives, rules],
  )
  const { answer, failed } = useWorkerAnswer(startWorker, ask)
  return { candidates: answer, failed }
}

const startWorker = (): Worker =>
  new Worker(new URL('./candidatesWorker.ts', import.meta.url), { type: 'module' })
