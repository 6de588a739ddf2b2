import { CreateDesign, SaveDesign } from '@flint/contract'
import { type Design, parseDesign } from '@flint/core/editing'
import { type Request, Router } from 'express'
import { isUUID } from 'class-validator'
import { badRequest, notFound } from '../http/problems'
import { readBody } from '../http/readBody'
import { type DesignStore, MOST_REVISIONS } from './designStore'

export function designRoutes(designs: DesignStore): Router {
  const router = Router()

  router.get('/', async (_request, response) => {
    response.json(await designs.list())
  })

  router.post('/', async (request, response) => {
    const { document } = await readBody(CreateDesign, request.body)
    response.status(201).json(await designs.create(readDocument(document)))
  })

  router.get('/removed', async (_request, response) => {
    response.json(await designs.removed())
  })

  router.get('/:id', async (request, response) => {
    response.json(await designs.read(designId(request)))
  })

  router.put('/:id', async (request, response) => {
    const { document, ...attempt } = await readBody(SaveDesign, request.body)
    response.json(await designs.save(designId(request), readDocument(document), attempt))
  })

  router.delete('/:id', async (request, response) => {
    await designs.setRemoved(designId(request), true)
    response.status(204).end()
  })

  router.post('/:id/return', async (request, response) => {
    const id = designId(request)
    await designs.setRemoved(id, false)
    response.json(await designs.read(id))
  })

  router.get('/:id/revisions', async (request, response) => {
    const before = Number(request.query.before ?? MOST_REVISIONS)
    if (!isRevision(before)) {
      throw badRequest([{ field: 'before', sentence: 'before must be a revision.' }])
    }
    response.json(await designs.revisions(designId(request), before))
  })

  router.get('/:id/revisions/:revision', async (request, response) => {
    const revision = Number(request.params.revision)
    if (!isRevision(revision)) {
      throw notFound('There is no such revision of this design.')
    }
    response.json(await designs.readRevision(designId(request), revision))
  })

  router.get('/:id/set-aside', async (request, response) => {
    response.json(await designs.setAside(designId(request)))
  })

  router.get('/:id/set-aside/:asideId', async (request, response) => {
    const { asideId } = request.params
    if (!isUUID(asideId)) throw notFound('There is no such version of this design.')
    response.json(await designs.readSetAside(designId(request), asideId))
  })

  return router
}

const isRevision = (value: number): boolean =>
  Number.isInteger(value) && value >= 1 && value <= MOST_REVISIONS

function designId(request: Request): string {
  const { id } = request.params
  if (!isUUID(id)) throw notFound('There is no such design on the shelf.')
  return String(id)
}

/** The core reads the document; its problems are named below `document`. */
function readDocument(raw: unknown): Design {
  const parsed = parseDesign(raw)
  if ('design' in parsed) return parsed.design
  throw badRequest(
    parsed.problems.map(({ field, sentence }) => ({
      field: field ? `document.${field}` : 'document',
      sentence,
    })),
  )
}
