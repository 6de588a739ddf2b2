import { mirror } from './mirror'
import { raidz } from './raidz'
import { stripe } from './stripe'
import type { VdevKind, ZfsVdevKindName } from './vdevKind'

/** Every kind of top-level vdev that the capacity sums know. A new kind is registered here. */
export const vdevKinds: Record<ZfsVdevKindName, VdevKind> = {
  stripe,
  mirror,
  raidz1: raidz(1),
  raidz2: raidz(2),
  raidz3: raidz(3),
}

export { ZFS_VDEV_KIND_NAMES, type VdevKind, type ZfsVdevKindName } from './vdevKind'
