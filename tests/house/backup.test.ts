// What is stored goes into a file and comes back from it, row by row, on another cluster.
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { ShelfPage, StoredDesign } from '@flint/contract'
import { Client } from 'pg'
import { prunable } from '../../scripts/lib/prunable.mjs'
import { Clone, freePorts } from '../support/clone'

async function environmentOf(): Promise<Record<string, string>> {
  const [port, databasePort] = await freePorts()
  return { FLINT_PORT: port, FLINT_DB_PORT: databasePort }
}

/** The database of a clone that runs. */
async function clientOf(clone: Clone, port: string): Promise<Client> {
  const login = readFileSync(join(clone.clusterHome(), 'database.env'), 'utf8')
  const password = /FLINT_DB_PASSWORD=(.*)/.exec(login)?.[1]
  const database = { host: '127.0.0.1', port: Number(port), user: 'flint', database: 'flint' }
  const client = new Client({ ...database, password })
  await client.connect()
  return client
}

/** Waits until the figures of all designs are written, which happens beside the requests. */
async function summariesWritten(url: string): Promise<void> {
  for (;;) {
    const { rows } = (await (await fetch(url)).json()) as ShelfPage
    if (rows.every(({ isPending }) => !isPending)) return
    await new Promise((resolve) => setTimeout(resolve, 50))
  }
}

/** Every row of every table as text, but for who is signed in, while the clone runs. */
async function everyRow(clone: Clone, port: string): Promise<Record<string, string[]>> {
  const client = await clientOf(clone, port)
  const rows: Record<string, string[]> = {}
  const { rows: tables } = await client.query<{ table: string }>(
    `SELECT tablename AS table FROM pg_tables WHERE schemaname = 'public' AND tablename <> 'session'`,
  )
  for (const { table } of tables) {
    const found = await client.query<{ row: string }>(
      `SELECT t::text AS row FROM ${table} t ORDER BY t::text`,
    )
    rows[table] = found.rows.map(({ row }) => row)
  }
  await client.end()
  return rows
}

