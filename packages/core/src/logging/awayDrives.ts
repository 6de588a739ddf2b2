import type { Design, ReturnCase } from '../design/design'
import { fittedOfKind } from '../design/fittedParts'
import type { Machine } from '../machine/machine'
import { membersAway, type PoolStateName, poolState } from '../pool/poolState'

/** A drive that is not in the machine, or does not hold its share yet, and how the pool that waits for it stands. */
export interface AwayDrive {
  driveId: string
  isSentBack: boolean
  /** Whether it is in its place again, and its pool is writing onto it. */
  isRebuilding: boolean
  returned: ReturnCase | null
  /** Null for one that is in no pool. */
  pool: { id: string; name: string; state: PoolStateName } | null
  /** Drives in no pool that are in the house and large enough to stand in for it. */
  spareIds: string[]
  /** Days since the promised one has passed; null where none is promised, or it is still to come. */
  daysLate: number | null
}

const MS_PER_DAY = 86_400_000

/**
 * Which drives are away, which pools wait for them, and which drives of the house could stand in?
 *
 * @param today as ISO 8601 has it
 * For example one sent back, promised for the 20th: seven days late on the 27th.
 */
export function awayDrives(
  design: Pick<Design, 'fitted' | 'snapshots' | 'pools'>,
  machine: Pick<Machine, 'awayIds' | 'rebuildingIds'>,
  today: string,
): AwayDrive[] {
  const away = membersAway(machine)
  const rebuilding = new Set(machine.rebuildingIds)
  const sizeOf = new Map(
    fittedOfKind(design, 'drive').map(({ part, sheet }) => [part.id, sheet.capacityBytes]),
  )
  const pooled = new Set(
    design.pools.flatMap(({ groups }) => groups.flatMap(({ driveIds }) => driveIds)),
  )
  const states = design.pools.map((pool) => ({ pool, ...poolState(pool, away, rebuilding) }))
  return design.fitted
    .filter(({ id }) => away.has(id))
    .map(({ id, away: why, returned }): AwayDrive => {
      const waiting = states.find(({ awayIds: ids }) => ids.includes(id))
      const size = sizeOf.get(id) ?? 0
      const promised = returned?.promisedOn ?? null
      return {
        driveId: id,
        isSentBack: why === 'sent back',
        isRebuilding: rebuilding.has(id),
        returned,
        pool: waiting
          ? { id: waiting.pool.id, name: waiting.pool.name, state: waiting.state }
          : null,
        spareIds:
          waiting && !rebuilding.has(id)
            ? [...sizeOf].flatMap(([other, bytes]) =>
                other !== id && !pooled.has(other) && bytes >= size ? [other] : [],
              )
            : [],
        daysLate:
          promised !== null && promised < today && !rebuilding.has(id)
            ? Math.round((Date.parse(today) - Date.parse(promised)) / MS_PER_DAY)
            : null,
      }
    })
}
