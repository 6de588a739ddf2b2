import type { Machine } from '@flint/core/figures'
import { arrangementOf } from './arrangement'

/** What the plan shows: the machine from above, or from the side where its board stands upright. */
export const planTitle = (machine: Machine): string =>
  arrangementOf(machine)?.plane === 'upright' ? 'Side, cover off' : 'Top, cover off'
