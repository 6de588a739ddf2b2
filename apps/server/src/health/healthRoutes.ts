import { Router } from 'express'
import type { DataSource } from 'typeorm'
import { HttpProblem } from '../http/problems'

export function healthRoutes(database: DataSource): Router {
  const router = Router()
  router.get('/', async (_request, response) => {
    try {
      await database.query('SELECT 1')
    } catch {
      throw new HttpProblem(503, 'Not ready', 'The database does not answer.')
    }
    response.json({ status: 'ok' })
  })
  return router
}
