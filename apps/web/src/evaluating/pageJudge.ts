import type { Design } from '@flint/core/editing'
import type { Evaluation, Evaluator } from '@flint/core/figures'

/** Longer than this, milliseconds, no key press may wait for figures: half the time between two frames at 60 a second. */
const MOST_MS = 8

const evaluatorOfPage = async (): Promise<Evaluator> => {
  const { Evaluator: Made } = await import('./pageEvaluator')
  return new Made()
}

/**
 * Judges wishes, prices, ages and whatever else leaves parts, places and pools alone: no search is in that, so the
 * figures come with the edit and are drawn in the same frame. A machine that is too large for it is left to the thread.
 */
export class PageJudge {
  #evaluator: Evaluator | null = null
  /** Whether the evaluator knows the machine of a design, and was quick with it. */
  #isReady = false
  /** What is to be taken in when there is nothing else to do. */
  #next: Design | null = null

  constructor(
    private readonly whenIdle: (work: () => void) => void,
    private readonly load: () => Promise<Evaluator> = evaluatorOfPage,
  ) {}

  /** The figures of a design; null for one with another machine than the one at hand, and before there is one. */
  judge(design: Design): Evaluation | null {
    if (!this.#isReady || !this.#evaluator?.hasMachineOf(design)) return null
    const before = performance.now()
    const evaluation = this.#evaluator.evaluate(design)
    this.#isReady = performance.now() - before <= MOST_MS
    return evaluation
  }

  /** Gets ready for the edits of a design, when there is nothing else to do. */
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
