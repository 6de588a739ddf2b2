import { redundancyOfVdev } from '../../../design/pools/zfsPool'
import { sectorsFor, type VdevKind } from './vdevKind'

/** Drives side by side without redundancy. ZFS makes each one a top-level vdev. */
export const stripe: VdevKind = {
  ...redundancyOfVdev({ kind: 'stripe' }),
  kind: 'stripe',
  label: 'no redundancy',
  maximumMembers: 1024,
  membersStandAlone: true,
  allocatableBytes: (smallestMemberBytes) => smallestMemberBytes,
  allocatedBytes: (blockBytes, _width, ashift) => sectorsFor(blockBytes, ashift) * 2 ** ashift,
}
