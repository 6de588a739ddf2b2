import type { CataloguePart, Design } from '@flint/core/editing'
import type { ScenarioChoice, SpeedUp } from '@flint/core/figures'
import { type Remote, wrap } from 'comlink'
import { useEffect, useRef, useState } from 'react'
import type { WideningFinder } from './speedUpWorker'

interface Found {
  /** Null until the answer for what is shown is there. */
  speedUps: SpeedUp[] | null
  failed: boolean
}

const NOTHING: Found = { speedUps: null, failed: false }

/** What would make this work quicker, computed in a worker. */
export function useSpeedUps(
  design: Design,
  scenarioId: string,
  choice: ScenarioChoice,
  parts: readonly CataloguePart[] | undefined,
): Found {
  const [found, setFound] = useState<Found>(NOTHING)
  const finder = useRef<Remote<WideningFinder> | null>(null)
  useEffect(() => {
    const worker = new Worker(new URL('./speedUpWorker.ts', import.meta.url), { type: 'module' })
    finder.current = wrap<WideningFinder>(worker)
    return () => {
      worker.terminate()
    }
  }, [])
  useEffect(() => {
    let isWanted = true
    // Only what a worker is to try goes over: the catalogue may have many thousands of other parts.
    const tried = (parts ?? []).filter(({ sheet }) => TRIED.has(sheet.kind))
    finder.current?.speedUps(design, scenarioId, choice, tried).then(
      (speedUps) => {
        if (isWanted) setFound({ speedUps, failed: false })
      },
      () => {
        if (isWanted) setFound({ speedUps: null, failed: true })
      },
    )
    return () => {
      isWanted = false
    }
  }, [design, scenarioId, choice, parts])
  return found
}

const TRIED: ReadonlySet<string> = new Set(['controller', 'nic'])
