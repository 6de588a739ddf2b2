import { type ChangeEntry, ENTRIES_PER_PAGE } from '@flint/contract'
import type { DataSource } from 'typeorm'

/** The same change again within so long is one entry. */
const ONE_ENTRY_MINUTES = 10

export interface ChangeMade {
  actor: string
  did: string
  designId: string | null
  about: string | null
}

/** Who changed what, and when. */
export class ChangeStore {
  constructor(private readonly database: DataSource) {}

  async note({ actor, did, designId, about }: ChangeMade): Promise<void> {
    await this.database.manager.query(
      `WITH again AS (
         UPDATE change_entry SET times = times + 1, at = now()
         WHERE id = (
             SELECT id FROM change_entry WHERE design_id IS NOT DISTINCT FROM $3::uuid
             ORDER BY id DESC LIMIT 1
           )
           AND actor = $1 AND did = $2 AND about IS NOT DISTINCT FROM $4
           AND at > now() - make_interval(mins => $5)
         RETURNING id
       )
       INSERT INTO change_entry (at, actor, did, design_id, about, times)
       SELECT now(), $1, $2, $3, $4, 1 WHERE NOT EXISTS (SELECT FROM again)`,
      [actor, did, designId, about, ONE_ENTRY_MINUTES],
    )
  }

  /**
   * The changes there were, the last one first, as many as fit into one answer.
   * @param of a design, or null for all
   * @param before only entries older than this one
   */
  async list(of: string | null, before: string | null): Promise<ChangeEntry[]> {
    const rows = await this.database.manager.query<(Omit<ChangeEntry, 'at'> & { at: Date })[]>(
      `SELECT entry.id, entry.at, entry.actor, entry.did, entry.about, entry.times,
              entry.design_id AS "designId", summary.name AS "designName"
       FROM change_entry entry
       LEFT JOIN design_summary summary ON summary.design_id = entry.design_id
       WHERE ($1::uuid IS NULL OR entry.design_id = $1) AND ($2::bigint IS NULL OR entry.id < $2)
       ORDER BY entry.id DESC LIMIT $3`,
      [of, before, ENTRIES_PER_PAGE],
    )
    return rows.map(({ at, ...row }) => ({ ...row, at: at.toISOString() }))
  }
}
