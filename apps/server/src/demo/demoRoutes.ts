import type { ApiRoute } from '../people/apiRoute'
import type { DemoLoader } from './demoLoader'

export function demoRoutes(demo: DemoLoader): ApiRoute[] {
  return [
    {
      method: 'post',
      path: '/demo/restore',
      needs: 'change',
      does: 'restored the demo',
      answer: async (_request, response) => {
        await demo.restore()
        response.status(204).end()
      },
    },
  ]
}
