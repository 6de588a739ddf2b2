import type { DriveSheet } from '../catalogue/kinds/drive'
import { dataNowBytes } from '../design/brief'
import type { Pool } from '../design/design'
import type { PieceId } from '../machine/piece'
import { driveSizes } from '../machine/driveSizes'
import { type Machine, piecesOf } from '../machine/machine'
import { USUAL_DRIVE_BYTES_PER_SECOND } from '../machine/linkRates'
import { familyOf } from '../pool/families'
import { PoolError } from '../pool/poolError'
import type { ScenarioDesign } from './scenarios/scenario'
import { DISK_INNER_SHARE, type Surface } from './surfaceSeconds'

/** The drives of a job, when the pools are full and as they are filled today. */
export interface JobSurfaces {
  full: ReadonlyMap<PieceId, Surface>
  /** Null where the brief does not say what there is today. */
  today: ReadonlyMap<PieceId, Surface> | null
}

/**
 * How much of every drive in a pool is gone over when the pool is scrubbed, or a drive of it made anew?
 *
 * What nothing can be put on is not touched. Families that know what is stored read only that; the others read their
 * drives from end to end. Today's data is taken to fill all pools alike.
 */
export function jobSurfaces({ pools, brief }: ScenarioDesign, machine: Machine): JobSurfaces {
  const bytesOf = driveSizes(machine)
  const sheets = new Map(piecesOf(machine, 'drive').map(({ id, dataSheet }) => [id, dataSheet]))
  const capacities = pools.map((pool) => ({ pool, capacity: capacityOf(pool, bytesOf) }))
  const available = capacities.reduce(
    (sum, { capacity }) => sum + (capacity?.availableBytes ?? 0),
    0,
  )
  const now = dataNowBytes(brief)
  const fill = now > 0 && available > 0 ? Math.min(1, now / available) : null
  const [full, today] = [new Map<PieceId, Surface>(), new Map<PieceId, Surface>()]
  for (const { pool, capacity } of capacities) {
    const { readsOnlyStored } = familyOf(pool).traits(pool)
    for (const driveId of pool.groups.flatMap(({ driveIds }) => driveIds)) {
      const sheet = sheets.get(driveId)
      if (!sheet) continue
      const { capacityBytes: sizeBytes } = sheet
      const surface = {
        sizeBytes,
        outerBytesPerSecond: sheet.outerRateBytesPerSecond ?? USUAL_DRIVE_BYTES_PER_SECOND,
        innerShare: innerShareOf(sheet),
        jobBytes: Math.max(0, sizeBytes - (capacity?.strandedByDrive[driveId] ?? 0)),
      }
      full.set(driveId, surface)
      const share = readsOnlyStored ? (fill ?? 1) : 1
      today.set(driveId, { ...surface, jobBytes: surface.jobBytes * share })
    }
  }
  return { full, today: fill === null ? null : today }
}

/** What is left of a drive's outer rate at its inner edge: as its data sheet has it, or as disks usually do. */
function innerShareOf({
  medium,
  outerRateBytesPerSecond: outer,
  innerRateBytesPerSecond: inner,
}: DriveSheet): number {
  if (medium === 'flash') return 1
  return outer === null || inner === null ? DISK_INNER_SHARE : Math.min(1, inner / outer)
}

/** Null for a pool that cannot be made: nobody knows what of its drives would be used. */
function capacityOf(pool: Pool, bytesOf: ReadonlyMap<PieceId, number>) {
  try {
    return familyOf(pool).capacityOf(pool, bytesOf)
  } catch (error) {
    if (error instanceof PoolError) return null
    throw error
  }
}
