import type { ServerResponse } from 'node:http'
import { join } from 'node:path'
import { constants } from 'node:zlib'
import compression from 'compression'
import expressStaticGzip from 'express-static-gzip'
import express, { type Express } from 'express'
import helmet from 'helmet'
import type { Pool } from 'pg'
import type { Logger } from 'pino'
import { pinoHttp } from 'pino-http'
import type { DataSource } from 'typeorm'
import { catalogueRoutes } from './catalogue/catalogueRoutes'
import { CatalogueStore } from './catalogue/catalogueStore'
import { DemoLoader } from './demo/demoLoader'
import { demoRoutes } from './demo/demoRoutes'
import { rightTo } from './designs/designRights'
import { designRoutes } from './designs/designRoutes'
import { DesignStore } from './designs/designStore'
import { pastRoutes } from './designs/pastRoutes'
import { PastStore } from './designs/pastStore'
import { sharingRoutes } from './designs/sharingRoutes'
import { SharingStore } from './designs/sharingStore'
import type { Summariser } from './designs/summariser'
import { SummaryStore } from './designs/summaryStore'
import { everythingRoutes } from './everything/everythingRoutes'
import { healthRoutes } from './health/healthRoutes'
import { inTurn } from './http/inTurn'
import { onlyPlainJson } from './http/onlyPlainJson'
import { onlyJsonChanges, onlyOwnHosts } from './http/onlyOwnHosts'
import { problemHandler } from './http/problemHandler'
import { notFound } from './http/problems'
import { readManifest, screenFiles } from './http/screenFiles'
import { type ApiRoute, guardedRouter } from './people/apiRoute'
import { Attempts } from './people/attempts'
import { ChangeStore } from './people/changeStore'
import { identify, principalOf } from './people/identify'
import { peopleRoutes } from './people/peopleRoutes'
import { PeopleStore } from './people/peopleStore'
import { actorName } from './people/principal'
import { renewSession, sessions } from './people/sessions'
import type { Printer } from './print/printer'
import { printRoutes } from './print/printRoutes'
import { priceRoutes } from './prices/priceRoutes'
import { PriceStore } from './prices/priceStore'
import { eventRoutes } from './events/eventRoutes'
import { EventStore } from './events/eventStore'
import { temperatureRoutes } from './temperatures/temperatureRoutes'
import { TemperatureStore } from './temperatures/temperatureStore'
import { collectedRoutes } from './proving/collectedRoutes'
import { CollectedStore } from './proving/collectedStore'
import { LiveReadings } from './readings/liveReadings'
import { readingRoutes } from './readings/readingRoutes'
import { ReadingStore } from './readings/readingStore'
import type { Settings } from './settings'

const LARGEST_BODY = '2mb'

/** What a log keeps of an error's own words. */
const LONGEST_MESSAGE = 200

export interface App {
  express: Express
  demo: DemoLoader
  /** All that it can be asked for below /api, but for its health. */
  routes: readonly ApiRoute[]
  house: House
}

export type AppSettings = Pick<
  Settings,
  | 'hostNames'
  | 'webFolder'
  | 'demoFolder'
  | 'needsAccounts'
  | 'firstCode'
  | 'sessionSecret'
  | 'proxy'
  | 'certificate'
> & {
  /** Tells this build of the server from others. */
  build: string
}

/** What the server keeps in order by itself, beside answering. */
export interface House {
  designs: DesignStore
  past: PastStore
  summaries: SummaryStore
}

