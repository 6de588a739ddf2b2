import {
  ENTRIES_PER_PAGE,
  type PartPage,
  PARTS_PER_REQUEST,
  type RemovedPart,
  type StoredPart,
  type TakenIn,
  type UnreadPart,
} from '@flint/contract'
import { type CataloguePart, partSheet, sameValue, withFieldsToday } from '@flint/core/editing'
import { type DataSource, type EntityManager, In, IsNull, MoreThan, Not } from 'typeorm'
import { HttpProblem, notFound } from '../http/problems'
import { PartEntity } from './partEntity'

/** Any number that nothing else here locks by. */
const CATALOGUE_LOCK = 4_810

/** Pages of parts whose text stays at hand, about half a megabyte each. */
const MOST_KEPT_PAGES = 64

/** Digits that tell builds apart. */
const VERSION_DIGITS = 12

/** Pages of parts as they are sent. */
interface KeptPages {
  /** Of parts and build: the same one says the same. */
  version: string
  jsonAfter: Map<string, string>
}

const NO_PART = 'There is no such part in the catalogue.'

/** The parts that designs are made of: shipped ones, and those of one's own. */
export class CatalogueStore {
  #kept: KeptPages = { version: '', jsonAfter: new Map() }

  constructor(
    private readonly database: DataSource,
    private readonly build: string,
  ) {}

