import type { PieceId } from '../piece'
import type { PoolGroup } from './assignment'

/**
 * What wiring sees of pools: for each drive the groups it is in, by number, and for each group its pool and what it
 * tolerates. Two drives that look alike in it can be changed over without any cable going elsewhere.
 */
export class GroupKeys {
  readonly groups: readonly (number | string)[]
  readonly #keyOf = new Map<PieceId, string>()

  constructor(groups: readonly PoolGroup[]) {
    this.groups = groups.flatMap(({ poolId, tolerates }) => [poolId, tolerates])
    groups.forEach(({ driveIds }, at) => {
      for (const id of driveIds) this.#keyOf.set(id, `${this.#keyOf.get(id) ?? ''} ${at}`)
    })
  }

  of(driveId: PieceId): string {
    return this.#keyOf.get(driveId) ?? ''
  }
}
