import { redundancyOfVdev } from '../../../design/pools/zfsPool'
import { sectorsFor, type VdevKind } from './vdevKind'

/** Every member holds the same data; one is enough to read it. */
export const mirror: VdevKind = {
  ...redundancyOfVdev({ kind: 'mirror' }),
  kind: 'mirror',
  label: 'mirror',
  maximumMembers: 255,
  membersStandAlone: false,
  allocatableBytes: (smallestMemberBytes) => smallestMemberBytes,
  allocatedBytes: (blockBytes, _width, ashift) => sectorsFor(blockBytes, ashift) * 2 ** ashift,
}
