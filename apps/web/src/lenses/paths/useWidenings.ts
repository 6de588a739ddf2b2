import type { CataloguePart, DesignDocument, ScenarioChoice, Widening } from '@flint/core'
import { type Remote, wrap } from 'comlink'
import { useEffect, useRef, useState } from 'react'
import type { WideningFinder } from './wideningWorker'

interface Found {
  /** Null until the answer for what is shown is there. */
  widenings: Widening[] | null
  failed: boolean
}

const NOTHING: Found = { widenings: null, failed: false }

/** What would make this work quicker, computed in a worker. */
export function useWidenings(
  document: DesignDocument,
  scenarioId: string,
  choice: ScenarioChoice,
  parts: readonly CataloguePart[] | undefined,
): Found {
  const [found, setFound] = useState<Found>(NOTHING)
  const finder = useRef<Remote<WideningFinder> | null>(null)
  useEffect(() => {
    const worker = new Worker(new URL('./wideningWorker.ts', import.meta.url), { type: 'module' })
    finder.current = wrap<WideningFinder>(worker)
    return () => {
      worker.terminate()
    }
  }, [])
  useEffect(() => {
    let isWanted = true
    // Only what a worker is to try goes over: the catalogue may have many thousands of other parts.
    const tried = (parts ?? []).filter(({ sheet }) => TRIED.has(sheet.kind))
    finder.current?.widenings(document, scenarioId, choice, tried).then(
      (widenings) => {
        if (isWanted) setFound({ widenings, failed: false })
      },
      () => {
        if (isWanted) setFound({ widenings: null, failed: true })
      },
    )
    return () => {
      isWanted = false
    }
  }, [document, scenarioId, choice, parts])
  return found
}

const TRIED: ReadonlySet<string> = new Set(['controller', 'nic'])
