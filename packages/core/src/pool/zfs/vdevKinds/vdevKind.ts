import type { Metaslabs } from '../metaslabs'
import type { VdevRedundancy, ZfsVdevKindName } from '../../../design/pools/zfsPool'

/** What the capacity sums need to know about one kind of top-level vdev. */
export interface VdevKind extends VdevRedundancy {
  /** The word on `zpool create`'s command line; a stripe has none there. */
  kind: ZfsVdevKindName | 'draid'
  /** What builders call it. */
  label: string
  maximumMembers: number
  /** True when every member is a top-level vdev of its own. */
  membersStandAlone: boolean
  /** Bytes of the top-level vdev, parity included, for the smallest member's bytes. */
  allocatableBytes: (smallestMemberBytes: number, width: number) => number
  /** Bytes on disk for one block of `blockBytes`. */
  allocatedBytes: (blockBytes: number, width: number, ashift: number) => number
  /** What of metaslabs can be used, when that is not all of them: each length and how many have it, the first first. */
  metaslabLengths?: (
    slabs: Pick<Metaslabs, 'count' | 'eachBytes'>,
    ashift: number,
  ) => { bytes: number; count: number }[]
}

/** Whole sectors that a block fills. */
export function sectorsFor(blockBytes: number, ashift: number): number {
  return Math.ceil(blockBytes / 2 ** ashift)
}
