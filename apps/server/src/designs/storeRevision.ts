import type { Design } from '@flint/core/editing'
import type { DesignSummary } from '@flint/core/figures'
import type { EntityManager } from 'typeorm'
import { revisionFigures } from './revisionFigures'
import type { StoredRow } from './storedRow'
import { figuresOf, shownOf } from './summaryEntity'

export interface NewRevision {
  designId: string
  /** The revision that it was made from; 0 for the first one of a design. */
  after: number
  document: Design
  /** The build that read the document. */
  checkedBy: string
  /** The id that the window gave the save. */
  saveId: string | null
  /** What was done in it, in the words of the edits. */
  what: string | null
  /** Null when it is left for later. */
  summary: DesignSummary | null
  /** The build that worked the summary out. */
  madeBy: string
}

/**
 * Stores a document as the newest revision of a design, with what lists show of it, if the one that it was made from is
 * the newest one still.
 *
 * It is one statement, so that it happens as a whole or not at all, also outside of a transaction: of two who save at
 * once, the second waits for the first and then finds a newer revision. And every save waits for it, which for the most
 * part is going to the database and back.
 *
 * @returns null when nothing was stored: another revision is the newest one, that one says the same, or the design is
 * not on the shelf
 */
export async function storeRevision(
  manager: EntityManager,
  { designId, after, document, checkedBy, saveId, what, summary, madeBy }: NewRevision,
): Promise<StoredRow | null> {
  const { name, notes, searched } = shownOf(document)
  const { workingBytes, idleWatts, costMinor } = figuresOf(summary)
  const [row] = await manager.query<{ savedAt: Date }[]>(
    `WITH next AS (
       UPDATE design SET revision = revision + 1
       WHERE id = $1 AND revision = $2 AND removed_at IS NULL
         AND NOT EXISTS (
           SELECT FROM design_revision
           WHERE design_id = $1 AND revision = $2 AND document = $3::jsonb
         )
       RETURNING revision
     ), stored AS (
       INSERT INTO design_revision
         (design_id, revision, document, checked_by, save_id, what, figures)
       SELECT $1, revision, $3, $4, $5, $6, $7 FROM next
       RETURNING revision, saved_at
     )
     INSERT INTO design_summary
       (design_id, revision, saved_at, name, notes, searched, made_by, unread, summary, working_bytes,
        idle_watts, cost_minor)
     SELECT $1, revision, saved_at, $8, $9, $10, $11, NULL, $12, $13, $14, $15 FROM stored
     ON CONFLICT (design_id) DO UPDATE SET
       revision = excluded.revision, saved_at = excluded.saved_at, name = excluded.name,
       notes = excluded.notes, searched = excluded.searched, made_by = excluded.made_by, unread = excluded.unread,
       summary = excluded.summary, working_bytes = excluded.working_bytes,
       idle_watts = excluded.idle_watts, cost_minor = excluded.cost_minor
     RETURNING saved_at AS "savedAt"`,
    [
      designId,
      after,
      JSON.stringify(document),
      checkedBy,
      saveId,
      what,
      summary && JSON.stringify(revisionFigures(summary)),
      name,
      notes,
      searched,
      // Without a maker it is worked out later.
      summary ? madeBy : '',
      summary && JSON.stringify(summary),
      workingBytes,
      idleWatts,
      costMinor,
    ],
  )
  return row ? { designId, revision: after + 1, savedAt: row.savedAt, document, checkedBy } : null
}
