import { createServer } from 'node:http'
import { createServer as createSecureServer } from 'node:https'
import { join } from 'node:path'
import { pino } from 'pino'
import { makeApp } from './app'
import { buildOf } from './build'
import { connectPatiently } from './database/connectPatiently'
import { makeDataSource } from './database/dataSource'
import { printerOnThread } from './print/printer'
import { summariserOnThread } from './designs/summariser'
import { keepHouse } from './keepHouse'
import { readSettings } from './settings'

const settings = readSettings(process.env)
const logger = pino({ level: settings.logLevel })

const database = makeDataSource(settings)
await connectPatiently(database)
await database.runMigrations()
const summariser = summariserOnThread(join(import.meta.dirname, 'summaryWorker.js'))
const printer = printerOnThread(join(import.meta.dirname, 'printWorker.js'))
const { express, demo, house } = makeApp(
  database,
  { ...settings, build: buildOf(import.meta.filename) },
  logger,
  summariser,
  printer,
)
await demo.loadWhenEmpty()

const { certificate } = settings
const server = certificate ? createSecureServer(certificate, express) : createServer(express)
server.once('error', () => {
  process.stderr.write(`Port ${settings.port} on ${settings.host} cannot be used.\n`)
  process.exit(1)
})
server.listen(settings.port, settings.host, () => {
  logger.info({ host: settings.host, port: settings.port }, 'listening')
})
const stopKeeping = keepHouse(house, logger)
// What fails where nobody waits for it ends nobody else's work.
process.on('unhandledRejection', (reason: unknown) => {
  logger.error({ err: reason }, 'something failed that nobody waited for')
})

/** How long requests under way may take once the server is to stop. */
const LONGEST_GOODBYE_MS = 5_000

/** Lets running requests end, takes no more on the same connections, then leaves the database in order. */
function stop(): void {
  stopKeeping()
  server.prependListener('request', (_request, response) => {
    response.setHeader('Connection', 'close')
  })
  server.close(() => {
    void Promise.allSettled([database.destroy(), summariser.close(), printer.close()]).then(() =>
      process.exit(0),
    )
  })
  server.closeIdleConnections()
  setTimeout(() => {
    server.closeAllConnections()
  }, LONGEST_GOODBYE_MS).unref()
}
process.once('SIGTERM', stop)
process.once('SIGINT', stop)
