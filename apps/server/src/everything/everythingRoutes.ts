import { EVERYTHING_FORMAT } from '@flint/contract'
import type { Response } from 'express'
import type { ApiRoute } from '../people/apiRoute'
import { principalOf } from '../people/identify'
import type { CatalogueStore } from '../catalogue/catalogueStore'
import { shownTo } from '../designs/designRights'
import type { DesignStore } from '../designs/designStore'
import type { ReadingStore } from '../readings/readingStore'
import type { SummaryStore } from '../designs/summaryStore'

/** Everything that somebody has in one file, which Import reads. */
export function everythingRoutes(
  designs: DesignStore,
  summaries: SummaryStore,
  catalogue: CatalogueStore,
  readings: ReadingStore,
): ApiRoute[] {
  return [
    {
      method: 'get',
      path: '/everything',
      needs: 'look',
      does: null,
      answer: async (request, response) => {
        const ids = await summaries.allIds(shownTo(principalOf(request)))
        const madeAt = new Date().toISOString()
        const parts = JSON.stringify(await catalogue.ownFileParts())
        response.type('application/json')
        response.write(`{"format":"${EVERYTHING_FORMAT}","version":1,"madeAt":"${madeAt}",`)
        response.write(`"parts":${parts},"designs":[`)
        // One after the other: a shelf of thousands is never whole in memory.
        for (const [index, id] of ids.entries()) {
          const document = JSON.stringify(await designs.document(id))
          await written(response, `${index > 0 ? ',' : ''}${document}`)
          if (response.destroyed) return
        }
        response.write('],"readings":[')
        let isFirst = true
        for (const [index, id] of ids.entries()) {
          for await (const some of readings.all(id)) {
            const entry = JSON.stringify({ design: index, readings: some })
            await written(response, `${isFirst ? '' : ','}${entry}`)
            if (response.destroyed) return
            isFirst = false
          }
        }
        response.end(']}')
      },
    },
  ]
}

/** Writes, and waits until there is room for more. */
async function written(response: Response, text: string): Promise<void> {
  if (response.write(text) || response.destroyed) return
  await new Promise<void>((done) => {
    response.once('drain', done)
    response.once('close', done)
  })
}
