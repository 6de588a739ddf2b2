import { join } from 'node:path'
import type { Express } from 'express'
import { pino } from 'pino'
import type { DataSource } from 'typeorm'
import { type App, type AppSettings, makeApp } from '../../apps/server/src/app'
import type { Summariser } from '../../apps/server/src/designs/summariser'
import { makeDataSource } from '../../apps/server/src/database/dataSource'
import type { Settings } from '../../apps/server/src/settings'
import { printerHere, summariserHere } from './sameThread'
import { makeTestDatabase, templateDatabase } from './testDatabase'

const ROOT = join(import.meta.dirname, '..', '..')

export interface TestServer {
  app: Express
  database: DataSource
  routes: App['routes']
  house: App['house']
  stop: () => Promise<void>
}

/** The code with which the first account of a server with accounts is made. */
export const FIRST_CODE = 'ABCD-EFGH'

export const TEST_SETTINGS: AppSettings = {
  hostNames: [],
  webFolder: join(ROOT, 'dist', 'web'),
  demoFolder: join(ROOT, 'demo'),
  needsAccounts: false,
  firstCode: FIRST_CODE,
  sessionSecret: 'of a test',
  proxy: null,
  certificate: null,
  build: 'of a test',
}

/** The server over a database of its own, with the demo loaded; open to this machine, unless its settings say otherwise. */
export async function startTestServer(
  change: Partial<AppSettings> = {},
  summariser: Summariser = summariserHere,
): Promise<TestServer> {
  const template = await templateDatabase('with_demo', async (settings) => {
    const { demo, stop } = await open(settings, TEST_SETTINGS, summariserHere)
    await demo.loadWhenEmpty()
    await stop()
  })
  return open(await makeTestDatabase(template), { ...TEST_SETTINGS, ...change }, summariser)
}

async function open(
  settings: Settings['database'],
  app: AppSettings,
  summariser: Summariser,
): Promise<TestServer & Pick<App, 'demo'>> {
  const database = makeDataSource({ database: settings })
  await database.initialize()
  await database.runMigrations()
  const logger = pino({ level: 'silent' })
  const { express, demo, routes, house } = makeApp(database, app, logger, summariser, printerHere)
  return { app: express, database, demo, routes, house, stop: () => database.destroy() }
}
