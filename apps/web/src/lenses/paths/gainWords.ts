import type { Gain } from '@flint/core/figures'
import { format } from '../../controls/locale'

/** What plugs go to, what may take several of them along, and what is spent on it. */
interface Attached {
  place: string
  shared: string
  cost: string
}

export const DATA_CABLES: Attached = { place: 'port', shared: 'controller', cost: 'cables' }
export const POWER_LEADS: Attached = { place: 'plug', shared: 'lead', cost: 'adapters' }

/**
 * What is said of a wiring that is perhaps not the best: what another one could gain at most. Empty when no other
 * is better.
 */
export function gainWords(gain: Gain | null, { place, shared, cost }: Attached): string {
  if (!gain) return ''
  const { criterion, by } = gain
  const could =
    criterion === 'left'
      ? `leave up to ${format.counted(Math.ceil(by), 'drive')} fewer without a ${place}`
      : criterion === 'shared'
        ? `have up to ${format.counted(by, shared)} fewer whose loss alone stops a pool`
        : criterion === 'cost'
          ? `need fewer ${cost}`
          : `load each ${shared} more evenly`
  return `There are too many ways to look at all of them; another one could ${could}.`
}