describe('backup and restore', () => {
  let [one, other]: Clone[] = []
  beforeAll(() => {
    one = new Clone()
    other = new Clone()
  })
  afterAll(async () => {
    await one?.remove()
    await other?.remove()
  })

  test('nothing stored is nothing to back up, and no file is no backup', async () => {
    if (!one) throw new Error('no clone')
    const environment = await environmentOf()
    const { status, err } = await one.runScript(['backup.sh'], environment)
    expect([status, err]).toEqual([
      1,
      'flint-shelf: Nothing is stored here yet, so there is nothing to back up.\n',
    ])
    const path = join(one.folder, 'no-backup.tar')
    writeFileSync(path, 'nothing')
    const refused = await one.runScript(['restore.sh', path], environment)
    expect([refused.status, refused.err]).toEqual([
      1,
      `flint-shelf: ${path} is no backup of Flint Shelf.\n`,
    ])
  })

  test('a backup made while it runs comes back on another cluster, every row of it', async () => {
    if (!one || !other) throw new Error('no clone')
    const [here, there] = [await environmentOf(), await environmentOf()]
    await one.start(here)
    const url = `http://127.0.0.1:${here.FLINT_PORT ?? ''}/api/designs`
    const [row] = ((await (await fetch(url)).json()) as ShelfPage).rows
    const read = (await (await fetch(`${url}/${row?.id ?? ''}`)).json()) as StoredDesign
    const { document } = read
    const headers = { 'content-type': 'application/json' }
    const body = JSON.stringify({
      document: { ...document, name: 'Nur hier 💾', notes: '\\.\n\\N' },
    })
    expect((await fetch(url, { method: 'POST', headers, body })).status).toBe(201)
    await summariesWritten(url)
    const rows = await everyRow(one, here.FLINT_DB_PORT ?? '')
    expect(rows.design).toHaveLength(4)

    const path = join(one.folder, 'taken.tar')
    const made = await one.runScript(['backup.sh', path], here)
    expect([made.status, made.err]).toEqual([0, ''])
    expect(made.out).toContain('Backed up 4 designs with 4 revisions')
    expect((statSync(path).mode & 0o777).toString(8)).toBe('600')
    const running = await one.runScript(['restore.sh', path], here)
    expect([running.status, running.err]).toEqual([
      1,
      expect.stringContaining('already runs from this folder'),
    ])
    await one.stop()

    const restored = await other.runScript(['restore.sh', path], there)
    expect([restored.status, restored.err]).toEqual([0, ''])
    expect(restored.out).toContain('Restored 4 designs with 4 revisions')
    await other.start(there)
    expect(await everyRow(other, there.FLINT_DB_PORT ?? '')).toEqual(rows)
  })

  test('the check reads all that is stored and says what is wrong with it, and changes nothing', async () => {
    if (!other) throw new Error('no clone')
    await other.stop()
    const environment = await environmentOf()
    await other.start(environment)
    const sound = await other.runScript(['check.sh'], environment)
    expect([sound.status, sound.err]).toEqual([0, ''])
    expect(sound.out).toMatch(
      /^Read 4 designs with 4 revisions and 0 versions set aside, and \d+ parts; nothing is wrong\.$/m,
    )
    const client = await clientOf(other, environment.FLINT_DB_PORT ?? '')
    const { rows } = await client.query<{ id: string }>('SELECT id FROM design ORDER BY created_at')
    const [first, second, third] = rows.map(({ id }) => id)
    const change = (sql: string) => client.query(sql)
    await change(
      `UPDATE design_revision SET document = document || '{"version": 99}', checked_by = NULL WHERE design_id = '${first}'`,
    )
    await change(`UPDATE design SET revision = 7 WHERE id = '${second}'`)
    await change(
      `UPDATE design_revision SET design_id = gen_random_uuid() WHERE design_id = '${third}'`,
    )
    await change(`UPDATE part SET sheet = sheet || '{"kind": "engine"}' WHERE slug = 'brisk-120'`)
    const wrong = await other.runScript(['check.sh'], environment)
    expect(wrong.status).toBe(1)
    for (const words of [
      `design ${first}, revision 1: It was made by a newer Flint Shelf`,
      `design ${second}: Its newest revision is not there.`,
      `design ${third}: Its newest revision is not there.`,
      'There are revisions of it, but no design.',
      'part brisk-120: kind cannot be read.',
      '5 of these cannot be used as they are',
    ]) {
      expect(wrong.out).toContain(words)
    }
    await change(`UPDATE design SET revision = 1 WHERE id = '${second}'`)
    await change(`DELETE FROM design WHERE id = '${third}'`)
    await client.end()
  })

  test('a database of an older Flint Shelf is backed up before it is changed', async () => {
    if (!other) throw new Error('no clone')
    await other.stop()
    const environment = await environmentOf()
    await other.start(environment)
    const client = await clientOf(other, environment.FLINT_DB_PORT ?? '')
    await client.query(
      'DROP TRIGGER part_changed ON part; DROP FUNCTION stamp_catalogue; DROP TABLE catalogue_state, temperature, collected, event, price, price_target, reading, design_link, design_access, change_entry, session, api_token, account',
    )
    await client.query('ALTER TABLE design DROP COLUMN owner_id')
    await client.query(
      `UPDATE part SET sheet = sheet || jsonb_build_object('price', price), origin = 'own' WHERE slug = 'brisk-120'`,
    )
    await client.query('ALTER TABLE part DROP COLUMN price')
    await client.query(
      'ALTER TABLE design_revision DROP COLUMN what, DROP COLUMN figures, DROP COLUMN checked_by',
    )
    await client.query('ALTER TABLE design_summary DROP COLUMN searched')
    await client.query(
      `DELETE FROM migrations WHERE name LIKE 'People%' OR name LIKE 'Revision%' OR name LIKE 'Readings%' OR name LIKE 'Price%' OR name LIKE 'Collected%' OR name LIKE 'Temperatures%' OR name LIKE 'ReadOnce%'`,
    )
    await client.end()
    await other.stop()
    const kept = () =>
      readdirSync(join(other?.folder ?? '', '.flint', 'backups')).filter((name) =>
        name.startsWith('before-upgrade-'),
      )
    expect(kept()).toEqual([])
    await other.start(environment)
    expect(kept()).toHaveLength(1)
    const after = await clientOf(other, environment.FLINT_DB_PORT ?? '')
    const { rows } = await after.query(
      `SELECT price ->> 'currency' AS currency, sheet ? 'price' AS old FROM part WHERE slug = 'brisk-120'`,
    )
    await after.end()
    expect(rows).toEqual([{ currency: 'EUR', old: false }])
    await other.stop()
    // Now it is as new as the application, and nothing is to be feared.
    await other.start(environment)
    expect(kept()).toHaveLength(1)
  })

  test('what is stored now is backed up before it is replaced', async () => {
    if (!one || !other) throw new Error('no clone')
    await other.stop()
    const environment = await environmentOf()
    const path = join(one.folder, 'taken.tar')
    expect((await other.runScript(['restore.sh', path], environment)).status).toBe(0)
    const kept = readdirSync(join(other.folder, '.flint', 'backups'))
      .filter((name) => name.startsWith('before-restore-'))
      .sort()
    // The first restore found an empty database.
    expect(kept).toHaveLength(2)
    const back = await other.runScript(
      ['restore.sh', join(other.folder, '.flint', 'backups', kept[1] ?? '')],
      environment,
    )
    expect(back.out).toContain('Restored 3 designs with 4 revisions')
  })
})

