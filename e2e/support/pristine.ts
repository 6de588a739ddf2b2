import { Client, DatabaseError } from 'pg'
import { testDatabaseSettings } from '../../tests/support/testDatabase'

/** Beside the tables of the server, a copy of each as it was before any test. */
const PRISTINE = 'pristine'

/** Source: PostgreSQL's documentation, appendix A, error codes. */
const DEADLOCK = '40P01'

/** Keeps what is in a database, so that it can be brought back. */
export async function keepPristine(database: string): Promise<void> {
  await connected(database, async (client) => {
    await client.query(`CREATE SCHEMA ${PRISTINE}`)
    for (const table of await tablesOf(client)) {
      await client.query(`CREATE TABLE ${PRISTINE}."${table}" AS TABLE public."${table}"`)
    }
  })
}

/** Brings back what was kept, under a server that may be running. */
export async function bringBackPristine(database: string): Promise<void> {
  await connected(database, async (client) => {
    for (;;) {
      try {
        await bringBack(client)
        return
      } catch (error) {
        // The server may still be writing for the test before; the one that PostgreSQL refuses tries again.
        if (!(error instanceof DatabaseError && error.code === DEADLOCK)) throw error
        await client.query('ROLLBACK')
      }
    }
  })
}

async function bringBack(client: Client): Promise<void> {
  const tables = await tablesOf(client)
  await client.query('BEGIN')
  for (const table of tables.toReversed()) await client.query(`DELETE FROM public."${table}"`)
  for (const table of tables) {
    await client.query(
      `INSERT INTO public."${table}" OVERRIDING SYSTEM VALUE SELECT * FROM ${PRISTINE}."${table}"`,
    )
  }
  await client.query('COMMIT')
}

/** The tables of the server, each after those that it refers to. */
async function tablesOf(client: Client): Promise<string[]> {
  const { rows } = await client.query<{ table: string; refers: string[] }>(
    `SELECT c.relname AS table, array_remove(array_agg(o.relname::text), NULL) AS refers
     FROM pg_class c
     LEFT JOIN pg_constraint k ON k.conrelid = c.oid AND k.contype = 'f'
     LEFT JOIN pg_class o ON o.oid = k.confrelid AND o.oid <> c.oid
     WHERE c.relnamespace = 'public'::regnamespace AND c.relkind = 'r'
     GROUP BY c.relname`,
  )
  const ordered: string[] = []
  while (ordered.length < rows.length) {
    const next = rows.filter(
      ({ table, refers }) =>
        !ordered.includes(table) && refers.every((other) => ordered.includes(other)),
    )
    if (next.length === 0) throw new Error('Tables refer to each other in a ring.')
    ordered.push(...next.map(({ table }) => table))
  }
  return ordered
}

async function connected(name: string, work: (client: Client) => Promise<void>): Promise<void> {
  const { host, port, user, password } = testDatabaseSettings()
  const client = new Client({ host, port, user, password, database: name })
  await client.connect()
  try {
    await work(client)
  } finally {
    await client.end()
  }
}
