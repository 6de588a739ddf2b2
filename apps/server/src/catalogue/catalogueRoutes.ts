import { type FieldProblem, KeepPart, ListParts, NoteOwned, TakeInParts } from '@flint/contract'
import { type CataloguePart, cataloguePart, keptPart, problemsOf } from '@flint/core/editing'
import { setImmediate } from 'node:timers/promises'
import type { Request } from 'express'
import { badRequest, notFound } from '../http/problems'
import { readBody, readQuery } from '../http/readBody'
import type { ApiRoute } from '../people/apiRoute'
import type { CatalogueStore } from './catalogueStore'

/** The parts that designs are made of. */
export function catalogueRoutes(catalogue: CatalogueStore): ApiRoute[] {
  return [
    {
      method: 'get',
      path: '/parts',
      needs: 'look',
      does: null,
      answer: async (request, response) => {
        const { after = '' } = await readQuery(ListParts, request.query)
        const { version, json } = await catalogue.page(after)
        // Who has it already is told so, without the parts.
        response.set('ETag', `W/"${version}"`).type('json').send(json)
      },
    },
    {
      method: 'get',
      path: '/parts/unread',
      needs: 'look',
      does: null,
      answer: async (_request, response) => {
        response.json(await catalogue.unread())
      },
    },
    {
      method: 'post',
      path: '/parts/take-in',
      needs: 'change',
      does: 'took parts in',
      answer: async (request, response) => {
        const { parts } = await readBody(TakeInParts, request.body)
        const read = await readParts(parts)
        const twice = namedTwice(read)
        if (twice.length > 0) throw badRequest(twice)
        response.json(await catalogue.takeIn(read))
      },
    },
    {
      method: 'put',
      path: '/parts/:slug',
      needs: 'change',
      does: 'kept a part',
      answer: async (request, response) => {
        const { sheet, price } = await readBody(KeepPart, request.body)
        const slug = partSlug(request)
        const said = { slug, version: 1, sheet, ...(price === undefined ? {} : { price }) }
        const part = keptPart.safeParse(said, { reportInput: true })
        if (!part.success) throw badRequest(problemsOf(part.error.issues))
        response.json(await catalogue.keepOwn(part.data))
      },
    },
    {
      method: 'delete',
      path: '/parts/:slug',
      needs: 'change',
      does: 'removed a part',
      answer: async (request, response) => {
        await catalogue.removeOwn(partSlug(request))
        response.status(204).end()
      },
    },
    {
      method: 'put',
      path: '/parts/:slug/owned',
      needs: 'change',
      does: 'noted owned pieces',
      answer: async (request, response) => {
        const { ownedPieces } = await readBody(NoteOwned, request.body)
        response.json(await catalogue.noteOwned(partSlug(request), ownedPieces))
      },
    },
    {
      method: 'get',
      path: '/removed-parts',
      needs: 'look',
      does: null,
      answer: async (_request, response) => {
        response.json(await catalogue.removed())
      },
    },
    {
      method: 'post',
      path: '/removed-parts/:slug/return',
      needs: 'change',
      does: 'put a part back',
      answer: async (request, response) => {
        response.json(await catalogue.putBack(partSlug(request)))
      },
    },
    {
      method: 'delete',
      path: '/removed-parts/:slug',
      needs: 'change',
      does: 'deleted a part for good',
      answer: async (request, response) => {
        await catalogue.forget(partSlug(request))
        response.status(204).end()
      },
    },
  ]
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

/** Parts that are read at a stretch; others get their turn in between. */
const READ_AT_ONCE = 20

async function readParts(raw: readonly unknown[]): Promise<CataloguePart[]> {
  const read: CataloguePart[] = []
  for (const [index, part] of raw.entries()) {
    read.push(readPart(part, index))
    if (read.length % READ_AT_ONCE === 0) await setImmediate()
  }
  return read
}

function readPart(raw: unknown, index: number): CataloguePart {
  const part = keptPart.safeParse(raw, { reportInput: true })
  if (part.success) return part.data
  throw badRequest(
    problemsOf(part.error.issues).map(({ field, sentence }) => ({
      field: `parts[${index}].${field}`,
      sentence,
    })),
  )
}
