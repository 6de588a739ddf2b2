import {
  DESIGNS_PER_PAGE,
  type DesignRight,
  ENTRIES_PER_PAGE,
  type PartUse,
  type ShelfOrder,
  type ShelfPage,
  type ShelfRow,
} from '@flint/contract'
import { cutText } from '@flint/core/drawing'
import { type Design, parseDesign } from '@flint/core/editing'
import type { DesignSummary } from '@flint/core/figures'
import {
  type DataSource,
  type EntityManager,
  In,
  IsNull,
  Not,
  type SelectQueryBuilder,
} from 'typeorm'
import { DesignRevisionEntity } from './designEntity'
import { revisionFigures } from './revisionFigures'
import { nameSaid, type StoredRow } from './storedRow'
import type { Summariser } from './summariser'
import { DesignSummaryEntity, type ShownTo } from './summaryEntity'

/** How long a save waits for its summary, and how long one may take when nobody waits, milliseconds. */
const LONGEST_AT_SAVE_MS = 500
const LONGEST_LATER_MS = 10_000

/** How much of the notes a list shows. */
const LONGEST_NOTES = 300

export interface ShelfAsked {
  /** Words that the name or the notes of a design have. */
  words: readonly string[]
  order: ShelfOrder
  /** Counted from 1. */
  page: number
}

type Ordering = [column: string, direction: 'ASC' | 'DESC']
const ORDERS: Record<ShelfOrder, Ordering> = {
  made: ['design.createdAt', 'ASC'],
  changed: ['summary.savedAt', 'DESC'],
  name: ['lower(summary.name)', 'ASC'],
  space: ['summary.workingBytes', 'DESC'],
  watts: ['summary.idleWatts', 'ASC'],
  cost: ['summary.costMinor', 'ASC'],
}

/** What lists show of designs: written when a design is saved, so that no list reads or evaluates a document. */
export class SummaryStore {
  #filling: Promise<void> = Promise.resolve()

  constructor(
    private readonly database: DataSource,
    private readonly summariser: Summariser,
  ) {}

  /** The summary of a design that is about to be saved; null when it is left for later. */
  async ofSaved(design: Design): Promise<DesignSummary | null> {
    return this.summariser.summarise(design, LONGEST_AT_SAVE_MS)
  }

  /** Writes what lists show of a revision that has just become the newest. */
  async write(
    manager: EntityManager,
    { designId, revision, savedAt, document }: StoredRow,
    summary: DesignSummary | null,
  ): Promise<void> {
    const { madeBy } = this.summariser
    await manager.upsert(
      DesignSummaryEntity,
      {
        designId,
        revision,
        savedAt,
        ...shown(document),
        // Without a maker it is worked out later.
        madeBy: summary ? madeBy : '',
        unread: null,
        ...figuresOf(summary),
      },
      ['designId'],
    )
  }

  /** A page of the shelf. */
  async page({ words, order, page }: ShelfAsked, shownTo: ShownTo): Promise<ShelfPage> {
    const [column, direction] = ORDERS[order]
    const { manager } = this.database
    // First which, then what: what a row shows is long, and is read of those that are shown only.
    const query = this.#onShelf(shownTo).addSelect('count(*) OVER ()', 'total')
    words.forEach((word, index) => {
      query.andWhere(`strpos(lower(summary.name || ' ' || summary.notes), :word${index}) > 0`, {
        [`word${index}`]: word.toLowerCase(),
      })
    })
    const found = await query
      .orderBy(column, direction, 'NULLS LAST')
      .addOrderBy('summary.designId')
      .limit(DESIGNS_PER_PAGE)
      .offset((page - 1) * DESIGNS_PER_PAGE)
      .getRawMany<{ id: string; right: DesignRight; total: string }>()
    const ids = found.map(({ id }) => id)
    const entities = await manager.findBy(DesignSummaryEntity, { designId: In(ids) })
    const byId = new Map(entities.map((row) => [row.designId, row]))
    const rows = found.flatMap(({ id, right }): ShelfRow[] => {
      const row = byId.get(id)
      return row ? [{ ...rowOf(row, right), isPending: row.madeBy !== this.summariser.madeBy }] : []
    })
    // A page behind the last one has no row that could say how many there are.
    const total = found[0] ? Number(found[0].total) : page === 1 ? 0 : await query.getCount()
    return { total, rows }
  }

