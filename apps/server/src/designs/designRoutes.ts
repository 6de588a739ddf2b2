import {
  CreateDesign,
  ListDesigns,
  type OpenedDesign,
  SaveDesign,
  type SavedDesign,
} from '@flint/contract'
import { cutText } from '@flint/core/drawing'
import { type Design, parseDesign } from '@flint/core/editing'
import type { Request } from 'express'
import { badRequest } from '../http/problems'
import { readBody, readQuery } from '../http/readBody'
import { type ApiRoute, isAbout, rightOf } from '../people/apiRoute'
import { principalOf } from '../people/identify'
import { accountIdOf } from '../people/principal'
import { designIdOf } from './designIdOf'
import { shownTo } from './designRights'
import type { DesignStore } from './designStore'
import type { SummaryStore } from './summaryStore'

/** As much of a name as a list of changes shows. */
const LONGEST_ABOUT = 80

/** Designs on the shelf: to list, read and save them. */
export function designRoutes(designs: DesignStore, summaries: SummaryStore): ApiRoute[] {
  return [
    {
      method: 'get',
      path: '/designs',
      needs: 'look',
      does: null,
      answer: async (request, response) => {
        const {
          find = '',
          order = 'made',
          page = '1',
        } = await readQuery(ListDesigns, request.query)
        const words = find.split(/\s+/).filter((word) => word !== '')
        const asked = { words, order, page: Number(page) }
        const json = await summaries.pageJson(asked, shownTo(principalOf(request)))
        response.type('json').send(json)
      },
    },
    {
      method: 'post',
      path: '/designs',
      needs: 'change',
      does: 'made a design',
      answer: async (request, response) => {
        const { document } = await readBody(CreateDesign, request.body)
        const ownerId = accountIdOf(principalOf(request))
        const made = await designs.create(readDocument(document), { ownerId })
        isAbout(response, cutText(made.document.name, LONGEST_ABOUT))
        response.status(201).json(made)
      },
    },
    {
      method: 'get',
      path: '/designs/:id',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        const stored = await designs.read(designIdOf(request))
        const opened = { ...stored, right: rightOf(response) }
        response.json(opened satisfies OpenedDesign)
      },
    },
    {
      method: 'get',
      path: '/designs/:id/document',
      needs: 'look at design',
      does: null,
      answer: async (request, response) => {
        response.json(await designs.document(designIdOf(request)))
      },
    },
    {
      method: 'put',
      path: '/designs/:id',
      needs: 'change design',
      does: 'saved',
      answer: async (request, response) => {
        const { document, ...attempt } = await readBody(SaveDesign, request.body)
        const stored = await designs.save(designIdOf(request), readDocument(document), attempt)
        if (!wantsMinimal(request)) {
          response.json(stored)
          return
        }
        const { id, revision, savedAt } = stored
        response.set('Preference-Applied', MINIMAL)
        response.json({ id, revision, savedAt } satisfies SavedDesign)
      },
    },
    {
      method: 'post',
      path: '/designs/:id/copy',
      needs: 'look back',
      does: 'copied',
      answer: async (request, response) => {
        const ownerId = accountIdOf(principalOf(request))
        response.status(201).json(await designs.copy(designIdOf(request), ownerId))
      },
    },
    {
      method: 'get',
      path: '/parts/:slug/uses',
      needs: 'look',
      does: null,
      answer: async (request, response) => {
        const { slug } = request.params
        response.json(await summaries.usesOf(String(slug), shownTo(principalOf(request))))
      },
    },
  ]
}

/** What a client sends that has the document already. Source: RFC 7240, section 4.2. */
const MINIMAL = 'return=minimal'

const wantsMinimal = (request: Request): boolean =>
  (request.get('prefer') ?? '').split(',').some((one) => one.trim() === MINIMAL)

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
