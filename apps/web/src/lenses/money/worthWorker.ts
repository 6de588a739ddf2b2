import type { CataloguePart, Design } from '@flint/core/editing'
import { type WorthwhileChange, worthwhileChanges } from '@flint/core/figures'
import { expose } from 'comlink'

const finder = {
  /** Tries every part and every fix away from the page: each means working the whole design out anew. */
  worthwhileChanges(
    design: Design,
    parts: CataloguePart[],
    withinMonths: number,
  ): WorthwhileChange[] {
    return worthwhileChanges(design, parts, withinMonths)
  },
}

export type WorthFinder = typeof finder

expose(finder)
