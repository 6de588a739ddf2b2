import type { Pool } from '../design/pools/pools'
import { driveSizes } from '../machine/driveSizes'
import { type Machine, piecesOf } from '../machine/machine'
import { driveSurface } from './driveSurface'
import { loadedSurface } from './loadedSurface'
import { poolCapacity } from './poolCapacity'
import type { DriveLoad } from './scenarios/scenario'
import type { Surface } from './surfaceSeconds'

/**
 * The drives that a pool is filled over, counted in bytes of files: as it fills, each drive is written from its outer
 * edge inwards, and is at its inner edge when the pool is full.
 *
 * Where files lie on one drive after the other, those fill alike, so that the drive that is written is about as far
 * in as the pool is full. A shingled or a flash drive is quick for as much as its quick zone takes.
 *
 * @param bytes of files
 * @returns null when so much does not fit, or nobody knows what fits
 */
export function writeSurfaces(
  machine: Machine,
  { bytes, pool, drives }: { bytes: number; pool: Pool; drives: readonly DriveLoad[] },
): Surface[] | null {
  const capacity = poolCapacity(pool, driveSizes(machine))
  if (!capacity || bytes > capacity.availableBytes) return null
  const sheets = new Map(piecesOf(machine, 'drive').map(({ id, dataSheet }) => [id, dataSheet]))
  return drives.flatMap(({ driveId, load }): Surface[] => {
    const sheet = sheets.get(driveId)
    if (!sheet) return []
    const surface = driveSurface(sheet)
    const usedBytes = surface.sizeBytes - (capacity.strandedByDrive[driveId] ?? 0)
    const perByte = usedBytes / capacity.availableBytes
    const { sustainedWriteBytesPerSecond: sustained, quickWriteBytes } = sheet
    const slows = sustained !== null && {
      slows: {
        afterBytes: (quickWriteBytes ?? 0) / perByte,
        bytesPerSecond: sustained,
      },
    }
    return [
      loadedSurface(
        { ...surface, sizeBytes: surface.sizeBytes / perByte, jobBytes: bytes, ...slows },
        load,
      ),
    ]
  })
}
