/** What the capacity sums need to know about one kind of top-level vdev. */
export interface VdevKind {
  /** The word on `zpool create`'s command line; a stripe has none there. */
  kind: ZfsVdevKindName | 'draid'
  /** What builders call it. */
  plainName: string
  minimumMembers: number
  maximumMembers: number
  /** Members that may fail before data is lost. */
  bearsFailures: (width: number) => number
  /** True when every member is a top-level vdev of its own. */
  membersStandAlone: boolean
  /** Bytes of the top-level vdev, parity included, for the smallest member's bytes. */
  allocatableBytes: (smallestMemberBytes: number, width: number) => number
  /** Bytes on disk for one block of `blockBytes`. */
  allocatedBytes: (blockBytes: number, width: number, ashift: number) => number
  /** Bytes of one metaslab that can be used, when that is not all of it. */
  metaslabBytes?: (index: number, eachBytes: number, ashift: number) => number
}

export const ZFS_VDEV_KIND_NAMES = ['stripe', 'mirror', 'raidz1', 'raidz2', 'raidz3'] as const
export type ZfsVdevKindName = (typeof ZFS_VDEV_KIND_NAMES)[number]

/** Whole sectors that a block fills. */
export function sectorsFor(blockBytes: number, ashift: number): number {
  return Math.ceil(blockBytes / 2 ** ashift)
}
