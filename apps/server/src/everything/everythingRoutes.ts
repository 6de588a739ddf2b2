import { EVERYTHING_FORMAT } from '@flint/contract'
import { written } from '../http/written'
import type { ApiRoute } from '../people/apiRoute'
import { principalOf } from '../people/identify'
import type { CatalogueStore } from '../catalogue/catalogueStore'
import { shownTo } from '../designs/designRights'
import type { DesignStore } from '../designs/designStore'
import type { PriceStore } from '../prices/priceStore'
import type { EventStore } from '../events/eventStore'
import type { CollectedStore } from '../proving/collectedStore'
import type { ReadingStore } from '../readings/readingStore'
import type { SummaryStore } from '../designs/summaryStore'

/** Everything that somebody has in one file, which Import reads. */
export function everythingRoutes(
  designs: DesignStore,
  summaries: SummaryStore,
  catalogue: CatalogueStore,
  readings: ReadingStore,
  prices: PriceStore,
  collected: CollectedStore,
  events: EventStore,
): ApiRoute[] {
  return [
    {
      method: 'get',
      path: '/everything',
      // Prices are in it.
      needs: 'see prices',
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
        response.write('],"events":[')
        let isFirstEvent = true
        for (const [index, id] of ids.entries()) {
          for await (const some of events.all(id)) {
            const entry = JSON.stringify({ design: index, events: some })
            await written(response, `${isFirstEvent ? '' : ','}${entry}`)
            if (response.destroyed) return
            isFirstEvent = false
          }
        }
        response.write('],"collected":[')
        let isFirstFile = true
        for (const [index, id] of ids.entries()) {
          for await (const file of collected.all(id)) {
            const entry = JSON.stringify({ design: index, file })
            await written(response, `${isFirstFile ? '' : ','}${entry}`)
            if (response.destroyed) return
            isFirstFile = false
          }
        }
        response.write('],"prices":[')
        let isFirstPrice = true
        for await (const some of prices.all()) {
          const entries = some.map((price) => JSON.stringify(price)).join(',')
          await written(response, `${isFirstPrice ? '' : ','}${entries}`)
          if (response.destroyed) return
          isFirstPrice = false
        }
        response.end(']}')
      },
    },
  ]
}
