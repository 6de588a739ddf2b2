import { EVERYTHING_FORMAT } from '@flint/contract'
import type { ApiRoute } from '../people/apiRoute'
import { principalOf } from '../people/identify'
import type { CatalogueStore } from '../catalogue/catalogueStore'
import { shownTo } from '../designs/designRights'
import type { DesignStore } from '../designs/designStore'
import type { SummaryStore } from '../designs/summaryStore'

/** Everything that somebody has in one file, which Import reads. */
export function everythingRoutes(
  designs: DesignStore,
  summaries: SummaryStore,
  catalogue: CatalogueStore,
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
          const hasRoom = response.write(`${index > 0 ? ',' : ''}${document}`)
          if (response.destroyed) return
          if (!hasRoom) {
            await new Promise<void>((done) => {
              response.once('drain', done)
              response.once('close', done)
            })
          }
        }
        response.end(']}')
      },
    },
  ]
}
