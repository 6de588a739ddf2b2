import type { Design } from '@flint/core/editing'
import type { DesignSummary } from '@flint/core/figures'
import { Piscina } from 'piscina'
import { buildOf } from '../build'
import { threadFlags } from '../threadFlags'

export interface ToSummarise {
  /** The design whose next save will want another one; null where none is expected. */
  designId: string | null
  design: Design
}

/** Works summaries out. */
export interface Summariser {
  /** Tells the summaries of one build from those of another. */
  readonly madeBy: string
  /** @returns null when it takes longer than that */
  summarise: (asked: ToSummarise, longestMs: number) => Promise<DesignSummary | null>
  close: () => Promise<void>
}

/** On a thread of its own, so that a design that takes long keeps nobody waiting. */
export function summariserOnThread(workerFile: string): Summariser {
  const threads = new Piscina<ToSummarise, DesignSummary>({
    filename: workerFile,
    execArgv: threadFlags(),
    // It is there from the beginning, since a save waits for its summary only for a moment.
    minThreads: 1,
    maxThreads: 1,
    resourceLimits: { maxOldGenerationSizeMb: 512 },
  })
  return {
    madeBy: buildOf(workerFile),
    summarise: async (asked, longestMs) => {
      try {
        return await threads.run(asked, { signal: AbortSignal.timeout(longestMs) })
      } catch {
        return null
      }
    },
    close: () => threads.destroy(),
  }
}
