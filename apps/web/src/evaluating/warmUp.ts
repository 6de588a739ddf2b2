import type { Design } from '@flint/core/editing'
import { Evaluator } from '@flint/core/figures'
import sample from './sampleDesign.json' with { type: 'json' }

/**
 * Works a design of the demo out and throws its figures away. A browser reads code when it is first used, which takes
 * most of the time of a first design: so it is done while the user's own design is still under way.
 */
export function warmUp(): void {
  new Evaluator().evaluate(sample as unknown as Design)
}
