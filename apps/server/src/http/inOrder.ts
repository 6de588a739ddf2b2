import type { ObjectLiteral, SelectQueryBuilder } from 'typeorm'

/**
 * Rows in the order in which they were kept, some at a time, so that however many there are, few are in memory.
 *
 * @param query makes the question anew, without an order
 */
export async function* inOrder<Row extends ObjectLiteral & { number: string }>(
  query: () => SelectQueryBuilder<Row>,
  atOnce = 2_000,
): AsyncGenerator<Row[]> {
  let after = '0'
  for (;;) {
    const asked = query()
    const rows = await asked
      .andWhere(`${asked.alias}.number > :after`, { after })
      .orderBy(`${asked.alias}.number`, 'ASC')
      .limit(atOnce)
      .getMany()
    const last = rows.at(-1)
    if (!last) return
    yield rows
    after = last.number
  }
}
