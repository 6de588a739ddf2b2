import type { z } from 'zod'
import type { AnyPool, PoolShape } from '../design/pools/poolShape'
import type { Survival } from './survival/survivalByCounting'
import type { DataLoss } from './dedicatedParity/dataLossByFailures'
import type { FamilyCapacity } from './familyCapacity'
import type { ZfsPoolCapacity } from './zfs/zfsPoolCapacity'

export interface SizedDrive {
  id: string
  capacityBytes: number
}

/** What a pool of a design holds. */
export interface PoolCapacity {
  /** Drives that hold data or parity, as sold; spares are not in it. */
  rawBytes: number
  /** What the family's own tool calls the pool's size, where it has such a figure. */
  poolSizeBytes: number | null
  /** Space for files when it is empty. */
  availableBytes: number
  /** Bytes of each drive that nothing can be put on; drives without any are left out. */
  strandedByDrive: Record<string, number>
  /** Column pools: the cluster to format with. */
  clusterBytes?: number
}

/** What becomes of an interrupted update of data and parity. */
export interface WriteHole {
  exposed: boolean
  words: string
  /** What this family has against it. */
  remedies: string[]
}

/** What a stream of writes keeps busy. */
export interface Writing {
  /** Members that carry it at the same time, without those that hold nothing but parity. */
  drives: 'all' | number
  /** Bytes that each of them moves for a byte of the file. */
  loadEach: number
  /** The same of each drive that holds nothing but parity; 0 where it is not written, or there is none. */
  parityLoadEach: number
  /** The same of every other member, which is read so that parity can be made anew; 0 where none is. */
  othersLoadEach: number
}

/** How a pool behaves, for people who choose between families. */
export interface Traits {
  /** Drives' worth of rate when one large file is read from the front. */
  streamingDrives: number
  /** What one large file keeps busy while it is written, in full stripes where there are any. */
  writing: Writing
  /** The same for changes inside files, in pieces smaller than a stripe, or that do not begin where one does. */
  writingInPieces: Writing
  /** Drives that answer small reads at the same time. */
  randomDrives: number
  /** Drives that must spin to read one file of so many bytes. */
  spinningToRead: (fileBytes: number) => number
  /** The fewest drives to add at a time. */
  growthDrives: number
  grows: string
  shrinks: string
  readableAlone: string
  writeHole: WriteHole
  /** Disk operations of one small write inside a file. */
  smallWrite: { reads: number; writes: number }
  /** Who may be the parity drive; null where parity has no drive of its own. */
  parityDrive: string | null
  /** Whether its space is already less what the file system's own tables take. */
  countsFileSystem: boolean
  /** Whether a scrub or a rebuild reads only what is stored; others read their drives from end to end. */
  readsOnlyStored: boolean
  /** Whether wrong data is noticed when it is read. */
  checksums: boolean
  /** Whether it can compress what is written. */
  compresses: boolean
  /** What must be said whenever this is chosen; null when nothing must. */
  warning: string | null
}

/** One thing that a handful of drives could become, or why they cannot. */
export interface Layout<P extends AnyPool = AnyPool> {
  /** Stable while the number of drives stays: `raidz2x1x6`, `two-copies`. */
  id: string
  /** "double parity, 6 wide", "three pairs". */
  title: string
  /** The family's own words for it. */
  nativeName: string
  /** A pool with placeholder ids; null when it is not possible. */
  pool: P | null
  /** Why it is not possible, for people; null when it is. */
  reason: string | null
  /** Usual enough to be offered without asking for all of them. */
  usual: boolean
}

/** The answer to a question about one pool; ZFS has more to say. */
export type CapacityAnswer = FamilyCapacity &
  Partial<Omit<ZfsPoolCapacity, keyof FamilyCapacity>> & {
    survival: Survival
    clusterBytes?: number
    /** Families whose drives are readable alone: what is lost beyond the parity. */
    dataLost?: DataLoss[]
  }

/**
 * One school of redundancy. A new one is a folder with one of these, registered in `families.ts`.
 *
 * Functions get pools that fit `schema`; groups may be too narrow, drives too small.
 */
export interface LayoutFamily<P extends AnyPool = AnyPool, R = never> extends PoolShape<P> {
  /** What builders call it, and what it buys, one sentence. */
  title: string
  about: string
  /** Where its figures come from. */
  source: string
  /** Of a group: its kind in plain words and in the family's own. */
  groupWords(group: P['groups'][number]): { label: string; nativeName: string }
  /** @throws PoolError with the field, when the pool cannot be made */
  capacityOf(pool: P, bytesOf: ReadonlyMap<string, number>): PoolCapacity
  /** Why some of a group lies idle: "because …". */
  idleBecause(group: P['groups'][number]): string
  /** The group that a PoolError's field is about. */
  blamedGroup(pool: P, field: string): string | null
  /** What a failure beyond that takes along. */
  beyond: 'pool' | 'failed drives'
  /** Where drives are readable alone: what is gone, by number of failures. */
  dataLost?(pool: P, bytesOf: ReadonlyMap<string, number>): DataLoss[]
  traits(pool: P): Traits
  /** What these drives could become, the impossible with its reason. */
  layouts(drives: readonly SizedDrive[]): Layout<P>[]
  /** The same asked from the command line: `{ family, …, members: [bytes] }`. */
  request: z.ZodType<R> & z.core.$ZodTypeDiscriminable
  /** @throws PoolError with the field */
  answer(request: R): CapacityAnswer
}
