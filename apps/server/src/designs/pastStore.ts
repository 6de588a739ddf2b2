import {
  ENTRIES_PER_PAGE,
  type RemovedDesign,
  type RevisionSummary,
  type SetAside,
  type SetAsideSummary,
  type StoredDesign,
} from '@flint/contract'
import { type DataSource, IsNull, Not } from 'typeorm'
import { HttpProblem, noSuchDesign, notFound } from '../http/problems'
import { DesignEntity, DesignRevisionEntity, DesignSetAsideEntity } from './designEntity'
import { readStored } from './storedRow'
import { DesignSummaryEntity, type ShownTo } from './summaryEntity'

/** More revisions than any design has; the database's integers hold little more. */
export const MOST_REVISIONS = 2_000_000_000

const NO_REVISION = 'There is no such revision of this design.'

/** The ways back: revisions, versions set aside, removed designs. */
export class PastStore {
  constructor(
    private readonly database: DataSource,
    private readonly build: string,
  ) {}

  /** @throws HttpProblem 404; 422 for one that cannot be read */
  async readRevision(id: string, revision: number): Promise<StoredDesign> {
    const row = await this.database.manager.findOneBy(DesignRevisionEntity, {
      designId: id,
      revision,
    })
    if (!row) throw notFound(NO_REVISION)
    return readStored(row, this.build)
  }

  /**
   * The revisions there are, newest first, as many as fit into one answer.
   * @param before only those before this one
   * @throws HttpProblem 404
   */
  async revisions(id: string, before = MOST_REVISIONS): Promise<RevisionSummary[]> {
    const rows = await this.database
      .getRepository(DesignRevisionEntity)
      .createQueryBuilder('revision')
      .select('revision.revision', 'revision')
      .addSelect('revision.savedAt', 'savedAt')
      .addSelect('revision.label', 'label')
      .addSelect('revision.what', 'what')
      .addSelect('revision.figures', 'figures')
      .addSelect(`revision.document ->> 'name'`, 'name')
      .where('revision.designId = :id', { id })
      .andWhere('revision.revision < :before', { before })
      .orderBy('revision.revision', 'DESC')
      .limit(ENTRIES_PER_PAGE)
      .getRawMany<Omit<RevisionSummary, 'savedAt'> & { savedAt: Date }>()
    if (rows.length === 0 && before === MOST_REVISIONS) throw noSuchDesign()
    return rows.map(({ savedAt, ...row }) => ({ ...row, savedAt: savedAt.toISOString() }))
  }

  /** Gives a revision a name of its own, which keeps it from being thinned, or takes it away. @throws HttpProblem 404 */
  async nameRevision(id: string, revision: number, label: string | null): Promise<void> {
    const { affected } = await this.database.manager.update(
      DesignRevisionEntity,
      { designId: id, revision },
      { label },
    )
    if (!affected) throw notFound(NO_REVISION)
  }

  /**
   * Thins the revisions of days that are over: the last one of each day stays, and so do the newest of a design and
   * those with a name.
   * @param today any moment of the day that is left alone
   * @returns how many went
   */
  async thin(today: Date): Promise<number> {
    const [, count] = await this.database.manager.query<[unknown, number]>(
      `DELETE FROM design_revision one
       USING design
       WHERE design.id = one.design_id
         AND one.revision <> design.revision
         AND one.label IS NULL
         AND one.saved_at < date_trunc('day', $1::timestamptz)
         AND EXISTS (
           SELECT FROM design_revision later
           WHERE later.design_id = one.design_id AND later.revision > one.revision
             AND date_trunc('day', later.saved_at) = date_trunc('day', one.saved_at)
         )`,
      [today],
    )
    return count
  }

  /** Versions that came too late for a revision, newest first. */
  async setAside(id: string): Promise<SetAsideSummary[]> {
    const rows = await this.database
      .getRepository(DesignSetAsideEntity)
      .createQueryBuilder('aside')
      .select('aside.id', 'id')
      .addSelect('aside.basedOnRevision', 'basedOnRevision')
      .addSelect('aside.savedAt', 'savedAt')
      .addSelect(`aside.document ->> 'name'`, 'name')
      .where('aside.designId = :id', { id })
      .orderBy('aside.savedAt', 'DESC')
      .limit(ENTRIES_PER_PAGE)
      .getRawMany<Omit<SetAsideSummary, 'savedAt'> & { savedAt: Date }>()
    return rows.map(({ savedAt, ...row }) => ({ ...row, savedAt: savedAt.toISOString() }))
  }

  /** @throws HttpProblem 404; 422 for one that cannot be read */
  async readSetAside(designId: string, id: string): Promise<SetAside> {
    const row = await this.database.manager.findOneBy(DesignSetAsideEntity, { id, designId })
    if (!row) throw notFound('There is no such version of this design.')
    const { basedOnRevision: revision, savedAt: at, document: kept } = row
    const { document, savedAt } = readStored(
      { designId, revision, savedAt: at, document: kept, checkedBy: null },
      this.build,
    )
    return { id, basedOnRevision: revision, savedAt, name: document.name, document }
  }

  /** Designs that were taken off the shelf, the last one first. */
  async removed(shownTo: ShownTo): Promise<RemovedDesign[]> {
    const query = this.database
      .getRepository(DesignSummaryEntity)
      .createQueryBuilder('summary')
      .innerJoin(DesignEntity, 'design', 'design.id = summary.designId')
      .select('summary.designId', 'id')
      .addSelect('design.removedAt', 'removedAt')
      .addSelect('summary.name', 'name')
      .where('design.removedAt IS NOT NULL')
    shownTo(query)
    const rows = await query
      .orderBy('design.removedAt', 'DESC')
      .limit(ENTRIES_PER_PAGE)
      .getRawMany<{ id: string; name: string; removedAt: Date }>()
    return rows.map(({ removedAt, ...row }) => ({ ...row, removedAt: removedAt.toISOString() }))
  }

  /** Takes a design off the shelf, or puts it back. @throws HttpProblem 404 */
  async setRemoved(id: string, removed: boolean): Promise<void> {
    // What was removed already keeps the day on which it was.
    const where = removed ? { id, removedAt: IsNull() } : { id }
    const { manager } = this.database
    const removedAt = removed ? new Date() : null
    const { affected } = await manager.update(DesignEntity, where, { removedAt })
    if (!affected && !(await manager.existsBy(DesignEntity, { id }))) throw noSuchDesign()
  }

  /** Deletes a removed design with all of its revisions. @throws HttpProblem 404; 409 while it is on the shelf */
  async forget(id: string): Promise<void> {
    await this.database.transaction(async (manager) => {
      const { affected } = await manager.delete(DesignEntity, { id, removedAt: Not(IsNull()) })
      if (!affected) {
        if (!(await manager.existsBy(DesignEntity, { id }))) throw noSuchDesign()
        throw new HttpProblem(
          409,
          'Not deleted',
          'Only a design that was taken off the shelf can be deleted for good.',
        )
      }
      for (const entity of [DesignRevisionEntity, DesignSetAsideEntity, DesignSummaryEntity]) {
        await manager.delete(entity, { designId: id })
      }
    })
  }
}
