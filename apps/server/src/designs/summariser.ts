import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { type Design } from '@flint/core/editing'
import { type DesignSummary, designSummary } from '@flint/core/figures'
import { Piscina } from 'piscina'

/** Works summaries out. */
export interface Summariser {
  /** Tells the summaries of one build from those of another. */
  readonly madeBy: string
  /** @returns null when it takes longer than that */
  summarise: (design: Design, longestMs: number) => Promise<DesignSummary | null>
  close: () => Promise<void>
}

/** On a thread of its own, so that a design that takes long keeps nobody waiting. */
export function summariserOnThread(workerFile: string): Summariser {
  const threads = new Piscina<Design, DesignSummary>({
    filename: workerFile,
    maxThreads: 1,
    // It leaves a quiet server alone, and takes its memory with it.
    idleTimeout: 30_000,
    resourceLimits: { maxOldGenerationSizeMb: 512 },
  })
  return {
    madeBy: createHash('sha256').update(readFileSync(workerFile)).digest('hex'),
    summarise: async (design, longestMs) => {
      try {
        return await threads.run(design, { signal: AbortSignal.timeout(longestMs) })
      } catch {
        return null
      }
    },
    close: () => threads.destroy(),
  }
}

/** On the same thread, for those who have a server of their own. */
export const summariserHere: Summariser = {
  madeBy: 'here',
  summarise: (design) => Promise.resolve(designSummary(design)),
  close: () => Promise.resolve(),
}
