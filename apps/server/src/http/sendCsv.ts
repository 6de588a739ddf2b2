import type { Response } from 'express'
import { written } from './written'

/** A file whose rows are read piece by piece, so that however many there are, few are in memory. */
export async function sendCsv<Row>(
  response: Response,
  fileName: string,
  { head, line }: { head: string; line: (row: Row) => string },
  pieces: AsyncIterable<readonly Row[]>,
): Promise<void> {
  response.attachment(fileName).type('text/csv; charset=utf-8')
  response.write(head)
  for await (const some of pieces) {
    await written(response, some.map(line).join(''))
    if (response.destroyed) return
  }
  response.end()
}
