import { Router } from 'express'
import type { DesignStore } from '../designs/designStore'
import type { DemoLoader } from './demoLoader'

export function demoRoutes(demo: DemoLoader, designs: DesignStore): Router {
  const router = Router()
  router.post('/restore', async (_request, response) => {
    await demo.restore()
    response.json(await designs.list())
  })
  return router
}
