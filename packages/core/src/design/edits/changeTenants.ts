import type { DataKind } from '../brief'
import type { Design } from '../design'

/** Says in which pool a kind of data lives; null lets it go wherever there is room. */
export function placeData(design: Design, kind: DataKind, poolId: string | null): Design {
  const others = design.tenants.homes.filter((home) => home.kind !== kind)
  const homes = poolId === null ? others : [...others, { kind, poolId }]
  return { ...design, tenants: { ...design.tenants, homes } }
}

/** Says whether a pool is for scratch, which nobody minds losing. */
export function setScratch(design: Design, poolId: string, isScratch: boolean): Design {
  const others = design.tenants.scratchPoolIds.filter((id) => id !== poolId)
  const scratchPoolIds = isScratch ? [...others, poolId] : others
  return { ...design, tenants: { ...design.tenants, scratchPoolIds } }
}
