import type { Design } from '@flint/core/editing'
import type { Evaluation, Evaluator } from '@flint/core/figures'

/** Somebody who judges on the page what changes nothing of the machine. */
export interface JudgeOnPage {
  /** The figures of a design; null for one with another machine than the one at hand, and before there is one. */
  judge: (design: Design) => Evaluation | null
  /** Gets ready for the edits of a design, when there is nothing else to do. */
  takeIn: (design: Design) => void
}

export const NOBODY: JudgeOnPage = { judge: () => null, takeIn: () => undefined }

/** Longer than this no key press may wait for figures: half the time between two frames of a screen. */
const MOST_MS = 8

const evaluatorOfPage = async (): Promise<Evaluator> => {
  const { Evaluator: Made } = await import('./pageEvaluator')
  return new Made()
}

/**
 * Judges wishes, prices, ages and whatever else leaves parts, places and pools alone: no search is in that, so the
 * figures come with the edit and are drawn in the same frame. A machine that is too large for it is left to the thread.
 */
export class OnPage implements JudgeOnPage {
  #evaluator: Evaluator | null = null
  #isReady = false
  #next: Design | null = null

  constructor(
    private readonly whenIdle: (work: () => void) => void,
    private readonly load: () => Promise<Evaluator> = evaluatorOfPage,
  ) {}

  judge(design: Design): Evaluation | null {
    if (!this.#isReady || !this.#evaluator?.hasMachineOf(design)) return null
    const before = performance.now()
    const evaluation = this.#evaluator.evaluate(design)
    this.#isReady = performance.now() - before <= MOST_MS
    return evaluation
  }

  takeIn(design: Design): void {
    const isAsked = this.#next !== null
    this.#next = design
    if (!isAsked) {
      this.whenIdle(() => {
        void this.#takeInNow()
      })
    }
  }

  async #takeInNow(): Promise<void> {
    try {
      this.#evaluator ??= await this.load()
    } catch {
      // Without its code all is left to the thread; the next design tries again.
      this.#next = null
      return
    }
    const design = this.#next
    this.#next = null
    if (!design) return
    this.#evaluator.evaluate(design)
    this.#isReady = true
  }
}
