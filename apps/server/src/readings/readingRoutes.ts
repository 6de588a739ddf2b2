import {
  ListEntries,
  type LiveReading,
  READINGS_PER_REQUEST,
  SendReading,
  type StoredReading,
} from '@flint/contract'
import { readingsCsv, simulatedMeter } from '@flint/core/figures'
import type { Request } from 'express'
import { designIdOf } from '../designs/designIdOf'
import type { DesignStore } from '../designs/designStore'
import { numberOf } from '../http/numberOf'
import { HttpProblem, notFound } from '../http/problems'
import { readQuery } from '../http/readBody'
import { readList } from '../http/readList'
import { sendCsv } from '../http/sendCsv'
import type { ApiRoute } from '../people/apiRoute'
import { EventStreams } from './eventStream'
import type { LiveReadings } from './liveReadings'
import { NO_READING, type ReadingStore } from './readingStore'

/** A value each second, and how many seconds of the simulated machine pass in it. */
const EVERY_MS = 1_000
const SIMULATED_SECONDS = 20

/** What meters show of the machines of designs: kept, listed, written to files, and as it comes in. */
export function readingRoutes(
  readings: ReadingStore,
  designs: DesignStore,
  live: LiveReadings,
): ApiRoute[] {
  const streams = new EventStreams()
  return [
    {
      method: 'get',
      path: '/designs/:id/readings',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        const { before } = await readQuery(ListEntries, request.query)
        response.json(await readings.page(designIdOf(request), before ?? null))
      },
    },
    {
      method: 'post',
      path: '/designs/:id/readings',
      needs: 'send readings',
      does: 'kept readings',
      answer: async (request, response) => {
        const sent = await readList(SendReading, request.body, 'readings', READINGS_PER_REQUEST)
        const id = designIdOf(request)
        const kept = await readings.keep(id, sent)
        for (const reading of kept) live.send(id, asLive(reading))
        response.status(201).json({ readings: kept })
      },
    },
    {
      method: 'delete',
      path: '/designs/:id/readings/:number',
      needs: 'change design',
      does: 'removed a reading',
      answer: async (request, response) => {
        await readings.remove(designIdOf(request), numberOf(request, NO_READING))
        response.status(204).end()
      },
    },
    {
      method: 'get',
      path: '/designs/:id/watts',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        response.json(await readings.series(designIdOf(request)))
      },
    },
    {
      method: 'get',
      path: '/designs/:id/readings.csv',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        await sendCsv(response, 'readings.csv', readingsCsv, readings.all(designIdOf(request)))
      },
    },
    {
      method: 'get',
      path: '/designs/:id/meter',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        if (!request.accepts('text/event-stream') || !wantsEvents(request)) {
          throw new HttpProblem(
            406,
            'Not acceptable',
            'A meter is listened to as server-sent events: ask for text/event-stream.',
          )
        }
        const id = designIdOf(request)
        const isSimulated = request.query.simulated === 'yes'
        const meter = isSimulated ? simulatedMeter((await designs.read(id)).document) : null
        if (isSimulated && !meter) {
          throw notFound('A machine without a supply draws nothing that a meter could show.')
        }
        let stop: () => void = () => undefined
        const send = streams.open(request, response, () => {
          stop()
        })
        if (!meter) {
          stop = live.follow(id, (reading) => {
            send('reading', reading)
          })
          return
        }
        let tick = 0
        const timer = setInterval(() => {
          const { watts, state } = meter(tick * SIMULATED_SECONDS)
          const takenAt = new Date().toISOString()
          send('reading', { takenAt, watts, state, isSimulated: true } satisfies LiveReading)
          tick += 1
        }, EVERY_MS)
        stop = () => {
          clearInterval(timer)
        }
      },
    },
  ]
}

/** Whether events are asked for by name, as a browser does, and not whatever there is. */
const wantsEvents = (request: Request): boolean =>
  (request.get('accept') ?? '').includes('text/event-stream')

function asLive({ takenAt, watts, state }: StoredReading): LiveReading {
  return { takenAt, watts, state, isSimulated: false }
}
