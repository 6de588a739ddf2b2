import {
  AskPriceFigures,
  ListPrices,
  PRICES_PER_REQUEST,
  SendPrice,
  SetPriceTarget,
} from '@flint/contract'
import { pricesCsv } from '@flint/core/files'
import type { Request } from 'express'
import { notFound } from '../http/problems'
import { readBody, readQuery } from '../http/readBody'
import { readList } from '../http/readList'
import { sendCsv } from '../http/sendCsv'
import type { ApiRoute } from '../people/apiRoute'
import type { PriceStore } from './priceStore'

/** What people saw that parts cost, and what their targets are. */
export function priceRoutes(prices: PriceStore): ApiRoute[] {
  return [
    {
      method: 'get',
      path: '/prices',
      needs: 'see prices',
      does: null,
      answer: async (request, response) => {
        const { slug, before } = await readQuery(ListPrices, request.query)
        response.json(await prices.page(slug ?? null, before ?? null))
      },
    },
    {
      method: 'post',
      path: '/prices',
      needs: 'change',
      does: 'noted prices',
      answer: async (request, response) => {
        const sent = await readList(SendPrice, request.body, 'prices', PRICES_PER_REQUEST)
        response.status(201).json({ prices: await prices.keep(sent) })
      },
    },
    {
      method: 'delete',
      path: '/prices/:number',
      needs: 'change',
      does: 'removed a price',
      answer: async (request, response) => {
        const { number } = request.params
        if (typeof number !== 'string' || !/^[1-9]\d{0,14}$/.test(number)) {
          throw notFound('There is no such price.')
        }
        await prices.remove(number)
        response.status(204).end()
      },
    },
    {
      method: 'get',
      path: '/prices/watched',
      needs: 'see prices',
      does: null,
      answer: async (_request, response) => {
        response.json(await prices.watched())
      },
    },
    {
      method: 'get',
      path: '/prices/figures',
      needs: 'see prices',
      does: null,
      answer: async (request, response) => {
        response.json(await prices.figures(await readQuery(AskPriceFigures, request.query)))
      },
    },
    {
      method: 'get',
      path: '/prices.csv',
      needs: 'see prices',
      does: null,
      answer: async (_request, response) => {
        await sendCsv(response, 'prices.csv', pricesCsv, prices.all())
      },
    },
    {
      method: 'put',
      path: '/prices/targets/:slug',
      needs: 'change',
      does: 'set a target price',
      answer: async (request, response) => {
        const { currency, targetMinor } = await readBody(SetPriceTarget, request.body)
        const target = targetMinor == null ? null : { currency, targetMinor }
        await prices.setTarget(slugOf(request), target)
        response.status(204).end()
      },
    },
  ]
}

function slugOf(request: Request): string {
  const { slug } = request.params
  if (typeof slug !== 'string' || slug.length > 80 || !/^[a-z0-9]+(-[a-z0-9]+)*$/.test(slug)) {
    throw notFound('There is no such part.')
  }
  return slug
}
