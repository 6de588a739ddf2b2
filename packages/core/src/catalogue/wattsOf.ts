import type { PowerState } from './draws'
import { kindOf, type PartSheet } from './partKinds'

/**
 * The watts of a data sheet in a state; 0 for what draws nothing by itself, null where it does not give them.
 * @example wattsOf({ kind: 'board', idleWatts: 12 }, 'idle') // 12
 */
export function wattsOf(sheet: PartSheet, state: PowerState): number | null {
  const field = kindOf(sheet).draws[state]
  // The definition of a kind only names fields of its own sheets that are numbers, or lack.
  return field === null ? 0 : ((sheet as Record<string, unknown>)[field] as number | null)
}
