import { isDeepStrictEqual } from 'node:util'
import {
  type DesignConflict,
  type DesignOnShelf,
  ENTRIES_PER_PAGE,
  isUnread,
  type RemovedDesign,
  type RevisionSummary,
  type SaveDesign,
  type SetAside,
  type SetAsideSummary,
  type StoredDesign,
} from '@flint/contract'
import { type Design, parseDesign } from '@flint/core/editing'
import { type DataSource, type EntityManager, In, MoreThan } from 'typeorm'
import { HttpProblem, notFound } from '../http/problems'
import { DesignEntity, DesignRevisionEntity, DesignSetAsideEntity } from './designEntity'

/** What a window says of itself with a save. */
export type SaveAttempt = Omit<SaveDesign, 'document'>

/** More revisions than any design has; the database's integers hold little more. */
export const MOST_REVISIONS = 2_000_000_000

const NO_DESIGN = 'There is no such design on the shelf.'

/** Designs in the database: every save is a new revision, and none is ever overwritten. */
export class DesignStore {
  constructor(private readonly database: DataSource) {}

  /** Every design on the shelf with its newest revision, oldest design first; those that cannot be read too. */
  async list(): Promise<DesignOnShelf[]> {
    const rows = await this.database
      .getRepository(DesignEntity)
      .createQueryBuilder('design')
      .innerJoinAndMapOne(
        'design.newest',
        DesignRevisionEntity,
        'newest',
        'newest.designId = design.id AND newest.revision = design.revision',
      )
      .where('design.removedAt IS NULL')
      .orderBy('design.createdAt')
      .addOrderBy('design.id')
      .getMany()
    return rows.map((row) =>
      onShelf((row as DesignEntity & { newest: DesignRevisionEntity }).newest),
    )
  }

  /** @throws HttpProblem 404; 422 for one that cannot be read */
  async read(id: string): Promise<StoredDesign> {
    const design = await this.database.manager.findOneBy(DesignEntity, { id })
    if (!design || design.removedAt) throw notFound(NO_DESIGN)
    return this.readRevision(id, design.revision)
  }

  /** @throws HttpProblem 404; 422 for one that cannot be read */
  async readRevision(id: string, revision: number): Promise<StoredDesign> {
    const row = await this.database.manager.findOneBy(DesignRevisionEntity, {
      designId: id,
      revision,
    })
    if (!row) throw notFound('There is no such revision of this design.')
    return stored(row)
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
      .addSelect(`revision.document ->> 'name'`, 'name')
      .where('revision.designId = :id', { id })
      .andWhere('revision.revision < :before', { before })
      .orderBy('revision.revision', 'DESC')
      .limit(ENTRIES_PER_PAGE)
      .getRawMany<{ revision: number; savedAt: Date; name: string }>()
    if (rows.length === 0 && before === MOST_REVISIONS) throw notFound(NO_DESIGN)
    return rows.map(({ savedAt, ...row }) => ({ ...row, savedAt: savedAt.toISOString() }))
  }

  /** Versions that came too late for a revision, newest first, as many as fit into one answer. */
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
    const { document, savedAt } = stored({ designId, revision, savedAt: at, document: kept })
    return { id, basedOnRevision: revision, savedAt, name: document.name, document }
  }

  /** Designs that were taken off the shelf, the last one first. */
  async removed(): Promise<RemovedDesign[]> {
    const rows = await this.database
      .getRepository(DesignEntity)
      .createQueryBuilder('design')
      .innerJoin(
        DesignRevisionEntity,
        'newest',
        'newest.designId = design.id AND newest.revision = design.revision',
      )
      .select('design.id', 'id')
      .addSelect('design.removedAt', 'removedAt')
      .addSelect(`newest.document ->> 'name'`, 'name')
      .where('design.removedAt IS NOT NULL')
      .orderBy('design.removedAt', 'DESC')
      .limit(ENTRIES_PER_PAGE)
      .getRawMany<{ id: string; name: string; removedAt: Date }>()
    return rows.map(({ removedAt, ...row }) => ({ ...row, removedAt: removedAt.toISOString() }))
  }

  async create(document: Design, demoName: string | null = null): Promise<StoredDesign> {
    return this.database.transaction(async (manager) => {
      const design = await manager.save(
        manager.create(DesignEntity, { revision: 1, demoName, removedAt: null }),
      )
      return addRevision(manager, design.id, 1, document)
    })
  }

  /**
   * Saves a new revision made from `basedOnRevision`, or from one that the same window made of it without ever
   * having the answer.
   *
   * If another one came in between, both are kept: the stored one stays the newest, this one is set
   * aside. A save that says what is stored already is answered with what is stored, so that a client
   * that never got its answer may simply ask again.
   *
   * @throws HttpProblem 404; 409 with both sides
   */
  async save(
    id: string,
    document: Design,
    { basedOnRevision, saveId, unanswered = [] }: SaveAttempt,
  ): Promise<StoredDesign> {
    const outcome = await this.database.transaction(async (manager) => {
      const design = await lockDesign(manager, id)
      const newest = await manager.findOneByOrFail(DesignRevisionEntity, {
        designId: id,
        revision: design.revision,
      })
      if (isDeepStrictEqual(newest.document, document)) return stored(newest)
      if (
        design.revision === basedOnRevision ||
        (await areAllOwn(manager, design, basedOnRevision, unanswered))
      ) {
        return addRevision(manager, id, design.revision + 1, document, saveId)
      }
      const aside = await keepAside(manager, id, basedOnRevision, document)
      return { stored: stored(newest), yours: document, setAsideId: aside.id }
    })
    // Thrown only here: an error inside the transaction would take the version set aside back.
    if ('setAsideId' in outcome) throw conflictProblem(outcome)
    return outcome
  }

  /** Makes this document the newest revision whatever was there before; what was stays a revision. */
  async put(id: string, document: Design): Promise<StoredDesign> {
    return this.database.transaction(async (manager) => {
      const design = await lockDesign(manager, id, true)
      await manager.update(DesignEntity, { id }, { removedAt: null })
      return addRevision(manager, id, design.revision + 1, document)
    })
  }

  /** Takes a design off the shelf, or puts it back. @throws HttpProblem 404 */
  async setRemoved(id: string, removed: boolean): Promise<void> {
    const removedAt = removed ? new Date() : null
    const { affected } = await this.database.manager.update(DesignEntity, { id }, { removedAt })
    if (!affected) throw notFound(NO_DESIGN)
  }

  async isEmpty(): Promise<boolean> {
    return (await this.database.manager.count(DesignEntity)) === 0
  }

  async findDemo(demoName: string): Promise<DesignEntity | null> {
    return this.database.manager.findOneBy(DesignEntity, { demoName })
  }
}