/** The whole server, not yet listening. */
export function makeApp(
  database: DataSource,
  settings: AppSettings,
  logger: Logger,
  summariser: Summariser,
  printer: Printer,
): App {
  const summaries = new SummaryStore(database, summariser)
  const designs = new DesignStore(database, summaries, settings.build)
  const past = new PastStore(database, settings.build)
  const readings = new ReadingStore(database)
  const collected = new CollectedStore(database)
  const events = new EventStore(database)
  const temperatures = new TemperatureStore(database)
  const prices = new PriceStore(database)
  const sharing = new SharingStore(database)
  const catalogue = new CatalogueStore(database, settings.build)
  const people = new PeopleStore(database)
  const changes = new ChangeStore(database)
  const demo = new DemoLoader(settings.demoFolder, designs, catalogue, prices, collected, events)
  const routes: readonly ApiRoute[] = [
    ...designRoutes(designs, summaries),
    ...pastRoutes(past, designs),
    ...sharingRoutes(sharing, changes),
    ...catalogueRoutes(catalogue),
    ...demoRoutes(demo),
    ...readingRoutes(readings, designs, new LiveReadings()),
    ...collectedRoutes(collected),
    ...eventRoutes(events),
    ...temperatureRoutes(temperatures),
    ...priceRoutes(prices),
    ...printRoutes(designs, printer),
    ...everythingRoutes(
      designs,
      summaries,
      catalogue,
      readings,
      prices,
      collected,
      events,
      temperatures,
    ),
    ...peopleRoutes(people, changes, new Attempts(), settings),
  ]

  const app = express()
  app.disable('x-powered-by')
  // Whose word is taken for who asks, and whether they do so by HTTPS.
  app.set('trust proxy', settings.proxy ?? false)
  app.use(requestLog(logger))
  app.use(onlyOwnHosts(settings.hostNames))
  app.use(securityHeaders(settings.certificate !== null))
  // Most of its time goes into the last few per cent; what never changes was compressed well when it was built.
  app.use(compression({ level: constants.Z_BEST_SPEED }))

  const api = express.Router()
  api.use('/health', healthRoutes(database))
  api.use(onlyJsonChanges)
  api.use(inTurn())
  if (settings.needsAccounts) {
    const { master } = database.driver as unknown as { master: Pool }
    api.use(sessions(master, settings.sessionSecret), renewSession)
  }
  api.use(
    identify({
      needsAccounts: settings.needsAccounts,
      people,
      designOfLink: (key) => sharing.designOfLink(key),
    }),
  )
  api.use(express.json({ limit: LARGEST_BODY }))
  api.use(onlyPlainJson)
  api.use(
    guardedRouter(routes, {
      principalOf,
      rightTo: (principal, designId) => rightTo(database, principal, designId),
      noteChange: async (principal, { does }, { params }, about) => {
        const { id = null, ...others } = params
        const [named = null] = Object.values(others)
        const actor = actorName(principal)
        const change = {
          actor,
          did: does ?? '',
          designId: asText(id),
          about: about ?? asText(named),
        }
        await changes.note(change).catch((error: unknown) => {
          logger.error({ err: errorLine(error as Error) }, 'a change was not noted')
        })
      },
    }),
  )
  api.use(() => {
    throw notFound('There is nothing at this address.')
  })
  app.use('/api', api)

  app.use(
    expressStaticGzip(settings.webFolder, {
      index: false,
      enableBrotli: true,
      orderPreference: ['br'],
      serveStatic: { setHeaders: cacheHeaders },
    }),
  )
  const manifest = readManifest(settings.webFolder)
  app.get('/{*path}', (request, response) => {
    if (request.path.startsWith('/assets/')) throw notFound('There is nothing at this address.')
    const files = manifest && screenFiles(manifest, request.path)
    if (files) response.set('Link', files)
    response.set('Cache-Control', 'no-cache').sendFile(join(settings.webFolder, 'index.html'))
  })
  app.use(problemHandler)
  return { express: app, demo, routes, house: { designs, past, summaries } }
}

const asText = (value: string | string[] | null): string | null =>
  value === null ? null : String(value)

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
function cacheHeaders(response: ServerResponse, path: string): void {
  const immutable = path.includes(join('dist', 'web', 'assets'))
  response.setHeader(
    'Cache-Control',
    immutable ? 'public, max-age=31536000, immutable' : 'no-cache',
  )
}

function securityHeaders(isSecure: boolean): express.RequestHandler {
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
    // By plain HTTP it would say nothing.
    strictTransportSecurity: isSecure,
  })
}
