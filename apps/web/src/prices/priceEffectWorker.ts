import type { Design } from '@flint/core/editing'
import { type PriceEffect, priceEffect } from '@flint/core/figures'
import { expose } from 'comlink'

const teller = {
  /** Works each design out twice, away from the page: as it is, and at that price. */
  effects(
    designs: Design[],
    slug: string,
    price: { currency: string; unitMinor: number },
  ): (PriceEffect | null)[] {
    return designs.map((design) => priceEffect(design, slug, price))
  },
}

export type EffectTeller = typeof teller

expose(teller)
