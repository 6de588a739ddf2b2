import { SendTemperature, TEMPERATURES_PER_REQUEST } from '@flint/contract'
import { temperaturesCsv } from '@flint/core/figures'
import { designIdOf } from '../designs/designIdOf'
import { readList } from '../http/readList'
import { sendCsv } from '../http/sendCsv'
import type { ApiRoute } from '../people/apiRoute'
import type { TemperatureStore } from './temperatureStore'

/** Temperatures of designs: kept, drawn, written to a file. */
export function temperatureRoutes(temperatures: TemperatureStore): ApiRoute[] {
  return [
    {
      method: 'get',
      path: '/designs/:id/temperatures',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        response.json(await temperatures.series(designIdOf(request)))
      },
    },
    {
      method: 'post',
      path: '/designs/:id/temperatures',
      needs: 'change design',
      does: 'kept temperatures',
      answer: async (request, response) => {
        const sent = await readList(
          SendTemperature,
          request.body,
          'temperatures',
          TEMPERATURES_PER_REQUEST,
        )
        response.status(201).json({ kept: await temperatures.keep(designIdOf(request), sent) })
      },
    },
    {
      method: 'delete',
      path: '/designs/:id/temperatures/:name',
      needs: 'change design',
      does: 'removed temperatures',
      answer: async (request, response) => {
        await temperatures.remove(designIdOf(request), String(request.params.name))
        response.status(204).end()
      },
    },
    {
      method: 'get',
      path: '/designs/:id/temperatures.csv',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        const all = temperatures.all(designIdOf(request))
        await sendCsv(response, 'temperatures.csv', temperaturesCsv, all)
      },
    },
  ]
}