describe('a folder for backups', () => {
  let clone: Clone | undefined
  afterAll(() => clone?.remove())

  test('the start command puts one there; forgetting leaves it', async () => {
    clone = new Clone()
    const folder = join(clone.folder, 'kept')
    const environment = { ...(await environmentOf()), FLINT_BACKUPS: folder }
    await clone.start(environment)
    await clone.says('Backed up 3 designs')
    const [name = ''] = readdirSync(folder)
    expect(name).toMatch(/^flint-shelf-.*\.tar$/)
    const running = await clone.runScript(['forget.sh', '--yes'], {})
    expect(running.err).toContain('already runs from this folder')
    await clone.stop()

    const asked = await clone.runScript(['forget.sh'], {})
    expect([asked.status, asked.err]).toEqual([1, expect.stringContaining('deletes everything')])
    const home = clone.clusterHome()
    expect(existsSync(home)).toBe(true)
    const forgotten = await clone.runScript(['forget.sh', '--yes'], {})
    expect([forgotten.status, forgotten.err]).toEqual([0, ''])
    expect(existsSync(home)).toBe(false)
    expect(readdirSync(folder)).toEqual([name])
  })
})

test('of daily backups the last seven days and four weeks are kept', () => {
  // 2026-11-02 is a Monday; one at noon and one at night of each day.
  const names = Array.from({ length: 26 }, (_, at) => String(at + 1).padStart(2, '0')).flatMap(
    (day) => [`flint-shelf-2026-11-${day}-120000.tar`, `flint-shelf-2026-11-${day}-230000.tar`],
  )
  const gone = new Set(prunable([...names, 'before-restore-2026-11-01-120000.tar', 'mine.tar']))
  const left = names.filter((name) => !gone.has(name)).map((name) => name.slice(20, 29))
  // Days 20 to 26; of the weeks of the 23rd, 16th, 9th and 2nd the newest.
  expect(left).toEqual(
    ['08', '15', '20', '21', '22', '23', '24', '25', '26'].map((day) => `${day}-230000`),
  )
  expect([...gone].every((name) => name.startsWith('flint-shelf-'))).toBe(true)
})
