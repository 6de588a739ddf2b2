import { Piscina } from 'piscina'
import { threadFlags } from '../threadFlags'
import type { PrintJob } from './printJob'

/** Makes PDFs. */
export interface Printer {
  /** @returns null when it takes longer than that */
  print: (job: PrintJob, longestMs: number) => Promise<Uint8Array | null>
  close: () => Promise<void>
}

/** On a thread of its own, so that a long list keeps nobody waiting. */
export function printerOnThread(workerFile: string): Printer {
  const threads = new Piscina<PrintJob, Uint8Array>({
    filename: workerFile,
    execArgv: threadFlags(),
    // Most servers print nothing for days, and what makes PDFs takes long to read.
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 30_000,
    resourceLimits: { maxOldGenerationSizeMb: 512 },
  })
  return {
    print: async (job, longestMs) => {
      try {
        return await threads.run(job, { signal: AbortSignal.timeout(longestMs) })
      } catch {
        return null
      }
    },
    close: () => threads.destroy(),
  }
}
