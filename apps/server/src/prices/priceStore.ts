import {
  type AskPriceFigures,
  type PartPriceFigures,
  type PricePage,
  PRICES_PER_PAGE,
  type SendPrice,
  type StoredPrice,
  type WatchedPart,
} from '@flint/contract'
import { CONDITIONS } from '@flint/core/editing'
import { lowestByDay, priceFigures } from '@flint/core/figures'
import { type DataSource, In } from 'typeorm'
import { inOrder } from '../http/inOrder'
import { HttpProblem, notFound } from '../http/problems'
import { PriceEntity, PriceTargetEntity } from './priceEntities'

/** A price a minute for two years, nearly; a house that has more writes them to a file first. */
export const MOST_PRICES = 1_000_000

/** Of one part, the newest of these are looked at for its figures; older ones say little of what it costs. */
const MOST_FIGURED = 20_000

/** Prices that people saw, and their targets. */
export class PriceStore {
  constructor(
    private readonly database: DataSource,
    private readonly most = MOST_PRICES,
  ) {}

  /**
   * Keeps prices, all of them or none; one that is kept already, as after reading a file twice, is not kept again.
   * @returns those that are new
   * @throws HttpProblem 409 when there are as many as are kept
   */
  async keep(prices: readonly SendPrice[]): Promise<StoredPrice[]> {
    const { manager } = this.database
    if ((await manager.count(PriceEntity)) + prices.length > this.most) {
      throw new HttpProblem(
        409,
        'Full',
        `At most ${this.most} prices are kept; write them to a file and remove old ones first.`,
      )
    }
    const rows = prices.map(({ slug, seenOn, currency, unitMinor, ...rest }) => ({
      slug,
      seenOn,
      currency,
      unitMinor: String(unitMinor),
      shippingMinor: rest.shippingMinor == null ? null : String(rest.shippingMinor),
      condition: rest.condition ?? 'new',
      shop: rest.shop ?? '',
      link: rest.link ?? '',
    }))
    const there = new Set((await this.#alike(rows)).map(sameness))
    const fresh = rows.filter((row) => {
      const isNew = !there.has(sameness(row))
      there.add(sameness(row))
      return isNew
    })
    if (fresh.length === 0) return []
    const { generatedMaps } = await manager.insert(PriceEntity, fresh)
    return fresh.map((row, at) => asSeen({ ...row, number: String(generatedMaps[at]?.number) }))
  }

  /** Those that are kept of the same parts on the same days. */
  #alike(rows: readonly Pick<PriceEntity, 'slug' | 'seenOn'>[]): Promise<PriceEntity[]> {
    return this.database.manager.findBy(PriceEntity, {
      slug: In([...new Set(rows.map(({ slug }) => slug))]),
      seenOn: In([...new Set(rows.map(({ seenOn }) => seenOn))]),
    })
  }

  /** Prices of a part, or of all, the last ones first. @param before only those with a smaller number */
  async page(slug: string | null, before: string | null): Promise<PricePage> {
    const query = this.database.manager.createQueryBuilder(PriceEntity, 'price')
    if (slug !== null) query.where('price.slug = :slug', { slug })
    const total = await query.getCount()
    if (before !== null) query.andWhere('price.number < :before', { before })
    const rows = await query.orderBy('price.number', 'DESC').limit(PRICES_PER_PAGE).getMany()
    return { prices: rows.map(asSeen), total }
  }

  /**
   * What the prices of a part in one currency come to, the newest twenty thousand of them.
   *
   * Without a currency it is that of the target, else of the newest price, else the euro.
   */
  async figures({ slug, currency, from }: AskPriceFigures): Promise<PartPriceFigures> {
    const { manager } = this.database
    const target = await manager.findOneBy(PriceTargetEntity, { slug })
    const newest = await manager.findOne(PriceEntity, {
      where: { slug },
      order: { number: 'DESC' },
    })
    const counted = currency ?? target?.currency ?? newest?.currency ?? 'EUR'
    const seen: StoredPrice[] = []
    let before: string | null = null
    // Some at a time, so that others are answered meanwhile.
    while (seen.length < MOST_FIGURED) {
      const { prices } = await this.page(slug, before)
      seen.push(...prices.filter((price) => price.currency === counted))
      before = prices.at(-1)?.number ?? null
      if (prices.length < PRICES_PER_PAGE) break
    }
    const targetMinor = target?.currency === counted ? Number(target.targetMinor) : null
    return {
      currency: counted,
      of: CONDITIONS.flatMap((condition) => {
        const those = seen.filter((price) => price.condition === condition)
        if (those.length === 0) return []
        const figures = priceFigures(those, from ?? null, targetMinor)
        return [{ condition, figures, byDay: lowestByDay(those) }]
      }),
    }
  }

  /** All prices, in the order in which they were kept, some thousands at a time. */
  async *all(): AsyncGenerator<StoredPrice[]> {
    const query = () => this.database.manager.createQueryBuilder(PriceEntity, 'price')
    for await (const rows of inOrder(query)) yield rows.map(asSeen)
  }

  /** @throws HttpProblem 404 */
  async remove(number: string): Promise<void> {
    const { affected } = await this.database.manager.delete(PriceEntity, { number })
    if (!affected) throw notFound('There is no such price.')
  }

  /** @param target null for none any longer */
  async setTarget(
    slug: string,
    target: { currency: string; targetMinor: number } | null,
  ): Promise<void> {
    const { manager } = this.database
    if (target === null) {
      await manager.delete(PriceTargetEntity, { slug })
      return
    }
    const { currency, targetMinor } = target
    await manager.upsert(PriceTargetEntity, { slug, currency, targetMinor: String(targetMinor) }, [
      'slug',
    ])
  }

  /** Every part that has a price or a target, with the newest price of each. */
  async watched(): Promise<WatchedPart[]> {
    const { manager } = this.database
    const targets = await manager.find(PriceTargetEntity)
    const last = await manager
      .createQueryBuilder(PriceEntity, 'price')
      .distinctOn(['price.slug'])
      .orderBy('price.slug')
      .addOrderBy('price.seenOn', 'DESC')
      .addOrderBy('price.number', 'DESC')
      .getMany()
    const counts = await manager
      .createQueryBuilder(PriceEntity, 'price')
      .select('price.slug', 'slug')
      .addSelect('count(*)', 'count')
      .groupBy('price.slug')
      .getRawMany<{ slug: string; count: string }>()
    const countOf = new Map(counts.map(({ slug, count }) => [slug, Number(count)]))
    const lastOf = new Map(last.map((price) => [price.slug, asSeen(price)]))
    const targetOf = new Map(targets.map((target) => [target.slug, target]))
    return [...new Set([...lastOf.keys(), ...targetOf.keys()])].sort().map((slug) => {
      const target = targetOf.get(slug)
      return {
        slug,
        target: target
          ? { currency: target.currency, targetMinor: Number(target.targetMinor) }
          : null,
        count: countOf.get(slug) ?? 0,
        last: lastOf.get(slug) ?? null,
      }
    })
  }
}

function asSeen({ unitMinor, shippingMinor, ...row }: PriceEntity): StoredPrice {
  return {
    ...row,
    unitMinor: Number(unitMinor),
    shippingMinor: shippingMinor === null ? null : Number(shippingMinor),
  }
}

/** What makes two prices the same. */
function sameness(price: Omit<PriceEntity, 'number' | 'link'>): string {
  const { slug, seenOn, currency, unitMinor, shippingMinor, condition, shop } = price
  return JSON.stringify([slug, seenOn, currency, unitMinor, shippingMinor, condition, shop])
}
