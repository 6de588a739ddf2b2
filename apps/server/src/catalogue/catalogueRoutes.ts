import { type FieldProblem, KeepPart, NoteOwned, TakeInParts } from '@flint/contract'
import { type CataloguePart, cataloguePart, problemsOf, withSheetToday } from '@flint/core/editing'
import { type Request, Router } from 'express'
import { badRequest, notFound } from '../http/problems'
import { readBody } from '../http/readBody'
import type { CatalogueStore } from './catalogueStore'

export function catalogueRoutes(catalogue: CatalogueStore): Router {
  const router = Router()

  router.get('/', async (_request, response) => {
    response.json(await catalogue.list())
  })

  router.get('/unread', async (_request, response) => {
    response.json(await catalogue.unread())
  })

  router.post('/take-in', async (request, response) => {
    const { parts } = await readBody(TakeInParts, request.body)
    const read = parts.map(readPart)
    const twice = namedTwice(read)
    if (twice.length > 0) throw badRequest(twice)
    response.json(await catalogue.takeIn(read))
  })

  router.put('/:slug', async (request, response) => {
    const { sheet } = await readBody(KeepPart, request.body)
    const slug = partSlug(request)
    const part = cataloguePart.safeParse(withSheetToday({ slug, version: 1, sheet }), {
      reportInput: true,
    })
    if (!part.success) throw badRequest(problemsOf(part.error.issues))
    response.json(await catalogue.keepOwn(slug, part.data.sheet))
  })

  router.delete('/:slug', async (request, response) => {
    await catalogue.removeOwn(partSlug(request))
    response.status(204).end()
  })

  router.put('/:slug/owned', async (request, response) => {
    const { ownedPieces } = await readBody(NoteOwned, request.body)
    response.json(await catalogue.noteOwned(partSlug(request), ownedPieces))
  })

  return router
}

function partSlug(request: Request): string {
  const slug = cataloguePart.shape.slug.safeParse(request.params.slug)
  if (!slug.success) throw notFound('There is no such part in the catalogue.')
  return slug.data
}

/** Parts that have the name of one before them. */
function namedTwice(parts: readonly CataloguePart[]): FieldProblem[] {
  const first = new Map<string, number>()
  return parts.flatMap(({ slug }, index): FieldProblem[] => {
    const before = first.get(slug)
    if (before === undefined) first.set(slug, index)
    return before === undefined
      ? []
      : [
          {
            field: `parts[${index}].slug`,
            sentence: `parts[${index}].slug is ${slug}, as parts[${before}].slug is.`,
          },
        ]
  })
}

function readPart(raw: unknown, index: number): CataloguePart {
  const part = cataloguePart.safeParse(withSheetToday(raw), { reportInput: true })
  if (part.success) return part.data
  throw badRequest(
    problemsOf(part.error.issues).map(({ field, sentence }) => ({
      field: `parts[${index}].${field}`,
      sentence,
    })),
  )
}
