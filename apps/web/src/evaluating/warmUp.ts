import type { Design } from '@flint/core/editing'
import { Evaluator } from '@flint/core/figures'
import sample from './sampleDesign.json' with { type: 'json' }

/** A design of the demo, as the page would have it. */
export const SAMPLE = sample as unknown as Design

/**
 * Works a sample out and throws its figures away. A browser reads code when it is first used, which takes most of the
 * time of a first design: so it is done while the user's own design is still under way.
 *
 * @param evaluator one that nobody else has, or it would take the sample for the design of before
 */
export function warmUp(evaluator = new Evaluator()): void {
  evaluator.evaluate(SAMPLE)
}
