import { ListRevisions, NameRevision } from '@flint/contract'
import type { Request } from 'express'
import { notFound } from '../http/problems'
import { readBody, readQuery } from '../http/readBody'
import { uuidOf } from '../http/uuidOf'
import type { ApiRoute } from '../people/apiRoute'
import { principalOf } from '../people/identify'
import { designIdOf } from './designIdOf'
import { shownTo } from './designRights'
import type { DesignStore } from './designStore'
import { MOST_REVISIONS, type PastStore } from './pastStore'

/** The ways back: revisions, versions set aside, removed designs. */
export function pastRoutes(past: PastStore, designs: DesignStore): ApiRoute[] {
  return [
    {
      method: 'get',
      path: '/removed-designs',
      needs: 'look',
      does: null,
      answer: async (request, response) => {
        response.json(await past.removed(shownTo(principalOf(request))))
      },
    },
    {
      method: 'delete',
      path: '/designs/:id',
      needs: 'own design',
      does: 'took off the shelf',
      answer: async (request, response) => {
        await past.setRemoved(designIdOf(request), true)
        response.status(204).end()
      },
    },
    {
      method: 'post',
      path: '/designs/:id/return',
      needs: 'own design',
      does: 'put back',
      answer: async (request, response) => {
        const id = designIdOf(request)
        await past.setRemoved(id, false)
        response.json(await designs.read(id))
      },
    },
    {
      method: 'delete',
      path: '/removed-designs/:id',
      needs: 'own design',
      does: 'deleted for good',
      answer: async (request, response) => {
        await past.forget(designIdOf(request))
        response.status(204).end()
      },
    },
    {
      method: 'get',
      path: '/designs/:id/revisions',
      needs: 'look back',
      does: null,
      answer: async (request, response) => {
        const { before } = await readQuery(ListRevisions, request.query)
        const last = before === undefined ? MOST_REVISIONS : Number(before)
        response.json(await past.revisions(designIdOf(request), last))
      },
    },
    {
      method: 'get',
      path: '/designs/:id/revisions/:revision',
      needs: 'look back',
      does: null,
      answer: async (request, response) => {
        response.json(await past.readRevision(designIdOf(request), revisionOf(request)))
      },
    },
    {
      method: 'put',
      path: '/designs/:id/revisions/:revision/name',
      needs: 'change design',
      does: 'named a revision',
      answer: async (request, response) => {
        const { label } = await readBody(NameRevision, request.body)
        await past.nameRevision(designIdOf(request), revisionOf(request), label ?? null)
        response.status(204).end()
      },
    },
    {
      method: 'get',
      path: '/designs/:id/set-aside',
      needs: 'look back',
      does: null,
      answer: async (request, response) => {
        response.json(await past.setAside(designIdOf(request)))
      },
    },
    {
      method: 'get',
      path: '/designs/:id/set-aside/:asideId',
      needs: 'look back',
      does: null,
      answer: async (request, response) => {
        const asideId = uuidOf(request, 'asideId', 'There is no such version of this design.')
        response.json(await past.readSetAside(designIdOf(request), asideId))
      },
    },
  ]
}

function revisionOf(request: Request): number {
  const revision = Number(request.params.revision)
  if (!Number.isInteger(revision) || revision < 1 || revision > MOST_REVISIONS) {
    throw notFound('There is no such revision of this design.')
  }
  return revision
}
