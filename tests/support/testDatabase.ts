import { randomBytes } from 'node:crypto'
import { Client } from 'pg'
import type { Settings } from '../../apps/server/src/settings'

type DatabaseSettings = Settings['database']

/** The throw-away cluster that scripts/test.sh started, from the environment. */
export function testDatabaseSettings(): DatabaseSettings {
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

/**
 * A new database in the test cluster, so that no test sees another's data.
 * @param template a database that it is a copy of and that nobody is connected to; it is empty without one
 */
export async function makeTestDatabase(template?: string): Promise<DatabaseSettings> {
  const settings = testDatabaseSettings()
  const name = `test_${randomBytes(6).toString('hex')}`
  await withCluster(settings, (client) =>
    client.query(`CREATE DATABASE ${name}${template ? ` TEMPLATE ${template}` : ''}`),
  )
  return { ...settings, name }
}

/**
 * A database that `fill` has filled, to be copied: the first who asks in the test cluster fills it, the others wait.
 * @param fill leaves no connection behind
 */
export async function templateDatabase(
  name: string,
  fill: (database: DatabaseSettings) => Promise<void>,
): Promise<string> {
  const settings = testDatabaseSettings()
  await withCluster(settings, async (client) => {
    // The lock ends with the connection; its number means this and nothing else in the cluster.
    await client.query('SELECT pg_advisory_lock(1)')
    const { rows } = await client.query('SELECT FROM pg_database WHERE datname = $1', [name])
    if (rows.length > 0) return
    const making = `${name}_making`
    await client.query(`DROP DATABASE IF EXISTS ${making}`)
    await client.query(`CREATE DATABASE ${making}`)
    await fill({ ...settings, name: making })
    await untilAlone(making)
    await client.query(`ALTER DATABASE ${making} RENAME TO ${name}`)
  })
  return name
}

/** Waits until nobody is connected to a database any more, so that it can be a template. */
export async function untilAlone(name: string): Promise<void> {
  await withCluster(testDatabaseSettings(), async (client) => {
    for (;;) {
      const { rows } = await client.query('SELECT FROM pg_stat_activity WHERE datname = $1', [name])
      if (rows.length === 0) return
      await new Promise((resolve) => setTimeout(resolve, 50))
    }
  })
}

async function withCluster(
  { host, port, user, password, name: database }: DatabaseSettings,
  work: (client: Client) => Promise<unknown>,
): Promise<void> {
  const client = new Client({ host, port, user, password, database })
  await client.connect()
  try {
    await work(client)
  } finally {
    await client.end()
  }
}
