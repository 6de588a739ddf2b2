import { type Design, sameValue, type SingleEdit } from '@flint/core/editing'
import { type Evaluation, type Machine, suggestedHomes } from '@flint/core/figures'

/** What would place the data as is suggested, as edits; empty where it lives so already. */
export function suggestedPlacing(
  { brief, pools, tenants }: Design,
  { capacity }: Evaluation,
  { pieces }: Machine,
): SingleEdit[] {
  const lodgings = pools.map(({ id, groups }) => ({
    poolId: id,
    workingBytes: capacity.pools.find(({ poolId }) => poolId === id)?.workingBytes ?? 0,
    isFlash: groups.every(({ driveIds }) =>
      driveIds.every((driveId) => {
        const sheet = pieces.get(driveId)?.dataSheet
        return sheet?.kind === 'drive' && sheet.medium === 'flash'
      }),
    ),
  }))
  const homes = suggestedHomes(lodgings, brief, tenants.scratchPoolIds)
  return homes
    .filter((home) => !tenants.homes.some((now) => sameValue(now, home)))
    .map(({ kind, poolId }) => ({ do: 'place-data', kind, poolId }))
}
