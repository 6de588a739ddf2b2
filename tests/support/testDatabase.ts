import { randomBytes } from 'node:crypto'
import { Client } from 'pg'
import type { Settings } from '../../apps/server/src/settings'

type DatabaseSettings = Settings['database']

/** The throw-away cluster that scripts/test.sh started, from the environment. */
function cluster(): DatabaseSettings {
  const { FLINT_DB_PORT, FLINT_DB_USER, FLINT_DB_PASSWORD, FLINT_DB_NAME } = process.env
  if (!FLINT_DB_PORT || !FLINT_DB_USER || !FLINT_DB_PASSWORD || !FLINT_DB_NAME) {
    throw new Error('These tests need a database: run them with npm test.')
  }
  return {
    host: '127.0.0.1',
    port: Number(FLINT_DB_PORT),
    user: FLINT_DB_USER,
    password: FLINT_DB_PASSWORD,
    name: FLINT_DB_NAME,
  }
}

/** A new, empty database in the test cluster, so that no test sees another's data. */
export async function makeTestDatabase(): Promise<DatabaseSettings> {
  const settings = cluster()
  const name = `test_${randomBytes(6).toString('hex')}`
  const { host, port, user, password } = settings
  const client = new Client({ host, port, user, password, database: settings.name })
  await client.connect()
  await client.query(`CREATE DATABASE ${name}`)
  await client.end()
  return { ...settings, name }
}
