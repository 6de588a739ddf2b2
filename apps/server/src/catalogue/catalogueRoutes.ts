import { Router } from 'express'
import type { CatalogueStore } from './catalogueStore'

export function catalogueRoutes(catalogue: CatalogueStore): Router {
  const router = Router()
  router.get('/', async (_request, response) => {
    response.json(await catalogue.list())
  })
  return router
}
