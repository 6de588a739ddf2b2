import type { PieceId } from '../piece'
import type { PoolGroup } from './assignment'

/** A failure group of a pool, with its drives. */
export interface GroupOfDrives extends PoolGroup {
  driveIds: readonly PieceId[]
}

const NO_GROUPS: readonly number[] = []

/**
 * What wiring sees of pools: for each drive the groups it is in, by number, and for each group its pool and what it
 * tolerates. Two drives that look alike in it can be changed over without any cable going elsewhere.
 */
export class DriveGroups {
  readonly groups: readonly PoolGroup[]
  /** The same in one list of plain values. */
  readonly look: readonly (string | number)[]
  readonly #looks = new Map<readonly number[], string>()
  readonly #of = new Map<PieceId, readonly number[]>()

  constructor(groups: readonly GroupOfDrives[]) {
    this.groups = groups
    this.look = groups.flatMap(({ poolId, tolerates }) => [poolId, tolerates])
    // Drives of the same groups share one list, so that lists can be compared by identity.
    const longer = new Map<readonly number[], Map<number, readonly number[]>>()
    groups.forEach(({ driveIds }, group) => {
      for (const id of driveIds) {
        const before = this.of(id)
        const next = longer.get(before) ?? new Map<number, readonly number[]>()
        longer.set(before, next)
        const list = next.get(group) ?? [...before, group]
        next.set(group, list)
        this.#of.set(id, list)
        this.#looks.set(list, list.join('+'))
      }
    })
  }

  /** The numbers of the groups that a drive is in; the very same list for drives of the same groups. */
  of(driveId: PieceId): readonly number[] {
    return this.#of.get(driveId) ?? NO_GROUPS
  }

  /** The same as a text, for problems that are told apart by what they look like. */
  lookOf(driveId: PieceId): string {
    return this.#looks.get(this.of(driveId)) ?? ''
  }

  /** The groups of several drives, one entry for each drive and group, in their order. */
  ofAll(driveIds: readonly PieceId[]): number[] {
    return driveIds.flatMap((id) => this.of(id)).sort((one, other) => one - other)
  }
}
