import { USUAL_FILE_BYTES } from '../../design/brief'
import type { HouseRules } from '../../design/houseRules'
import { layoutFamilies } from '../families'
import { poolFigure, strandedBytes } from '../designCapacity'
import type { Candidate, CandidateDrive } from './candidate'
import { readRates } from './readRates'
import { markUnbeaten } from './unbeaten'

/**
 * What the tables of a file system take of a volume that has none of its own: an inode of 256 bytes for every
 * 16 KiB, as ext4 makes them. Others take less, or take it as files come.
 *
 * Source: mke2fs.conf(5), `inode_size` and `inode_ratio` for file systems of usual size; from memory.
 */
export const FILE_SYSTEM_SHARE = 256 / (16 * 1024)

/**
 * What could these drives be? All layouts of all families that can be made of them, side by side.
 *
 * @param rules fill ceiling, snapshot reserve and compression
 * @returns in the order of the families; empty without drives
 * @example candidates([], rules) // []
 */
export function candidates(drives: readonly CandidateDrive[], rules: HouseRules): Candidate[] {
  if (drives.length === 0) return []
  const bytesOf = new Map(drives.map(({ id, capacityBytes }) => [id, capacityBytes]))
  const driveOf = new Map(drives.map((drive) => [drive.id, drive]))
  const found = layoutFamilies.flatMap((family) =>
    family
      .layouts(drives)
      .flatMap(({ id, title, nativeName, pool }): Omit<Candidate, 'unbeaten'>[] => {
        if (!pool) return []
        const { capacity, workingBytes } = poolFigure(pool, bytesOf, rules)
        if (!capacity) return []
        const traits = family.traits(pool)
        const tolerates = family.failureGroups(pool).map((set) => set.tolerates)
        const members = pool.groups
          .filter(({ kind }) => kind !== 'spare' && kind !== 'parity')
          .flatMap(({ driveIds }) => driveIds.flatMap((driveId) => driveOf.get(driveId) ?? []))
        return [
          {
            id: `${family.family}/${id}`,
            family: family.family,
            title,
            nativeName,
            pool,
            workingBytes,
            comparedBytes: traits.countsFileSystem
              ? workingBytes
              : workingBytes * (1 - FILE_SYSTEM_SHARE),
            alwaysSurvived: Math.min(...tolerates),
            beyond: family.beyond,
            ...readRates(members, traits),
            spinningDrives: traits.spinningToRead(USUAL_FILE_BYTES.media),
            growthDrives: traits.growthDrives,
            strandedBytes: strandedBytes(capacity),
          },
        ]
      }),
  )
  return markUnbeaten(found)
}
