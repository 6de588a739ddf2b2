import { type CataloguePart, cataloguedPart, type Design } from '@flint/core/editing'
import { type HelpfulPart, type LimitId, triedParts } from '@flint/core/figures'
import type { Remote } from 'comlink'
import { useCallback } from 'react'
import { useWorkerAnswer } from '../workers/useWorkerAnswer'
import type { HelpFinder } from './helpWorker'

interface Found {
  /** Null until the first answer is there. */
  helpful: HelpfulPart[] | null
  failed: boolean
}

/** Which other part would help a limit, computed in a worker. */
export function useHelpfulParts(
  design: Design,
  limitId: LimitId,
  parts: readonly CataloguePart[],
): Found {
  const ask = useCallback(
    (finder: Remote<HelpFinder>) =>
      finder.helpfulParts(design, limitId, triedParts(design, parts).map(cataloguedPart)),
    [design, limitId, parts],
  )
  const { answer, failed } = useWorkerAnswer(startWorker, ask)
  return { helpful: answer, failed }
}

const startWorker = (): Worker =>
  new Worker(new URL('./helpWorker.ts', import.meta.url), { type: 'module' })
