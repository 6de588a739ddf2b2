import { NEED_KINDS, type NeedKind } from '../catalogue/needs'
import { sameValue } from '../design/sameValue'
import type { Machine } from './machine'
import { type ByNeed, STEADY_NEEDS } from './needs'

/**
 * A machine with the very same values as the one before wherever they say the same, so that what was worked out
 * from them need not be worked out again.
 *
 * Only what seldom changes is compared: comparing what mostly differs costs more than it saves.
 */
export function takeOver(before: Machine | undefined, machine: Machine): Machine {
  if (!before) return machine
  const { data, power } = machine.wiring
  const was = before.wiring
  return {
    ...machine,
    awayIds: same(before.awayIds, machine.awayIds),
    rebuildingIds: same(before.rebuildingIds, machine.rebuildingIds),
    placed: sameOfEach(before.placed, machine.placed, STEADY_NEEDS),
    unplaced: sameOfEach(before.unplaced, machine.unplaced, NEED_KINDS),
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

function sameOfEach<Some>(
  before: ByNeed<Some>,
  after: ByNeed<Some>,
  kinds: readonly NeedKind[],
): ByNeed<Some> {
  const found = { ...after }
  for (const kind of kinds) found[kind] = same(before[kind], after[kind])
  return found
}

const same = <Value>(before: Value | undefined, after: Value): Value =>
  before !== undefined && sameValue(before, after) ? before : after
