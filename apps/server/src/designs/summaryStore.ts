import {
  DESIGNS_PER_PAGE,
  type DesignRight,
  ENTRIES_PER_PAGE,
  type PartUse,
  type ShelfOrder,
} from '@flint/contract'
import { type Design, parseDesign } from '@flint/core/editing'
import type { DesignSummary } from '@flint/core/figures'
import { type DataSource, IsNull, Not, type SelectQueryBuilder } from 'typeorm'
import { DesignRevisionEntity } from './designEntity'
import { revisionFigures } from './revisionFigures'
import type { Summariser } from './summariser'
import { DesignSummaryEntity, figuresOf, type ShownTo, shownOf } from './summaryEntity'

/** How long a save waits for its summary, and how long one may take when nobody waits, milliseconds. */
const LONGEST_AT_SAVE_MS = 500
const LONGEST_LATER_MS = 10_000

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

  /** The build that works the summaries out. */
  get madeBy(): string {
    return this.summariser.madeBy
  }

  /** The summary of a design that is about to be saved; null when it is left for later. */
  async ofSaved(designId: string | null, design: Design): Promise<DesignSummary | null> {
    return this.summariser.summarise({ designId, design }, LONGEST_AT_SAVE_MS)
  }

  /** A page of the shelf, a `ShelfPage`, as it is sent. */
  async pageJson({ words, order, page }: ShelfAsked, shownTo: ShownTo): Promise<string> {
    const [column, direction] = ORDERS[order]
    // First which, then what: what a row shows is long, and is read of those that are shown only.
    const query = this.#onShelf(shownTo)
    words.forEach((word, index) => {
      query.andWhere(`strpos(summary.searched, :word${index}) > 0`, {
        [`word${index}`]: word.toLowerCase(),
      })
    })
    const found = await query
      .clone()
      .addSelect('count(*) OVER ()', 'total')
      .orderBy(column, direction, 'NULLS LAST')
      .addOrderBy('summary.designId')
      .limit(DESIGNS_PER_PAGE)
      .offset((page - 1) * DESIGNS_PER_PAGE)
      .getRawMany<{ id: string; right: DesignRight; total: string }>()
    // A page behind the last one has no row that could say how many there are.
    const total = found[0] ? Number(found[0].total) : page === 1 ? 0 : await query.getCount()
    return `{"total":${total},"rows":${await this.#rowsJson(found)}}`
  }

  /** Rows as they are sent, a `ShelfRow` each: put together where they are, so that nobody reads and writes them again. */
  async #rowsJson(found: readonly { id: string; right: DesignRight }[]): Promise<string> {
    const [rows] = await this.database.query<{ json: string }[]>(
      `SELECT coalesce(json_agg(json_build_object(
           'id', id, 'revision', revision,
           'savedAt', to_char(saved_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'),
           'name', name, 'notes', notes, 'summary', summary, 'isPending', made_by <> $3,
           'unread', unread, 'right', may
         ) ORDER BY place), '[]')::text AS json
       FROM unnest($1::uuid[], $2::text[]) WITH ORDINALITY AS found (id, may, place)
       JOIN design_summary ON design_id = id`,
      [found.map(({ id }) => id), found.map(({ right }) => right), this.summariser.madeBy],
    )
    return rows?.json ?? '[]'
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
    const summary =
      readable &&
      (await this.summariser.summarise({ designId: null, design: readable }, LONGEST_LATER_MS))
    const unread =
      'design' in parsed ? null : (parsed.problems[0]?.sentence ?? 'It cannot be read.')
    // Of that revision only: a save that came meanwhile has written its own.
    await manager.update(
      DesignSummaryEntity,
      { designId, revision },
      {
        ...shownOf(stored?.document),
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
