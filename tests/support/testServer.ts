import { join } from 'node:path'
import type { Express } from 'express'
import { pino } from 'pino'
import type { DataSource } from 'typeorm'
import { makeApp } from '../../apps/server/src/app'
import { makeDataSource } from '../../apps/server/src/database/dataSource'
import { makeTestDatabase } from './testDatabase'

const ROOT = join(import.meta.dirname, '..', '..')

export interface TestServer {
  app: Express
  database: DataSource
  stop: () => Promise<void>
}

/** The server over a database of its own, with the demo loaded. */
export async function startTestServer(): Promise<TestServer> {
  const database = makeDataSource({ database: await makeTestDatabase() })
  await database.initialize()
  await database.runMigrations()
  const settings = {
    hostNames: [],
    webFolder: join(ROOT, 'dist', 'web'),
    demoFolder: join(ROOT, 'demo'),
  }
  const { express, demo } = makeApp(database, settings, pino({ level: 'silent' }))
  await demo.loadWhenEmpty()
  return { app: express, database, stop: () => database.destroy() }
}
