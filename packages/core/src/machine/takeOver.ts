import { sameValue } from '../design/sameValue'
import type { Machine } from './machine'

/**
 * A machine with the very same values as the one before wherever they say the same, so that what was worked out
 * from them need not be worked out again.
 *
 * Only short lists that seldom change are compared: comparing long ones costs more than it saves.
 */
export function takeOver(before: Machine | undefined, machine: Machine): Machine {
  if (!before) return machine
  const { data, power } = machine.wiring
  const was = before.wiring
  return {
    ...machine,
    awayIds: same(before.awayIds, machine.awayIds),
    rebuildingIds: same(before.rebuildingIds, machine.rebuildingIds),
    unplaced: same(before.unplaced, machine.unplaced),
    networkPaths: same(before.networkPaths, machine.networkPaths),
    wiring: {
      data: {
        ...data,
        unreachedIds: same(was.data.unreachedIds, data.unreachedIds),
        unreachedPieceIds: same(was.data.unreachedPieceIds, data.unreachedPieceIds),
        unspokenIds: same(was.data.unspokenIds, data.unspokenIds),
        unreachedBays: same(was.data.unreachedBays, data.unreachedBays),
        free: same(was.data.free, data.free),
      },
      power: power && {
        ...power,
        rails: same(was.power?.rails, power.rails),
        unfed: same(was.power?.unfed, power.unfed),
      },
    },
  }
}

const same = <Value>(before: Value | undefined, after: Value): Value =>
  before !== undefined && sameValue(before, after) ? before : after
