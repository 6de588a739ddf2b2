import type { DraidShape, ZfsVdevKindName } from '../../../design/pools/zfsPool'
import { draid } from './draid'
import { mirror } from './mirror'
import { raidz } from './raidz'
import { stripe } from './stripe'
import type { VdevKind } from './vdevKind'

/** Every kind of top-level vdev that the capacity sums know. A new kind is registered here. */
export const vdevKinds: Record<ZfsVdevKindName, VdevKind> = {
  stripe,
  mirror,
  raidz1: raidz(1),
  raidz2: raidz(2),
  raidz3: raidz(3),
}

/**
 * The kind of a vdev, with the shape that only a dRAID has.
 * @throws RangeError for a dRAID without a shape
 */
export function vdevKindOf(vdev: {
  kind: ZfsVdevKindName | 'draid'
  draid?: DraidShape | undefined
}): VdevKind {
  if (vdev.kind !== 'draid') return vdevKinds[vdev.kind]
  if (!vdev.draid) throw new RangeError('A draid vdev needs its parity, data and spares.')
  return draid(vdev.draid)
}

export type { VdevKind } from './vdevKind'
