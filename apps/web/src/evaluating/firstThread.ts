let first: Worker | null = null

const startThread = (): Worker =>
  new Worker(new URL('./evaluationWorker.ts', import.meta.url), { type: 'module' })

/** Starts the thread that works out the design which the page is about to open. */
export function startFirstThread(): void {
  first ??= startThread()
}

/** The thread that was started first, once; later ones are started when they are asked for. */
export function takeThread(): Worker {
  const thread = first ?? startThread()
  first = null
  return thread
}