  /**
   * A page of those that can be read, by the alphabet. Its text stays at hand until some part changes, since all
   * pages of the application begin with it.
   * @param after the name of the part before the first one; empty for the first page
   */
  async page(after: string): Promise<{ version: string; json: string }> {
    // Before the parts: one that changes between the two questions makes a page that is only kept too short.
    const [state] = await this.database.query<{ stamp: string }[]>(
      'SELECT stamp FROM catalogue_state',
    )
    const version = `${this.build.slice(0, VERSION_DIGITS)}-${state?.stamp ?? ''}`
    if (this.#kept.version !== version) this.#kept = { version, jsonAfter: new Map() }
    const { jsonAfter } = this.#kept
    const json = jsonAfter.get(after) ?? JSON.stringify(await this.#readPage(after))
    if (jsonAfter.size < MOST_KEPT_PAGES) jsonAfter.set(after, json)
    return { version, json }
  }

  async #readPage(after: string): Promise<PartPage> {
    const rows = await this.database.manager.find(PartEntity, {
      where: { slug: MoreThan(after), removedAt: IsNull() },
      order: { slug: 'ASC' },
      take: PARTS_PER_REQUEST,
    })
    const next = rows.length === PARTS_PER_REQUEST ? (rows.at(-1)?.slug ?? null) : null
    return { parts: rows.flatMap((row) => readable(row) ?? []), next }
  }

  /** Those that cannot be read: of a kind that a newer Flint Shelf knows, or broken. They stay as they are. */
  async unread(): Promise<UnreadPart[]> {
    const rows = await this.database.manager.find(PartEntity, {
      where: { removedAt: IsNull() },
      order: { slug: 'ASC' },
    })
    return rows.flatMap((row) => (readable(row) ? [] : [{ slug: row.slug, name: nameOf(row) }]))
  }

  /** Parts of one's own, and shipped ones that are owned, as a catalogue file has them. */
  async ownFileParts(): Promise<object[]> {
    const rows = await this.database.manager.find(PartEntity, {
      where: [
        { origin: 'own', removedAt: IsNull() },
        { ownedPieces: MoreThan(0), removedAt: IsNull() },
      ],
      order: { slug: 'ASC' },
    })
    return rows.map(({ slug, version, ownedPieces, sheet, price }) => ({
      slug,
      version,
      ...(ownedPieces > 0 ? { ownedPieces } : {}),
      sheet,
      price,
    }))
  }

  /** Parts of one's own that were removed, the last one first. */
  async removed(): Promise<RemovedPart[]> {
    const rows = await this.database.manager.find(PartEntity, {
      where: { removedAt: Not(IsNull()) },
      order: { removedAt: 'DESC', slug: 'ASC' },
      take: ENTRIES_PER_PAGE,
    })
    return rows.map((row) => ({
      slug: row.slug,
      name: nameOf(row),
      removedAt: row.removedAt?.toISOString() ?? '',
    }))
  }

  /** Brings shipped parts in, new or newer; parts of one's own and what is owned are left alone. */
  async bringShipped(parts: readonly CataloguePart[]): Promise<void> {
    const rows = parts.map(({ slug, version, sheet, price }) => ({
      slug,
      version,
      sheet,
      price,
      origin: 'shipped' as const,
    }))
    await this.changing(async (manager) => {
      const own = new Set(
        (await manager.findBy(PartEntity, { origin: 'own' })).map(({ slug }) => slug),
      )
      await manager.save(
        PartEntity,
        rows.filter(({ slug }) => !own.has(slug)),
        { chunk: 500 },
      )
    })
  }

  /**
   * Keeps a part of one's own under this name, new or changed; a changed data sheet counts its version up, a price that
   * is asked now does not.
   * @throws HttpProblem 409 when the name is that of a shipped part
   */
  async keepOwn({ slug, sheet, price }: CataloguePart): Promise<StoredPart> {
    return this.changing(async (manager) => {
      const before = await manager.findOneBy(PartEntity, { slug })
      if (before?.origin === 'shipped') {
        throw new HttpProblem(
          409,
          'Name taken',
          `${slug} is the name of a shipped part. Copy it under another name to change it.`,
        )
      }
      const isSame = before !== null && sameValue(readable(before)?.sheet, sheet)
      const row = await manager.save(PartEntity, {
        slug,
        sheet,
        price,
        origin: 'own' as const,
        version: isSame ? before.version : (before?.version ?? 0) + 1,
        ownedPieces: before?.ownedPieces ?? 0,
        removedAt: null,
      })
      return stored(row)
    })
  }

  /** @throws HttpProblem 404, or 409 for a shipped part, which would be back at the next start */
  async removeOwn(slug: string): Promise<void> {
    const part = await this.database.manager.findOneBy(PartEntity, { slug })
    if (!part) throw notFound(NO_PART)
    if (part.origin === 'shipped') {
      throw new HttpProblem(409, 'Not removed', 'Shipped parts stay; only your own can be removed.')
    }
    if (part.removedAt) throw notFound(NO_PART)
    await this.database.manager.update(PartEntity, { slug }, { removedAt: new Date() })
  }

  /** @throws HttpProblem 404 */
  async putBack(slug: string): Promise<StoredPart> {
    const { manager } = this.database
    const { affected } = await manager.update(PartEntity, { slug }, { removedAt: null })
    if (!affected) throw notFound(NO_PART)
    return stored(await manager.findOneByOrFail(PartEntity, { slug }))
  }

  /** Deletes a removed part. @throws HttpProblem 404 when it is not among the removed ones */
  async forget(slug: string): Promise<void> {
    const { affected } = await this.database.manager.delete(PartEntity, {
      slug,
      removedAt: Not(IsNull()),
    })
    if (!affected) throw notFound(NO_PART)
  }

  /** @throws HttpProblem 404 */
  async noteOwned(slug: string, ownedPieces: number): Promise<StoredPart> {
    const { affected } = await this.database.manager.update(PartEntity, { slug }, { ownedPieces })
    const part = affected ? await this.database.manager.findOneBy(PartEntity, { slug }) : null
    if (!part) throw notFound(NO_PART)
    return stored(part)
  }

  /**
   * Takes parts in as one's own. One that has the name of a shipped part is refused, unless it is that
   * part; then only what is owned of it is noted.
   */
  async takeIn(parts: readonly CataloguePart[]): Promise<TakenIn> {
    const refused: TakenIn['refused'] = []
    const rows: (CataloguePart & Pick<PartEntity, 'origin' | 'ownedPieces'>)[] = []
    await this.changing(async (manager) => {
      const there = await manager.findBy(PartEntity, { slug: In(parts.map(({ slug }) => slug)) })
      const before = new Map(there.map((part) => [part.slug, part]))
      for (const part of parts) {
        const known = before.get(part.slug)
        const ownedPieces = part.ownedPieces ?? 0
        if (known?.origin !== 'shipped') {
          rows.push({ ...part, ownedPieces, origin: 'own' })
        } else if (
          known.sheet.maker === part.sheet.maker &&
          known.sheet.model === part.sheet.model
        ) {
          rows.push({ ...stored(known), ownedPieces })
        } else {
          refused.push({ slug: part.slug, reason: `${part.slug} is the name of a shipped part.` })
        }
      }
      // As one text: as entities, so many keep everybody else waiting. A price that is null in it is none here.
      await manager.query(
        `INSERT INTO part (slug, version, origin, owned_pieces, sheet, price, removed_at)
         SELECT slug, version, origin, "ownedPieces", sheet, nullif(price, 'null'), NULL
         FROM jsonb_to_recordset($1::jsonb)
           AS taken (slug text, version int, origin text, "ownedPieces" int, sheet jsonb, price jsonb)
         ON CONFLICT (slug) DO UPDATE SET
           version = excluded.version, origin = excluded.origin, sheet = excluded.sheet,
           owned_pieces = excluded.owned_pieces, price = excluded.price, removed_at = NULL`,
        [JSON.stringify(rows)],
      )
    })
    return { taken: rows.length, refused }
  }

  /**
   * Changes the catalogue, one change after the other: a part that is not there yet has no row that could be locked,
   * and two who add the same one at once would both find none.
   */
  private changing<Result>(work: (manager: EntityManager) => Promise<Result>): Promise<Result> {
    return this.database.transaction(async (manager) => {
      await manager.query('SELECT pg_advisory_xact_lock($1)', [CATALOGUE_LOCK])
      return work(manager)
    })
  }
}

/** Maker and model, as far as they can be told. */
function nameOf({ slug, sheet }: PartEntity): string {
  const { maker, model } = sheet as { maker?: unknown; model?: unknown }
  return [maker, model].filter((text) => typeof text === 'string').join(' ') || slug
}

/** A part kept by an older version lacks the fields that came since; nobody has said those yet. */
function readable(row: PartEntity): StoredPart | null {
  const { slug, version, origin, ownedPieces, sheet, price } = row
  const read = partSheet.safeParse(withFieldsToday(sheet))
  return read.success ? { slug, version, origin, ownedPieces, sheet: read.data, price } : null
}

/** @throws HttpProblem 422 for one that cannot be read */
function stored(row: PartEntity): StoredPart {
  const part = readable(row)
  if (part) return part
  throw new HttpProblem(
    422,
    'Not readable',
    `${row.slug} was made by a newer Flint Shelf, or is broken.`,
  )
}