  /** The designs that somebody may see, oldest first. */
  async allIds(shownTo: ShownTo): Promise<string[]> {
    const query = this.#onShelf(shownTo).orderBy('design.createdAt')
    const rows = await query.getRawMany<{ id: string }>()
    return rows.map(({ id }) => id)
  }

  /** The designs that hold a part, by name. */
  async usesOf(slug: string, shownTo: ShownTo): Promise<PartUse[]> {
    const rows = await this.#onShelf(shownTo)
      .addSelect('summary.name', 'name')
      .addSelect(`(summary.summary -> 'piecesBySlug' ->> :slug)::int`, 'pieces')
      .andWhere(`summary.summary -> 'piecesBySlug' ->> :slug IS NOT NULL`, { slug })
      .orderBy('summary.name')
      .addOrderBy('summary.designId')
      .limit(ENTRIES_PER_PAGE)
      .getRawMany<PartUse>()
    return rows.map(({ id, name, pieces }) => ({ id, name, pieces }))
  }

  /** The designs on the shelf that somebody may see: their ids, and what they may do with each. */
  #onShelf(shownTo: ShownTo): SelectQueryBuilder<DesignSummaryEntity> {
    const query = this.database.manager
      .createQueryBuilder(DesignSummaryEntity, 'summary')
      .innerJoin('design', 'design', 'design.id = summary.designId')
      .select('summary.designId', 'id')
      .where('design.removedAt IS NULL')
    shownTo(query)
    return query
  }

  /** Works out what is missing, or was worked out by another build, one after the other. */
  fillIn(): Promise<void> {
    // Who asks while that is under way may have come after the last look at what is missing.
    this.#filling = this.#filling.then(() => this.#fillAll())
    return this.#filling
  }

  async #fillAll(): Promise<void> {
    const { madeBy } = this.summariser
    try {
      for (;;) {
        const row = await this.database.manager.findOneBy(DesignSummaryEntity, {
          madeBy: Not(madeBy),
        })
        if (!row) return
        await this.#workOut(row)
      }
    } catch {
      // The database is away; the next save, or the next hour, goes on with it.
    }
  }

  async #workOut({ designId, revision }: DesignSummaryEntity): Promise<void> {
    const { manager } = this.database
    const [stored] = await manager.query<{ document: unknown }[]>(
      'SELECT document FROM design_revision WHERE design_id = $1 AND revision = $2',
      [designId, revision],
    )
    const parsed = parseDesign(stored?.document)
    const readable = 'design' in parsed ? parsed.design : null
    const summary = readable && (await this.summariser.summarise(readable, LONGEST_LATER_MS))
    const unread =
      'design' in parsed ? null : (parsed.problems[0]?.sentence ?? 'It cannot be read.')
    // Of that revision only: a save that came meanwhile has written its own.
    await manager.update(
      DesignSummaryEntity,
      { designId, revision },
      {
        ...shown(stored?.document),
        madeBy: this.summariser.madeBy,
        unread,
        ...(figuresOf(summary) as object),
      },
    )
    // Once only: they stay what they were when it was saved.
    if (summary) {
      await manager.update(
        DesignRevisionEntity,
        { designId, revision, figures: IsNull() },
        { figures: revisionFigures(summary) },
      )
    }
  }
}

/** What is shown of a document, whether it can be read or not. */
function shown(document: unknown): { name: string; notes: string } {
  const { notes } = (document ?? {}) as { notes?: unknown }
  return {
    name: nameSaid(document),
    notes: typeof notes === 'string' ? cutText(notes, LONGEST_NOTES) : '',
  }
}

function figuresOf(
  summary: DesignSummary | null,
): Pick<DesignSummaryEntity, 'summary' | 'workingBytes' | 'idleWatts' | 'costMinor'> {
  return {
    summary,
    workingBytes: summary?.capacity.workingBytes ?? null,
    idleWatts: summary?.power.wall?.likely ?? null,
    costMinor: summary?.cost.total.likely ?? null,
  }
}

function rowOf(row: DesignSummaryEntity, right: DesignRight): Omit<ShelfRow, 'isPending'> {
  const { designId: id, revision, savedAt, name, notes, summary, unread } = row
  return { id, revision, savedAt: savedAt.toISOString(), name, notes, summary, unread, right }
}
