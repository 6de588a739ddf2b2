import { ListEntries } from '@flint/contract'
import { readCollected, smartCsv } from '@flint/core/figures'
import { parseCollected } from '@flint/core/files'
import { designIdOf } from '../designs/designIdOf'
import { numberOf } from '../http/numberOf'
import { HttpProblem } from '../http/problems'
import { readQuery } from '../http/readBody'
import { sendCsv } from '../http/sendCsv'
import type { ApiRoute } from '../people/apiRoute'
import { type CollectedStore, NONE } from './collectedStore'

/** What machines said of themselves: kept, listed, and given back word for word. */
export function collectedRoutes(store: CollectedStore): ApiRoute[] {
  return [
    {
      method: 'get',
      path: '/designs/:id/collected',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        const { before } = await readQuery(ListEntries, request.query)
        response.json(await store.page(designIdOf(request), before ?? null))
      },
    },
    {
      method: 'post',
      path: '/designs/:id/collected',
      needs: 'change design',
      does: 'kept what the machine says',
      answer: async (request, response) => {
        const read = parseCollected(request.body)
        if ('sentence' in read) throw new HttpProblem(400, 'No collected file', read.sentence)
        const { collected } = read
        const kept = await store.keep(designIdOf(request), collected, readCollected(collected))
        response.status(201).json(kept)
      },
    },
    {
      method: 'get',
      path: '/designs/:id/health.csv',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        await sendCsv(response, 'health.csv', smartCsv, store.allSeen(designIdOf(request)))
      },
    },
    {
      method: 'get',
      path: '/designs/:id/collected/:number',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        response.json(await store.document(designIdOf(request), numberOf(request, NONE)))
      },
    },
    {
      method: 'delete',
      path: '/designs/:id/collected/:number',
      needs: 'change design',
      does: 'removed what the machine said',
      answer: async (request, response) => {
        await store.remove(designIdOf(request), numberOf(request, NONE))
        response.status(204).end()
      },
    },
  ]
}
