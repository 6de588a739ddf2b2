import { type CataloguePart, cataloguedPart, type Design } from '@flint/core/editing'
import { type HelpfulChange, type LimitId, triedParts } from '@flint/core/figures'
import type { Remote } from 'comlink'
import { useCallback } from 'react'
import { useWorkerAnswer } from '../workers/useWorkerAnswer'
import type { HelpFinder } from './helpWorker'

/** What is looked for: what would help a limit, or sets of drives that hold what is wanted for less. */
export type Looked = { help: LimitId } | 'smaller sets'

interface Found {
  /** Null until the first answer is there. */
  changes: HelpfulChange[] | null
  failed: boolean
}

/** Changes to a design that would help, computed in a worker. */
export function useHelpfulChanges(
  design: Design,
  looked: Looked,
  parts: readonly CataloguePart[],
): Found {
  const limitId = looked === 'smaller sets' ? null : looked.help
  const ask = useCallback(
    (finder: Remote<HelpFinder>) => {
      const tried = triedParts(design, parts).map(cataloguedPart)
      return limitId === null
        ? finder.smallerSets(design, tried)
        : finder.helpfulChanges(design, limitId, tried)
    },
    [design, limitId, parts],
  )
  const { answer, failed } = useWorkerAnswer(startWorker, ask)
  return { changes: answer, failed }
}

const startWorker = (): Worker =>
  new Worker(new URL('./helpWorker.ts', import.meta.url), { type: 'module' })
