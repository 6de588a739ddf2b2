import type { Server } from 'node:http'
import { pino } from 'pino'
import { makeApp } from './app'
import { makeDataSource } from './database/dataSource'
import { readSettings } from './settings'

const settings = readSettings(process.env)
const logger = pino({ level: settings.logLevel })

const database = makeDataSource(settings)
await database.initialize()
await database.runMigrations()
const { express, demo } = makeApp(database, settings, logger)
await demo.loadWhenEmpty()

const server: Server = express.listen(settings.port, settings.host, (error) => {
  if (error) {
    process.stderr.write(`Port ${settings.port} on ${settings.host} cannot be used.\n`)
    process.exit(1)
  }
  logger.info({ host: settings.host, port: settings.port }, 'listening')
})

/** How long requests under way may take once the server is to stop. */
const LONGEST_GOODBYE_MS = 5_000

/** Lets running requests end, takes no more on the same connections, then leaves the database in order. */
function stop(): void {
  server.prependListener('request', (_request, response) => {
    response.setHeader('Connection', 'close')
  })
  server.close(() => {
    void database.destroy().finally(() => process.exit(0))
  })
  server.closeIdleConnections()
  setTimeout(() => {
    server.closeAllConnections()
  }, LONGEST_GOODBYE_MS).unref()
}
process.once('SIGTERM', stop)
process.once('SIGINT', stop)
