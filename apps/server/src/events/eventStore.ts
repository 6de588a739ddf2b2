import { type EventPage, EVENTS_PER_PAGE, type SendEvent, type StoredEvent } from '@flint/contract'
import type { DataSource } from 'typeorm'
import { inOrder } from '../http/inOrder'
import { HttpProblem, noSuchDesign, notFound } from '../http/problems'
import { EventEntity } from './eventEntity'

/** Of one design. */
export const MOST_EVENTS = 100_000

/** What happened to the machines of designs. */
export class EventStore {
  constructor(
    private readonly database: DataSource,
    private readonly most = MOST_EVENTS,
  ) {}

  /**
   * Keeps events, all of them or none.
   * @throws HttpProblem 404 without such a design; 409 when it has as many as are kept
   */
  async keep(designId: string, events: readonly SendEvent[]): Promise<StoredEvent[]> {
    const { manager } = this.database
    if ((await manager.countBy(EventEntity, { designId })) + events.length > this.most) {
      throw new HttpProblem(
        409,
        'Full',
        `A design keeps ${this.most} events; write them to a file and remove old ones first.`,
      )
    }
    const now = new Date()
    const rows = events.map(({ at, kind, pieceId, text }) => ({
      designId,
      at: at ? new Date(at) : now,
      kind,
      pieceId: pieceId ?? null,
      text: text ?? '',
    }))
    try {
      const { generatedMaps } = await manager.insert(EventEntity, rows)
      return rows.map((row, index) =>
        asStored({ ...row, number: String(generatedMaps[index]?.number) }),
      )
    } catch (error) {
      if ((error as { constraint?: string }).constraint === 'fk_event_design') throw noSuchDesign()
      throw error
    }
  }

  /** @param before only those with a smaller number */
  async page(designId: string, before: string | null): Promise<EventPage> {
    const query = this.database.manager
      .createQueryBuilder(EventEntity, 'event')
      .where('event.designId = :designId', { designId })
    const total = await query.getCount()
    if (before !== null) query.andWhere('event.number < :before', { before })
    const rows = await query.orderBy('event.number', 'DESC').limit(EVENTS_PER_PAGE).getMany()
    return { events: rows.map(asStored), total }
  }

  /** All events of a design, the oldest first, some thousands at a time. */
  async *all(designId: string): AsyncGenerator<StoredEvent[]> {
    const query = () =>
      this.database.manager
        .createQueryBuilder(EventEntity, 'event')
        .where('event.designId = :designId', { designId })
    for await (const rows of inOrder(query)) yield rows.map(asStored)
  }

  /** @throws HttpProblem 404 */
  async remove(designId: string, number: string): Promise<void> {
    const { affected } = await this.database.manager.delete(EventEntity, { designId, number })
    if (!affected) throw notFound(NO_EVENT)
  }
}

export const NO_EVENT = 'There is no such event of this design.'

const asStored = ({
  number,
  at,
  kind,
  pieceId,
  text,
}: Omit<EventEntity, 'design' | 'designId'>): StoredEvent => ({
  number,
  at: at.toISOString(),
  kind,
  pieceId,
  text,
})
