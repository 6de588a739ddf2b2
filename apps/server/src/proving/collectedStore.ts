import { COLLECTED_PER_PAGE, type CollectedPage, type StoredCollected } from '@flint/contract'
import { readCollected, type SeenMachine } from '@flint/core/figures'
import { parseCollected } from '@flint/core/files'
import type { DataSource } from 'typeorm'
import { inOrder } from '../http/inOrder'
import { HttpProblem, noSuchDesign, notFound } from '../http/problems'
import { CollectedEntity } from './collectedEntity'

/** Of one design: one a day for more than two years. */
export const MOST_COLLECTED = 1_000

/** What the machines of designs said of themselves. */
export class CollectedStore {
  constructor(
    private readonly database: DataSource,
    private readonly most = MOST_COLLECTED,
  ) {}

  /** @throws HttpProblem 404 without such a design; 409 when it has as many as are kept */
  async keep(designId: string, document: object, seen: SeenMachine): Promise<StoredCollected> {
    const { manager } = this.database
    if ((await manager.countBy(CollectedEntity, { designId })) >= this.most) {
      throw new HttpProblem(
        409,
        'Full',
        `A design keeps ${this.most} collected files; remove old ones first.`,
      )
    }
    const row = { designId, takenAt: new Date(seen.at), document, seen }
    try {
      const { generatedMaps } = await manager.insert(CollectedEntity, row)
      return asStored({ ...row, number: String(generatedMaps[0]?.number) })
    } catch (error) {
      if ((error as { constraint?: string }).constraint === 'fk_collected_design') {
        throw noSuchDesign()
      }
      throw error
    }
  }

  /** @param before only those with a smaller number */
  async page(designId: string, before: string | null): Promise<CollectedPage> {
    const query = this.database.manager
      .createQueryBuilder(CollectedEntity, 'collected')
      .select(['collected.number', 'collected.takenAt', 'collected.seen'])
      .where('collected.designId = :designId', { designId })
    const total = await query.getCount()
    if (before !== null) query.andWhere('collected.number < :before', { before })
    const rows = await query.orderBy('collected.number', 'DESC').limit(COLLECTED_PER_PAGE).getMany()
    return { collected: rows.map(asStored), total }
  }

  /** Documents of a design, the oldest first, one at a time. */
  async *all(designId: string): AsyncGenerator<object> {
    const query = () =>
      this.database.manager
        .createQueryBuilder(CollectedEntity, 'collected')
        .select(['collected.number', 'collected.document'])
        .where('collected.designId = :designId', { designId })
    // Each may have megabytes.
    for await (const rows of inOrder(query, 1)) yield* rows.map(({ document }) => document)
  }

  /** What was read of each, the oldest first, one at a time. */
  async *allSeen(designId: string): AsyncGenerator<SeenMachine[]> {
    for await (const document of this.all(designId)) {
      const read = parseCollected(document)
      if ('collected' in read) yield [readCollected(read.collected)]
    }
  }

  /** The answers of its tools, word for word. @throws HttpProblem 404 */
  async document(designId: string, number: string): Promise<object> {
    const row = await this.database.manager.findOneBy(CollectedEntity, { designId, number })
    if (!row) throw notFound(NONE)
    return row.document
  }

  /** @throws HttpProblem 404 */
  async remove(designId: string, number: string): Promise<void> {
    const { affected } = await this.database.manager.delete(CollectedEntity, { designId, number })
    if (!affected) throw notFound(NONE)
  }
}

export const NONE = 'There is no such collected file of this design.'

const asStored = ({
  number,
  takenAt,
  seen,
}: Pick<CollectedEntity, 'number' | 'takenAt' | 'seen'>): StoredCollected => ({
  number,
  takenAt: takenAt.toISOString(),
  seen,
})
