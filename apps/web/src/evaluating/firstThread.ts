import { type Remote, wrap } from 'comlink'
import type { DesignEvaluator } from './evaluationWorker'

/** A thread that works designs out, as it is spoken to. */
export interface Thread {
  worker: Worker
  evaluator: Remote<DesignEvaluator>
}

let first: Thread | null = null

function startThread(): Thread {
  const worker = new Worker(new URL('./evaluationWorker.ts', import.meta.url), { type: 'module' })
  return { worker, evaluator: wrap<DesignEvaluator>(worker) }
}

/**
 * Starts the thread that works out the design which the page is about to open.
 *
 * @param designId the design, where the thread may begin with it by itself
 */
export function startFirstThread(designId: string | null): void {
  first ??= startThread()
  // Whatever goes wrong here the page finds out for itself: it asks for the design too.
  if (designId !== null) first.evaluator.open(designId).catch(() => undefined)
}

/** The thread that was started first, once; later ones are started when they are asked for. */
export function takeThread(): Thread {
  const thread = first ?? startThread()
  first = null
  return thread
}
