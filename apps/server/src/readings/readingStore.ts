import {
  READINGS_PER_PAGE,
  type ReadingPage,
  type SendReading,
  type StoredReading,
  type WattsSeries,
} from '@flint/contract'
import type { DataSource } from 'typeorm'
import { inOrder } from '../http/inOrder'
import { HttpProblem, noSuchDesign, notFound } from '../http/problems'
import { ReadingEntity } from './readingEntity'

/** Readings of one design; a reading a minute for two years, nearly. */
export const MOST_READINGS = 1_000_000

/** As many as a chart has room for. */
const PIECES = 300

interface PieceRow {
  at: Date
  low: number
  mean: number
  high: number
  count: string
}

/** Readings of designs, which belong to them and are no part of their documents. */
export class ReadingStore {
  constructor(
    private readonly database: DataSource,
    private readonly most = MOST_READINGS,
  ) {}

  /**
   * Keeps readings, all of them or none.
   * @throws HttpProblem 404 without such a design; 409 when it has as many as are kept
   */
  async keep(designId: string, readings: readonly SendReading[]): Promise<StoredReading[]> {
    const { manager } = this.database
    const before = await manager.countBy(ReadingEntity, { designId })
    if (before + readings.length > this.most) {
      throw new HttpProblem(
        409,
        'Full',
        `A design keeps ${this.most} readings; write them to a file and remove old ones first.`,
      )
    }
    const now = new Date()
    const rows = readings.map((reading) => ({
      designId,
      takenAt: reading.takenAt ? new Date(reading.takenAt) : now,
      watts: reading.watts,
      state: reading.state ?? null,
      lidClosed: reading.lidClosed ?? null,
      peripheralsOut: reading.peripheralsOut ?? null,
      minutesWaited: reading.minutesWaited ?? null,
      meter: reading.meter ?? '',
      note: reading.note ?? '',
      source: reading.source ?? 'meter',
      pulledPieceId: reading.pulledPieceId ?? null,
      wattsBefore: reading.wattsBefore ?? null,
    }))
    try {
      const { generatedMaps } = await manager.insert(ReadingEntity, rows)
      return rows.map((row, at) =>
        asRead({ ...row, number: String(generatedMaps[at]?.number) } as ReadingEntity),
      )
    } catch (error) {
      if ((error as { constraint?: string }).constraint === 'fk_reading_design')
        throw noSuchDesign()
      throw error
    }
  }

  /** @param before only those with a smaller number */
  async page(designId: string, before: string | null): Promise<ReadingPage> {
    const { manager } = this.database
    const query = manager
      .createQueryBuilder(ReadingEntity, 'reading')
      .where('reading.designId = :designId', { designId })
    const total = await query.getCount()
    if (before !== null) query.andWhere('reading.number < :before', { before })
    const rows = await query.orderBy('reading.number', 'DESC').limit(READINGS_PER_PAGE).getMany()
    return { readings: rows.map(asRead), total }
  }

  /**
   * The readings of a design over their time, in so many pieces at most, worked out by the database: a million readings
   * are as quickly drawn as a hundred.
   */
  async series(designId: string): Promise<WattsSeries> {
    const rows = await this.database.query<PieceRow[]>(
      `WITH ends AS MATERIALIZED (
         SELECT min(taken_at) AS first,
           greatest((max(taken_at) - min(taken_at)) / ${PIECES - 1}, interval '1 second') AS stride
         FROM reading WHERE design_id = $1
       )
       SELECT min(taken_at) AS at, min(watts) AS low, avg(watts) AS mean, max(watts) AS high, count(*) AS count
       FROM reading, ends WHERE design_id = $1
       GROUP BY date_bin(ends.stride, taken_at, ends.first)
       ORDER BY 1`,
      [designId],
    )
    return {
      pieces: rows.map(({ at, low, mean, high }) => ({ at: at.toISOString(), low, mean, high })),
      total: rows.reduce((sum, { count }) => sum + Number(count), 0),
    }
  }

  /** All readings of a design, the oldest first, some thousands at a time. */
  async *all(designId: string): AsyncGenerator<StoredReading[]> {
    const query = () =>
      this.database.manager
        .createQueryBuilder(ReadingEntity, 'reading')
        .where('reading.designId = :designId', { designId })
    for await (const rows of inOrder(query)) yield rows.map(asRead)
  }

  /** @throws HttpProblem 404 */
  async remove(designId: string, number: string): Promise<void> {
    const { affected } = await this.database.manager.delete(ReadingEntity, { designId, number })
    if (!affected) throw notFound(NO_READING)
  }
}

export const NO_READING = 'There is no such reading of this design.'

function asRead({ takenAt, ...row }: ReadingEntity): StoredReading {
  const { number, watts, state, lidClosed, peripheralsOut, minutesWaited, meter, note } = row
  const { source, pulledPieceId, wattsBefore } = row
  return {
    number,
    takenAt: takenAt.toISOString(),
    watts,
    state,
    lidClosed,
    peripheralsOut,
    minutesWaited,
    meter,
    note,
    source,
    pulledPieceId,
    wattsBefore,
  }
}
