import type { CataloguePart, Design } from '@flint/core/editing'
import { type HelpfulPart, helpfulParts, type LimitId } from '@flint/core/figures'
import { expose } from 'comlink'

const finder = {
  /** Tries every part away from the page: each means working the whole design out anew. */
  helpfulParts(design: Design, limitId: LimitId, parts: CataloguePart[]): HelpfulPart[] {
    return helpfulParts(design, limitId, parts)
  },
}

export type HelpFinder = typeof finder

expose(finder)
