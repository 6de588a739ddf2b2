import type { z } from 'zod'
import type { FailureGroup } from './failureGroup'

/** A group as every family has it. */
export interface AnyGroup {
  id: string
  kind: string
  driveIds: string[]
}

/** A pool as every family has it; each adds its own settings. */
export interface AnyPool {
  id: string
  name: string
  family: string
  groups: AnyGroup[]
}

/**
 * How a family of redundancy is written down, and which of its drives stand in for each other.
 *
 * What it holds and how it behaves is computed elsewhere; edits and wiring need no more than this.
 */
export interface PoolShape<P extends AnyPool = AnyPool> {
  family: P['family']
  /** A pool of a design. */
  schema: z.ZodType<P> & z.core.$ZodTypeDiscriminable
  fewestMembers(group: P['groups'][number]): number
  /** Every drive but spares is in exactly one group. */
  failureGroups(pool: P): FailureGroup[]
}
