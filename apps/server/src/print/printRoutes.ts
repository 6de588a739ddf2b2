import { PrintList } from '@flint/contract'
import { designIdOf } from '../designs/designIdOf'
import type { DesignStore } from '../designs/designStore'
import { tooBusy } from '../http/inTurn'
import { readQuery } from '../http/readBody'
import type { ApiRoute } from '../people/apiRoute'
import type { Printer } from './printer'

const LONGEST_MS = 20_000

/** A design on paper. */
export function printRoutes(designs: DesignStore, printer: Printer): ApiRoute[] {
  return [
    {
      method: 'get',
      path: '/designs/:id/parts.pdf',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        const { locale = 'en' } = await readQuery(PrintList, request.query)
        const { document } = await designs.read(designIdOf(request))
        const pdf = await printer.print({ design: document, locale, what: 'part list' }, LONGEST_MS)
        if (!pdf) throw tooBusy()
        response.attachment('parts.pdf').type('application/pdf').send(Buffer.from(pdf))
      },
    },
    {
      method: 'get',
      path: '/designs/:id/labels.pdf',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        const { document } = await designs.read(designIdOf(request))
        const pdf = await printer.print(
          { design: document, locale: 'en', what: 'labels' },
          LONGEST_MS,
        )
        if (!pdf) throw tooBusy()
        response.attachment('labels.pdf').type('application/pdf').send(Buffer.from(pdf))
      },
    },
  ]
}
