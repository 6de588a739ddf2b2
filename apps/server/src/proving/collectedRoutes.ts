import { ListEntries } from '@flint/contract'
import { readCollected } from '@flint/core/figures'
import { parseCollected } from '@flint/core/files'
import type { Request } from 'express'
import { designIdOf } from '../designs/designIdOf'
import { HttpProblem, notFound } from '../http/problems'
import { readQuery } from '../http/readBody'
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
      path: '/designs/:id/collected/:number',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        response.json(await store.document(designIdOf(request), numberOf(request)))
      },
    },
    {
      method: 'delete',
      path: '/designs/:id/collected/:number',
      needs: 'change design',
      does: 'removed what the machine said',
      answer: async (request, response) => {
        await store.remove(designIdOf(request), numberOf(request))
        response.status(204).end()
      },
    },
  ]
}

function numberOf(request: Request): string {
  const { number } = request.params
  if (typeof number !== 'string' || !/^[1-9]\d{0,14}$/.test(number)) throw notFound(NONE)
  return number
}
