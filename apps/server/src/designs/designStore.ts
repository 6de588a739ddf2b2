import { isDeepStrictEqual } from 'node:util'
import type { DesignConflict, SaveDesign, StoredDesign } from '@flint/contract'
import { cutText } from '@flint/core/drawing'
import type { Design } from '@flint/core/editing'
import type { DesignSummary } from '@flint/core/figures'
import { type DataSource, type EntityManager, In, MoreThan } from 'typeorm'
import { HttpProblem, noSuchDesign } from '../http/problems'
import { DesignEntity, DesignRevisionEntity, DesignSetAsideEntity } from './designEntity'
import { readStored, storedDocument } from './storedRow'
import { type NewRevision, storeRevision } from './storeRevision'
import type { SummaryStore } from './summaryStore'

/** What a window says of itself with a save. */
export type SaveAttempt = Omit<SaveDesign, 'document'>

/** A revision that is to be added, with what its window said of it. */
interface Added extends Pick<NewRevision, 'designId' | 'after' | 'document'> {
  saveId?: string | undefined
  what?: string | undefined
}

/** Versions that came too late which are kept of one design; the oldest one goes when another comes. */
const MOST_SET_ASIDE = 100

/** Room that a name leaves for the words behind it. */
const LONGEST_COPIED_NAME = 110

/** Designs in the database: every save is a new revision, and none is ever overwritten. */
export class DesignStore {
  constructor(
    private readonly database: DataSource,
    private readonly summaries: SummaryStore,
    private readonly build: string,
  ) {}

