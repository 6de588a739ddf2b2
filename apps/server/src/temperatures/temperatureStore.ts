import type { SendTemperature, TemperatureSeries } from '@flint/contract'
import type { Temperature } from '@flint/core/files'
import type { DataSource } from 'typeorm'
import { inOrder } from '../http/inOrder'
import { HttpProblem, noSuchDesign, notFound } from '../http/problems'
import { TemperatureEntity } from './temperatureEntity'

/** Of one design. */
export const MOST_TEMPERATURES = 1_000_000
/** Series that a design may have; more cannot be told apart in a list. */
export const MOST_SERIES = 100

/** As many as a chart has room for. */
const PIECES = 300

interface PieceRow {
  name: string
  at: Date
  low: number
  mean: number
  high: number
  count: string
}

/** Temperatures of designs, which belong to them and are no part of their documents. */
export class TemperatureStore {
  constructor(
    private readonly database: DataSource,
    private readonly most = MOST_TEMPERATURES,
  ) {}

  /**
   * Keeps temperatures, all of them or none. What is there already is not kept twice.
   * @returns how many are new
   * @throws HttpProblem 404 without such a design; 409 when it has as many as are kept
   */
  async keep(designId: string, temperatures: readonly SendTemperature[]): Promise<number> {
    const { manager } = this.database
    const before = await manager.countBy(TemperatureEntity, { designId })
    if (before + temperatures.length > this.most) {
      throw full(`A design keeps ${this.most} temperatures; remove a series first.`)
    }
    try {
      return await this.database.transaction(async (inside) => {
        const inserted = await inside
          .createQueryBuilder()
          .insert()
          .into(TemperatureEntity)
          .values(temperatures.map(({ at, name, celsius }) => ({ designId, at, name, celsius })))
          .orIgnore()
          .returning('number')
          .execute()
        const series = await inside
          .createQueryBuilder(TemperatureEntity, 'one')
          .select('COUNT(DISTINCT one.name)', 'count')
          .where('one.designId = :designId', { designId })
          .getRawOne<{ count: string }>()
        if (Number(series?.count) > MOST_SERIES) {
          throw full(`A design keeps ${MOST_SERIES} series of temperatures; remove one first.`)
        }
        return (inserted.raw as unknown[]).length
      })
    } catch (error) {
      if ((error as { constraint?: string }).constraint === 'fk_temperature_design')
        throw noSuchDesign()
      throw error
    }
  }

  /** Each series of a design over its time, in so many pieces at most, worked out by the database. */
  async series(designId: string): Promise<TemperatureSeries> {
    const rows = await this.database.query<PieceRow[]>(
      `WITH ends AS MATERIALIZED (
         SELECT name, min(at) AS first,
           greatest((max(at) - min(at)) / ${PIECES - 1}, interval '1 second') AS stride
         FROM temperature WHERE design_id = $1 GROUP BY name
       )
       SELECT name, min(at) AS at, min(celsius) AS low, avg(celsius) AS mean, max(celsius) AS high,
         count(*) AS count
       FROM temperature JOIN ends USING (name) WHERE design_id = $1
       GROUP BY name, date_bin(ends.stride, at, ends.first)
       ORDER BY name, 2`,
      [designId],
    )
    const byName = new Map<string, TemperatureSeries['series'][number]>()
    for (const { name, at, low, mean, high, count } of rows) {
      const one = byName.get(name) ?? { name, total: 0, pieces: [] }
      one.total += Number(count)
      one.pieces.push({ at: at.toISOString(), low, mean, high })
      byName.set(name, one)
    }
    return { series: [...byName.values()] }
  }

  /** All temperatures of a design, in the order in which they were kept, some thousands at a time. */
  async *all(designId: string): AsyncGenerator<Temperature[]> {
    const query = () =>
      this.database.manager
        .createQueryBuilder(TemperatureEntity, 'temperature')
        .where('temperature.designId = :designId', { designId })
    for await (const rows of inOrder(query)) {
      yield rows.map(({ at, name, celsius }) => ({ at: at.toISOString(), name, celsius }))
    }
  }

  /** Removes a series. @throws HttpProblem 404 */
  async remove(designId: string, name: string): Promise<void> {
    const { affected } = await this.database.manager.delete(TemperatureEntity, { designId, name })
    if (!affected) throw notFound('There is no such series of this design.')
  }
}

const full = (detail: string): HttpProblem => new HttpProblem(409, 'Full', detail)
