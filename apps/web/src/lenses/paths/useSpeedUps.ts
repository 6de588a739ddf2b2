import type { CataloguePart, Design } from '@flint/core/editing'
import type { ScenarioChoice, SpeedUp } from '@flint/core/figures'
import type { Remote } from 'comlink'
import { useCallback } from 'react'
import { useWorkerAnswer } from '../../workers/useWorkerAnswer'
import type { WideningFinder } from './speedUpWorker'

interface Found {
  /** Null until the first answer is there. */
  speedUps: SpeedUp[] | null
  failed: boolean
}

/** What would make this work quicker, computed in a worker. */
export function useSpeedUps(
  design: Design,
  scenarioId: string,
  choice: ScenarioChoice,
  parts: readonly CataloguePart[] | undefined,
): Found {
  const ask = useCallback(
    (finder: Remote<WideningFinder>) => {
      // Only what a worker is to try goes over: the catalogue may have many thousands of other parts.
      const tried = (parts ?? []).filter(({ sheet }) => TRIED.has(sheet.kind))
      return finder.speedUps(design, scenarioId, choice, tried)
    },
    [design, scenarioId, choice, parts],
  )
  const { answer, failed } = useWorkerAnswer(startWorker, ask)
  return { speedUps: answer, failed }
}

const TRIED: ReadonlySet<string> = new Set(['controller', 'nic'])

const startWorker = (): Worker =>
  new Worker(new URL('./speedUpWorker.ts', import.meta.url), { type: 'module' })
