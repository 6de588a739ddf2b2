import { type Brief, USUAL_FILE_BYTES } from '../design/brief'
import type { Pool } from '../design/design'
import type { Tenants } from '../design/tenants'
import type { Machine } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import { largestPool } from '../paths/largestPool'
import { familyOf } from '../pool/families'

/** What of a design says which drives are read. */
export interface ReadDesign {
  brief: Readonly<Brief>
  pools: readonly Pool[]
  tenants: Readonly<Tenants>
}

/**
 * Which drives does so many readers' reading keep busy?
 *
 * As many as the family of the largest pool needs for a file (a film, where the brief has none), for each reader anew,
 * up to all of them. Which of the
 * members they are makes no difference to anybody but the file.
 */
export function readingDrives(
  { brief, pools, tenants }: ReadDesign,
  machine: Machine,
  readers: number,
): Set<PieceId> {
  const pool = largestPool({ pools, tenants }, machine)
  if (!pool) return new Set()
  const away = new Set(machine.awayIds)
  const members = pool.groups
    .flatMap(({ driveIds }) => driveIds)
    .filter((id) => machine.pieces.has(id) && !away.has(id))
  const fileBytes =
    Math.max(0, ...brief.data.map((entry) => entry.fileBytes)) || USUAL_FILE_BYTES.media
  const forEach = Math.max(1, familyOf(pool).traits(pool).spinningToRead(fileBytes))
  return new Set(members.slice(0, readers * forEach))
}

/** Every member of every pool, as a scrub reads them. */
export function memberDrives({ pools }: Pick<ReadDesign, 'pools'>): Set<PieceId> {
  return new Set(pools.flatMap(({ groups }) => groups.flatMap(({ driveIds }) => driveIds)))
}
