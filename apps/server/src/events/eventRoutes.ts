import { EVENTS_PER_REQUEST, ListEntries, SendEvent } from '@flint/contract'
import { eventsCsv } from '@flint/core/figures'
import { designIdOf } from '../designs/designIdOf'
import { numberOf } from '../http/numberOf'
import { readQuery } from '../http/readBody'
import { readList } from '../http/readList'
import { sendCsv } from '../http/sendCsv'
import type { ApiRoute } from '../people/apiRoute'
import { type EventStore, NO_EVENT } from './eventStore'

/** What happened to the machines of designs: kept, listed, written to a file. */
export function eventRoutes(events: EventStore): ApiRoute[] {
  return [
    {
      method: 'get',
      path: '/designs/:id/events',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        const { before } = await readQuery(ListEntries, request.query)
        response.json(await events.page(designIdOf(request), before ?? null))
      },
    },
    {
      method: 'post',
      path: '/designs/:id/events',
      needs: 'change design',
      does: 'noted events',
      answer: async (request, response) => {
        const sent = await readList(SendEvent, request.body, 'events', EVENTS_PER_REQUEST)
        response.status(201).json({ events: await events.keep(designIdOf(request), sent) })
      },
    },
    {
      method: 'delete',
      path: '/designs/:id/events/:number',
      needs: 'change design',
      does: 'removed an event',
      answer: async (request, response) => {
        await events.remove(designIdOf(request), numberOf(request, NO_EVENT))
        response.status(204).end()
      },
    },
    {
      method: 'get',
      path: '/designs/:id/events.csv',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        await sendCsv(response, 'events.csv', eventsCsv, events.all(designIdOf(request)))
      },
    },
  ]
}