async function lockDesign(
  manager: EntityManager,
  id: string,
  removedToo = false,
): Promise<DesignEntity> {
  const design = await manager.findOne(DesignEntity, {
    where: { id },
    lock: { mode: 'pessimistic_write' },
  })
  if (!design || (design.removedAt && !removedToo)) throw notFound(NO_DESIGN)
  return design
}

async function addRevision(
  manager: EntityManager,
  designId: string,
  revision: number,
  document: Design,
  saveId: string | null = null,
): Promise<StoredDesign> {
  const row = await manager.save(
    manager.create(DesignRevisionEntity, { designId, revision, document, saveId }),
  )
  await manager.update(DesignEntity, { id: designId }, { revision })
  return stored(row)
}

/** Whether every revision after the one that a window knows was made by its own saves. */
async function areAllOwn(
  manager: EntityManager,
  { id: designId, revision }: DesignEntity,
  knownRevision: number,
  ownSaveIds: readonly string[],
): Promise<boolean> {
  if (ownSaveIds.length === 0 || knownRevision > revision) return false
  const own = await manager.countBy(DesignRevisionEntity, {
    designId,
    revision: MoreThan(knownRevision),
    saveId: In(ownSaveIds),
  })
  return own === revision - knownRevision
}

/** The same late version sent again is not kept twice. */
async function keepAside(
  manager: EntityManager,
  designId: string,
  basedOnRevision: number,
  document: Design,
): Promise<DesignSetAsideEntity> {
  // Compared where they are: a design that was fought over has thousands of them.
  const same = await manager
    .createQueryBuilder(DesignSetAsideEntity, 'aside')
    .where({ designId, basedOnRevision })
    .andWhere('aside.document = :document::jsonb', { document: JSON.stringify(document) })
    .getOne()
  return (
    same ??
    manager.save(manager.create(DesignSetAsideEntity, { designId, basedOnRevision, document }))
  )
}

/** What is read of a row, whichever table it is from. */
type StoredRow = Pick<DesignRevisionEntity, 'designId' | 'revision' | 'savedAt' | 'document'>

/**
 * A document saved by an older Flint Shelf is brought up to date as it is read: what it never said is not known.
 * One that cannot be read is shown as it is.
 */
function onShelf({ designId: id, revision, savedAt, document }: StoredRow): DesignOnShelf {
  const parsed = parseDesign(document)
  const row = { id, revision, savedAt: savedAt.toISOString() }
  if ('design' in parsed) return { ...row, document: parsed.design }
  const [problem] = parsed.problems
  const said: unknown = (document as Partial<Design>).name
  return {
    ...row,
    name: typeof said === 'string' && said !== '' ? said : 'A design without a name',
    unread: problem?.sentence ?? 'It cannot be read.',
    document,
  }
}

/** @throws HttpProblem 422 for one that cannot be read */
function stored(row: StoredRow): StoredDesign {
  const design = onShelf(row)
  if (!isUnread(design)) return design
  throw new HttpProblem(422, 'Not readable', `${design.name} cannot be read. ${design.unread}`)
}

function conflictProblem(conflict: DesignConflict): HttpProblem {
  return new HttpProblem(
    409,
    'Saved elsewhere meanwhile',
    `Revision ${conflict.stored.revision} was saved from another window. Both versions are kept.`,
    { conflict },
  )
}
