import type { CataloguePart, Design } from '@flint/core/editing'
import { type HelpfulChange, helpfulChanges, type LimitId, smallerSets } from '@flint/core/figures'
import { expose } from 'comlink'

const finder = {
  /** Tries every part away from the page: each means working the whole design out anew. */
  helpfulChanges(design: Design, limitId: LimitId, parts: CataloguePart[]): HelpfulChange[] {
    return helpfulChanges(design, limitId, parts)
  },
  smallerSets(design: Design, parts: CataloguePart[]): HelpfulChange[] {
    return smallerSets(design, parts)
  },
}

export type HelpFinder = typeof finder

expose(finder)
