import { formatterFor } from '@flint/core/drawing'
import type { Design } from '@flint/core/editing'
import { compareDesigns, type DesignComparison, evaluate } from '@flint/core/figures'
import { expose } from 'comlink'

const comparer = {
  /** Evaluates designs and holds them against each other, away from the page. */
  compare(designs: Design[], locale: string): DesignComparison {
    return compareDesigns(
      designs.map((design) => ({ design, evaluation: evaluate(design) })),
      formatterFor(locale),
    )
  },
}

export type Comparer = typeof comparer

expose(comparer)
