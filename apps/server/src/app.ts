import { join } from 'node:path'
import express, { type Express } from 'express'
import helmet from 'helmet'
import type { Logger } from 'pino'
import { pinoHttp } from 'pino-http'
import type { DataSource } from 'typeorm'
import { catalogueRoutes } from './catalogue/catalogueRoutes'
import { CatalogueStore } from './catalogue/catalogueStore'
import { DemoLoader } from './demo/demoLoader'
import { demoRoutes } from './demo/demoRoutes'
import { designRoutes } from './designs/designRoutes'
import { DesignStore } from './designs/designStore'
import { healthRoutes } from './health/healthRoutes'
import { inTurn } from './http/inTurn'
import { onlyPlainJson } from './http/onlyPlainJson'
import { onlyJsonChanges, onlyOwnHosts } from './http/onlyOwnHosts'
import { problemHandler } from './http/problemHandler'
import { notFound } from './http/problems'
import type { Settings } from './settings'

const LARGEST_BODY = '2mb'

/** What a log keeps of an error's own words. */
const LONGEST_MESSAGE = 200

export interface App {
  express: Express
  demo: DemoLoader
}

/** The whole server, not yet listening. */
export function makeApp(
  database: DataSource,
  settings: Pick<Settings, 'hostNames' | 'webFolder' | 'demoFolder'>,
  logger: Logger,
): App {
  const designs = new DesignStore(database)
  const catalogue = new CatalogueStore(database)
  const demo = new DemoLoader(settings.demoFolder, designs, catalogue)

  const app = express()
  app.disable('x-powered-by')
  app.use(requestLog(logger))
  app.use(onlyOwnHosts(settings.hostNames))
  app.use(securityHeaders())

  const api = express.Router()
  api.use('/health', healthRoutes(database))
  api.use(onlyJsonChanges)
  api.use(inTurn())
  api.use(express.json({ limit: LARGEST_BODY }))
  api.use(onlyPlainJson)
  api.use('/designs', designRoutes(designs))
  api.use('/parts', catalogueRoutes(catalogue))
  api.use('/demo', demoRoutes(demo, designs))
  api.use(() => {
    throw notFound('There is nothing at this address.')
  })
  app.use('/api', api)

  app.use(express.static(settings.webFolder, { index: false, setHeaders: cacheHeaders }))
  app.get('/{*path}', (request, response) => {
    if (request.path.startsWith('/assets/')) throw notFound('There is nothing at this address.')
    response.set('Cache-Control', 'no-cache').sendFile(join(settings.webFolder, 'index.html'))
  })
  app.use(problemHandler)
  return { express: app, demo }
}

/** An error without what it was about: a failed query carries whole documents. */
const errorLine = ({ name, message, stack, code }: Error & { code?: unknown }): object => ({
  name,
  code,
  message: message.slice(0, LONGEST_MESSAGE),
  stack,
})

/** One line for each request to the API, without its headers. */
function requestLog(logger: Logger): express.RequestHandler {
  return pinoHttp({
    logger,
    autoLogging: {
      ignore: ({ url }) => !url.startsWith('/api/') || url === '/api/health',
    },
    serializers: {
      req: ({ method, url }: { method: string; url: string }) => ({ method, url }),
      res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
      err: errorLine,
    },
  })
}

/** Built files carry a hash in their names, so they can be kept for good; the rest is asked for anew. */
function cacheHeaders(response: express.Response, path: string): void {
  const immutable = path.includes(join('dist', 'web', 'assets'))
  response.set('Cache-Control', immutable ? 'public, max-age=31536000, immutable' : 'no-cache')
}

function securityHeaders(): express.RequestHandler {
  return helmet({
    contentSecurityPolicy: {
      useDefaults: true,
      directives: {
        'script-src': ["'self'"],
        // The interface's style library writes its rules into the page.
        'style-src': ["'self'", "'unsafe-inline'"],
        'img-src': ["'self'", 'data:'],
        // The server speaks plain HTTP on loopback.
        'upgrade-insecure-requests': null,
      },
    },
    strictTransportSecurity: false,
  })
}
