import type { PowerState } from '../catalogue/draws'
import { kindOf, type PartSheet } from '../catalogue/partKinds'
import { wattsOf } from '../catalogue/wattsOf'
import { type Amount, exactly } from '../units/amount'

/**
 * What does a piece draw in a state?
 * @example drawnWatts({ id: 'board-1', dataSheet: { kind: 'board', idleWatts: 12 } }, 'idle').likely // 12
 */
export function drawnWatts(
  { id, dataSheet }: { id: string; dataSheet: PartSheet },
  state: PowerState,
): Amount<'W'> {
  const watts = wattsOf(dataSheet, state)
  const field = kindOf(dataSheet).draws[state]
  return watts === null && field !== null
    ? exactly(0, 'W', [{ pieceId: id, field }])
    : exactly(watts ?? 0, 'W')
}
