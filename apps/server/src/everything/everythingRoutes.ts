import { EVERYTHING_FORMAT } from '@flint/contract'
import type { Response } from 'express'
import { written } from '../http/written'
import type { ApiRoute } from '../people/apiRoute'
import { principalOf } from '../people/identify'
import type { CatalogueStore } from '../catalogue/catalogueStore'
import { shownTo } from '../designs/designRights'
import type { DesignStore } from '../designs/designStore'
import type { PriceStore } from '../prices/priceStore'
import type { EventStore } from '../events/eventStore'
import type { TemperatureStore } from '../temperatures/temperatureStore'
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
  temperatures: TemperatureStore,
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
        const lists = {
          readings: ofDesigns(ids, readings, (design, some) => ({ design, readings: some })),
          events: ofDesigns(ids, events, (design, some) => ({ design, events: some })),
          temperatures: ofDesigns(ids, temperatures, (design, some) => ({
            design,
            temperatures: some,
          })),
          collected: ofDesigns(ids, collected, (design, file) => ({ design, file })),
          prices: singly(prices.all()),
        }
        for (const [name, entries] of Object.entries(lists)) {
          response.write(`],"${name}":[`)
          await writtenList(response, entries)
          if (response.destroyed) return
        }
        response.end(']}')
      },
    },
  ]
}

/** What belongs to designs, each entry with the place of its design in the file. */
async function* ofDesigns<Some>(
  ids: readonly string[],
  store: { all: (designId: string) => AsyncIterable<Some> },
  entryOf: (design: number, some: Some) => object,
): AsyncGenerator<object> {
  for (const [index, id] of ids.entries()) {
    for await (const some of store.all(id)) yield entryOf(index, some)
  }
}

async function* singly<Entry extends object>(
  pieces: AsyncIterable<readonly Entry[]>,
): AsyncGenerator<object> {
  for await (const some of pieces) yield* some
}

/** Entries of a list of JSON, one after the other, for as long as somebody listens. */
async function writtenList(response: Response, entries: AsyncIterable<object>): Promise<void> {
  let isFirst = true
  for await (const entry of entries) {
    await written(response, `${isFirst ? '' : ','}${JSON.stringify(entry)}`)
    if (response.destroyed) return
    isFirst = false
  }
}
