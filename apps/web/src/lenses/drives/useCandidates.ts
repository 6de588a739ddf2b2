import type { HouseRules } from '@flint/core/editing'
import type { Candidate, CandidateDrive } from '@flint/core/figures'
import { type Remote, wrap } from 'comlink'
import { useEffect, useRef, useState } from 'react'
import type { CandidateFinder } from './candidatesWorker'

interface Found {
  /** Null until the first answer is there. */
  candidates: Candidate[] | null
  failed: boolean
}

/** What these drives could be, computed in a worker; the last answer stays until the next is there. */
export function useCandidates(drives: CandidateDrive[], rules: HouseRules): Found {
  const [found, setFound] = useState<Found>({ candidates: null, failed: false })
  const finder = useRef<Remote<CandidateFinder> | null>(null)
  useEffect(() => {
    const worker = new Worker(new URL('./candidatesWorker.ts', import.meta.url), { type: 'module' })
    finder.current = wrap<CandidateFinder>(worker)
    return () => {
      worker.terminate()
    }
  }, [])
  useEffect(() => {
    let isWanted = true
    finder.current?.candidates(drives, rules).then(
      (candidates) => {
        if (isWanted) setFound({ candidates, failed: false })
      },
      () => {
        if (isWanted) setFound({ candidates: null, failed: true })
      },
    )
    return () => {
      isWanted = false
    }
  }, [drives, rules])
  return found
}
