import { sectorsFor, type VdevKind } from './vdevKind'

/** Drives side by side without redundancy. ZFS makes each one a top-level vdev. */
export const stripe: VdevKind = {
  kind: 'stripe',
  plainName: 'no redundancy',
  minimumMembers: 1,
  maximumMembers: 1024,
  bearsFailures: () => 0,
  membersStandAlone: true,
  allocatableBytes: (smallestMemberBytes) => smallestMemberBytes,
  allocatedBytes: (blockBytes, _width, ashift) => sectorsFor(blockBytes, ashift) * 2 ** ashift,
}
