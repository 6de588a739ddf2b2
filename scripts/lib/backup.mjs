// backup.mjs make FILE      writes everything that is stored into a tar file, and checks it
// backup.mjs check FILE     exit status 1 when a file is no sound backup, or a newer Flint Shelf made it
// backup.mjs restore FILE   puts back what a backup holds, in place of what is stored, and compares the rows
// backup.mjs upgrade FOLDER a backup there when the database is older than this Flint Shelf, which changes it
// backup.mjs prune FOLDER   keeps the last seven days and one of each of the last four weeks
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import {
  chmodSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { basename, join } from 'node:path'
import { createInterface } from 'node:readline'
import pg from 'pg'
import { prunable } from './prunable.mjs'

/** Who finds a backup must not be signed in with it. */
const NOT_BACKED_UP = 'session'

const FORMAT = 'flint-shelf/backup'
const MIGRATIONS = new URL('../../apps/server/src/database/migrations/', import.meta.url)

const { FLINT_DB_PORT, FLINT_DB_USER, FLINT_DB_PASSWORD, FLINT_DB_NAME, PG_BIN = '' } = process.env
const login = ['--host=127.0.0.1', `--port=${FLINT_DB_PORT}`, `--username=${FLINT_DB_USER}`]

class Refusal extends Error {}

/** Runs a program to its end; its output goes to `onLine`, line by line. */
async function run(program, args, onLine = () => undefined) {
  const child = spawn(program, args, {
    env: { ...process.env, PGPASSWORD: FLINT_DB_PASSWORD },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  let said = ''
  child.stderr.on('data', (chunk) => (said += chunk))
  const ended = once(child, 'close')
  for await (const line of createInterface({ input: child.stdout })) onLine(line)
  const [status] = await ended
  if (status !== 0) {
    const [first = ''] = said.trim().split('\n')
    throw new Refusal(`${basename(program)} failed: ${first}`)
  }
}

async function connected(work) {
  const client = new pg.Client({
    host: '127.0.0.1',
    port: Number(FLINT_DB_PORT),
    user: FLINT_DB_USER,
    password: FLINT_DB_PASSWORD,
    database: FLINT_DB_NAME,
  })
  await client.connect()
  try {
    return await work(client)
  } finally {
    await client.end()
  }
}

async function rowsByTable(client) {
  const { rows } = await client.query(
    `SELECT tablename FROM pg_tables WHERE schemaname = 'public' AND tablename <> $1 ORDER BY tablename`,
    [NOT_BACKED_UP],
  )
  const counts = {}
  for (const { tablename } of rows) {
    const { rows: counted } = await client.query(
      `SELECT count(*)::int AS count FROM "${tablename}"`,
    )
    counts[tablename] = counted[0].count
  }
  return counts
}

async function newestMigration(client, counts) {
  if (!counts.migrations) return 0
  const { rows } = await client.query('SELECT max(timestamp)::bigint AS newest FROM migrations')
  return Number(rows[0].newest ?? 0)
}

/** Rows of each table in a dump, by reading all of it. */
async function rowsInDump(dump) {
  const counts = {}
  let table = null
  await run(join(PG_BIN, 'pg_restore'), ['--file=-', dump], (line) => {
    const [, name] = /^COPY public\."?(\w+)"? /.exec(line) ?? []
    if (table === null && name) {
      table = name
      counts[table] = 0
    } else if (table !== null && line === '\\.') table = null
    else if (table !== null) counts[table] += 1
  })
  return counts
}

const inWords = (counts) =>
  `${counts.design ?? 0} designs with ${counts.design_revision ?? 0} revisions, ${counts.part ?? 0} parts`

function compare(found, expected, what) {
  for (const [table, count] of Object.entries(expected)) {
    if ((found[table] ?? 0) !== count) {
      throw new Refusal(
        `${what} has ${found[table] ?? 0} rows in ${table}, and ${count} were to be there.`,
      )
    }
  }
}

async function withFolder(work) {
  const folder = mkdtempSync(join(tmpdir(), 'flint-backup-'))
  try {
    return await work(folder)
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}

async function opened(file, folder) {
  try {
    await run('tar', ['-xf', file, '-C', folder, 'manifest.json', 'database.dump'])
    const manifest = JSON.parse(readFileSync(join(folder, 'manifest.json'), 'utf8'))
    if (manifest.format === FORMAT) return manifest
  } catch {
    // Said below.
  }
  throw new Refusal(`${file} is no backup of Flint Shelf.`)
}

async function check(file) {
  return withFolder(async (folder) => {
    const manifest = await opened(file, folder)
    if (manifest.version > 1 || manifest.newestMigration > newestKnown()) {
      throw new Refusal(`${file} was made by a newer Flint Shelf; restore it with that one.`)
    }
    compare(await rowsInDump(join(folder, 'database.dump')), manifest.rows, file)
    return manifest
  })
}

/** The newest migration that this Flint Shelf has. */
const newestKnown = () =>
  Math.max(...readdirSync(MIGRATIONS).map((name) => Number.parseInt(name, 10)))

async function upgrade(folder) {
  const newest = await connected(async (client) =>
    newestMigration(client, await rowsByTable(client)),
  )
  // One that was just made has nothing to lose.
  if (newest === 0 || newest >= newestKnown()) return
  const time = new Date().toISOString().slice(0, 19).replaceAll(/[T:]/g, '-')
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  await make(join(folder, `before-upgrade-${time}.tar`))
}

async function make(file) {
  await withFolder(async (folder) => {
    const manifest = await connected(async (client) => {
      // Counts and dump see the same moment, whoever saves meanwhile.
      await client.query('BEGIN ISOLATION LEVEL REPEATABLE READ')
      const { rows } = await client.query('SELECT pg_export_snapshot() AS snapshot')
      const counts = await rowsByTable(client)
      await run(join(PG_BIN, 'pg_dump'), [
        ...login,
        '--format=custom',
        `--snapshot=${rows[0].snapshot}`,
        `--exclude-table-data=public.${NOT_BACKED_UP}`,
        `--file=${join(folder, 'database.dump')}`,
        FLINT_DB_NAME,
      ])
      const { rows: server } = await client.query('SHOW server_version')
      const newest = await newestMigration(client, counts)
      await client.query('COMMIT')
      return {
        format: FORMAT,
        version: 1,
        madeAt: new Date().toISOString(),
        postgres: server[0].server_version,
        newestMigration: newest,
        rows: counts,
      }
    })
    writeFileSync(join(folder, 'manifest.json'), `${JSON.stringify(manifest, null, 2)}\n`)
    const half = `${file}.half`
    await run('tar', ['-cf', half, '-C', folder, 'manifest.json', 'database.dump'])
    chmodSync(half, 0o600)
    await check(half)
    renameSync(half, file)
    process.stdout.write(`Backed up ${inWords(manifest.rows)} into ${file}.\n`)
  })
}

async function restore(file) {
  await withFolder(async (folder) => {
    const manifest = await opened(file, folder)
    const [emptied, filled] = [join(folder, 'emptied.sql'), join(folder, 'filled.sql')]
    writeFileSync(emptied, 'DROP SCHEMA public CASCADE;\nCREATE SCHEMA public;\n')
    await run(join(PG_BIN, 'pg_restore'), [
      ...['--no-owner', '--schema=public', `--file=${filled}`, join(folder, 'database.dump')],
    ])
    // In one transaction: when anything fails, what was stored before is still there.
    await run(join(PG_BIN, 'psql'), [
      ...login,
      ...[`--dbname=${FLINT_DB_NAME}`, '--quiet', '--single-transaction', '--set=ON_ERROR_STOP=1'],
      ...[`--file=${emptied}`, `--file=${filled}`],
    ])
    compare(await connected(rowsByTable), manifest.rows, 'The restored database')
    process.stdout.write(
      `Restored ${inWords(manifest.rows)}, as they were on ${manifest.madeAt}.\n`,
    )
  })
}

function prune(folder) {
  for (const name of prunable(readdirSync(folder))) rmSync(join(folder, name))
}

const [command, path] = process.argv.slice(2)
try {
  await { make, check, restore, upgrade, prune }[command](path)
} catch (error) {
  if (!(error instanceof Refusal)) throw error
  process.stderr.write(`flint-shelf: ${error.message}\n`)
  process.exit(1)
}