  /** @throws HttpProblem 404; 422 for one that cannot be read */
  async read(id: string): Promise<StoredDesign> {
    return readStored(await this.#newest(id), this.build)
  }

  /** The document for taking along, also when it cannot be read here. @throws HttpProblem 404 */
  async document(id: string): Promise<unknown> {
    return storedDocument(await this.#newest(id), this.build)
  }

  async create(
    document: Design,
    { demoName = null, ownerId = null }: { demoName?: string | null; ownerId?: string | null } = {},
  ): Promise<StoredDesign> {
    return this.#saving(null, document, (summary) =>
      this.database.transaction(async (manager) => {
        const design = await manager.save(
          manager.create(DesignEntity, { revision: 0, demoName, ownerId, removedAt: null }),
        )
        const first = { designId: design.id, after: 0, document }
        const stored = await this.#addRevision(manager, first, summary)
        if (!stored) throw new Error('A new design has no revision that could say the same.')
        return stored
      }),
    )
  }

  /** Puts a copy of it on the shelf. @throws HttpProblem 404; 422 for one that cannot be read */
  async copy(id: string, ownerId: string | null): Promise<StoredDesign> {
    const { document } = await this.read(id)
    const name = `${cutText(document.name, LONGEST_COPIED_NAME)}, copy`
    return this.create({ ...document, name }, { ownerId })
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
    { basedOnRevision, saveId, what, unanswered = [] }: SaveAttempt,
  ): Promise<StoredDesign> {
    const revision = { designId: id, after: basedOnRevision, document, saveId, what }
    const outcome = await this.#saving(id, document, async (summary) => {
      // Nearly all saves are made from the newest revision and are stored by this; the rest is looked at closely.
      const stored = await this.#addRevision(this.database.manager, revision, summary)
      return stored ?? this.#saveClosely(revision, unanswered, summary)
    })
    // Thrown only here: an error inside the transaction would take the version set aside back.
    if ('setAsideId' in outcome) throw conflictProblem(outcome)
    return outcome
  }

  /**
   * Makes this document the newest revision whatever was there before; what was stays a revision, by a name.
   * @param nameOfBefore the name that the revision before gets, so that it is never thinned
   */
  async put(id: string, document: Design, nameOfBefore: string): Promise<StoredDesign> {
    return this.#saving(id, document, (summary) =>
      this.database.transaction(async (manager) => {
        const design = await lockDesign(manager, id, true)
        await manager.update(DesignEntity, { id }, { removedAt: null })
        const before = { designId: id, revision: design.revision }
        const newest = await manager.findOneByOrFail(DesignRevisionEntity, before)
        if (isDeepStrictEqual(newest.document, document)) return readStored(newest, this.build)
        await manager.update(DesignRevisionEntity, before, { label: newest.label ?? nameOfBefore })
        const next = { designId: id, after: design.revision, document }
        return (await this.#addRevision(manager, next, summary)) ?? readStored(newest, this.build)
      }),
    )
  }

  async isEmpty(): Promise<boolean> {
    return (await this.database.manager.count(DesignEntity)) === 0
  }

  async findDemo(demoName: string): Promise<DesignEntity | null> {
    return this.database.manager.findOneBy(DesignEntity, { demoName })
  }

  async #newest(id: string): Promise<DesignRevisionEntity> {
    const newest = await this.database.manager
      .createQueryBuilder(DesignRevisionEntity, 'newest')
      .innerJoin(
        DesignEntity,
        'design',
        'design.id = newest.designId AND design.revision = newest.revision',
      )
      .where('design.id = :id AND design.removedAt IS NULL', { id })
      .getOne()
    if (!newest) throw noSuchDesign()
    return newest
  }

  /** A save that was not simply the next one: it is stored already, comes from the same window, or was overtaken. */
  async #saveClosely(
    revision: Added,
    unanswered: readonly string[],
    summary: Promise<DesignSummary | null>,
  ): Promise<StoredDesign | DesignConflict> {
    const { designId, after, document } = revision
    return this.database.transaction(async (manager) => {
      const design = await lockDesign(manager, designId)
      const newest = await manager.findOneByOrFail(DesignRevisionEntity, {
        designId,
        revision: design.revision,
      })
      if (isDeepStrictEqual(newest.document, document)) return readStored(newest, this.build)
      if (design.revision === after || (await areAllOwn(manager, design, after, unanswered))) {
        const next = { ...revision, after: design.revision }
        return (await this.#addRevision(manager, next, summary)) ?? readStored(newest, this.build)
      }
      const aside = await keepAside(manager, designId, after, document)
      return { stored: readStored(newest, this.build), yours: document, setAsideId: aside.id }
    })
  }

  /** Runs a save. A summary that is left for later is worked out once the save can be seen by others. */
  async #saving<Outcome>(
    id: string | null,
    document: Design,
    work: (summary: Promise<DesignSummary | null>) => Promise<Outcome>,
  ): Promise<Outcome> {
    const summary = this.summaries.ofSaved(id, document)
    const outcome = await work(summary)
    if (!(await summary)) void this.summaries.fillIn()
    return outcome
  }

  /** @returns null when nothing was stored */
  async #addRevision(
    manager: EntityManager,
    { saveId, what, ...revision }: Added,
    summary: Promise<DesignSummary | null>,
  ): Promise<StoredDesign | null> {
    const row = await storeRevision(manager, {
      ...revision,
      checkedBy: this.build,
      saveId: saveId ?? null,
      what: what?.trim() ? what.trim() : null,
      summary: await summary,
      madeBy: this.summaries.madeBy,
    })
    return row && readStored(row, this.build)
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
  if (!design || (design.removedAt && !removedToo)) throw noSuchDesign()
  return design
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
  // Compared where they are: their documents are long.
  const same = await manager
    .createQueryBuilder(DesignSetAsideEntity, 'aside')
    .where({ designId, basedOnRevision })
    .andWhere('aside.document = :document::jsonb', { document: JSON.stringify(document) })
    .getOne()
  if (same) return same
  await manager.query(
    `DELETE FROM design_set_aside WHERE design_id = $1 AND id NOT IN (
       SELECT id FROM design_set_aside WHERE design_id = $1 ORDER BY saved_at DESC, id DESC LIMIT $2
     )`,
    [designId, MOST_SET_ASIDE - 1],
  )
  return manager.save(manager.create(DesignSetAsideEntity, { designId, basedOnRevision, document }))
}

function conflictProblem(conflict: DesignConflict): HttpProblem {
  return new HttpProblem(
    409,
    'Saved elsewhere meanwhile',
    `Revision ${conflict.stored.revision} was saved from another window. Both versions are kept.`,
    { conflict },
  )
}
