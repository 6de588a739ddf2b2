import { dataNowBytes } from '../design/brief'
import type { PieceId } from '../machine/piece'
import { driveSizes } from '../machine/driveSizes'
import { type Machine, piecesOf } from '../machine/machine'
import { familyOf } from '../pool/families'
import { sumOf } from '../pool/familyCapacity'
import { poolCapacity } from './poolCapacity'
import type { ScenarioDesign } from './scenarios/scenario'
import { driveSurface } from './driveSurface'
import type { Surface } from './surfaceSeconds'

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
  const capacities = pools.map((pool) => ({ pool, capacity: poolCapacity(pool, bytesOf) }))
  const available = sumOf(capacities.flatMap(({ capacity }) => capacity?.availableBytes ?? []))
  const now = dataNowBytes(brief)
  const fill = now > 0 && available > 0 ? Math.min(1, now / available) : null
  const [full, today] = [new Map<PieceId, Surface>(), new Map<PieceId, Surface>()]
  for (const { pool, capacity } of capacities) {
    const { readsOnlyStored } = familyOf(pool).traits(pool)
    for (const driveId of pool.groups.flatMap(({ driveIds }) => driveIds)) {
      const sheet = sheets.get(driveId)
      if (!sheet) continue
      const stranded = capacity?.strandedByDrive[driveId] ?? 0
      const surface = {
        ...driveSurface(sheet),
        jobBytes: Math.max(0, sheet.capacityBytes - stranded),
      }
      full.set(driveId, surface)
      if (fill === null) continue
      const jobBytes = readsOnlyStored ? surface.jobBytes * fill : surface.jobBytes
      today.set(driveId, { ...surface, jobBytes })
    }
  }
  return { full, today: fill === null ? null : today }
}
