import { sectorsFor, type VdevKind } from './vdevKind'

/** Every member holds the same data; one is enough to read it. */
export const mirror: VdevKind = {
  kind: 'mirror',
  plainName: 'mirror',
  minimumMembers: 2,
  maximumMembers: 255,
  bearsFailures: (width) => width - 1,
  membersStandAlone: false,
  allocatableBytes: (smallestMemberBytes) => smallestMemberBytes,
  allocatedBytes: (blockBytes, _width, ashift) => sectorsFor(blockBytes, ashift) * 2 ** ashift,
}
