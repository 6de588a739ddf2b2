import { ListEntries, MakeLink, ShareDesign } from '@flint/contract'
import { readBody, readQuery } from '../http/readBody'
import { uuidOf } from '../http/uuidOf'
import type { ApiRoute } from '../people/apiRoute'
import type { ChangeStore } from '../people/changeStore'
import { designIdOf } from './designIdOf'
import type { SharingStore } from './sharingStore'

/** Who else may look at a design or change it, and who did. */
export function sharingRoutes(sharing: SharingStore, changes: ChangeStore): ApiRoute[] {
  return [
    {
      method: 'get',
      path: '/designs/:id/sharing',
      needs: 'own design',
      does: null,
      answer: async (request, response) => {
        response.json(await sharing.sharing(designIdOf(request)))
      },
    },
    {
      method: 'put',
      path: '/designs/:id/sharing',
      needs: 'own design',
      does: 'shared',
      answer: async (request, response) => {
        const { accountId, may } = await readBody(ShareDesign, request.body)
        const id = designIdOf(request)
        await sharing.share(id, accountId, may ?? null)
        response.json(await sharing.sharing(id))
      },
    },
    {
      method: 'post',
      path: '/designs/:id/links',
      needs: 'own design',
      does: 'made a link',
      answer: async (request, response) => {
        const { days } = await readBody(MakeLink, request.body)
        response.status(201).json(await sharing.makeLink(designIdOf(request), days))
      },
    },
    {
      method: 'delete',
      path: '/designs/:id/links/:linkId',
      needs: 'own design',
      does: 'removed a link',
      answer: async (request, response) => {
        const linkId = uuidOf(request, 'linkId', 'There is no such link.')
        await sharing.removeLink(designIdOf(request), linkId)
        response.status(204).end()
      },
    },
    {
      method: 'get',
      path: '/designs/:id/changes',
      needs: 'look back',
      does: null,
      answer: async (request, response) => {
        const { before } = await readQuery(ListEntries, request.query)
        response.json(await changes.list(designIdOf(request), before ?? null))
      },
    },
  ]
}
