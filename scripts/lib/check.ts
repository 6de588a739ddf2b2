// Reads all that is stored, a few rows at a time, and prints what is wrong: one line each, and a sum at the end.
import { parseDesign, partSheet, withFieldsToday } from '@flint/core/editing'
import pg from 'pg'

/** Rows that are in memory at once; a document has up to 2 MB. */
const ROWS_AT_ONCE = 50

const { FLINT_DB_PORT, FLINT_DB_USER, FLINT_DB_PASSWORD, FLINT_DB_NAME } = process.env
const client = new pg.Client({
  host: '127.0.0.1',
  port: Number(FLINT_DB_PORT),
  user: FLINT_DB_USER,
  password: FLINT_DB_PASSWORD,
  database: FLINT_DB_NAME,
})

let wrong = 0
function say(where: string, what: string): void {
  wrong += 1
  process.stdout.write(`${where}: ${what}\n`)
}

/** Calls back for every row of a query, whose memory stays small. */
async function eachRow(sql: string, look: (row: never) => void): Promise<number> {
  let count = 0
  await client.query(`DECLARE walk NO SCROLL CURSOR FOR ${sql}`)
  for (;;) {
    const { rows } = await client.query(`FETCH ${ROWS_AT_ONCE} FROM walk`)
    if (rows.length === 0) break
    for (const row of rows) look(row as never)
    count += rows.length
  }
  await client.query('CLOSE walk')
  return count
}

interface Version {
  id: string
  version: string
  document: unknown
}

function lookAtDocument({ id, version, document }: Version): void {
  const parsed = parseDesign(document)
  if ('design' in parsed) return
  const [problem] = parsed.problems
  say(`design ${id}, ${version}`, problem?.sentence ?? 'It cannot be read.')
}

await client.connect()
await client.query('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY')
const revisions = await eachRow(
  `SELECT design_id AS id, 'revision ' || revision AS version, document FROM design_revision`,
  lookAtDocument,
)
const aside = await eachRow(
  `SELECT design_id AS id, 'set aside ' || id AS version, document FROM design_set_aside`,
  lookAtDocument,
)
const parts = await eachRow(
  'SELECT slug, sheet FROM part',
  ({ slug, sheet }: { slug: string; sheet: object }) => {
    const read = partSheet.safeParse(withFieldsToday(sheet))
    const [issue] = read.error?.issues ?? []
    if (issue) say(`part ${slug}`, `${issue.path.join('.') || 'its sheet'} cannot be read.`)
  },
)
const designs = await eachRow(
  `SELECT design.id, newest.revision IS NOT NULL AS has FROM design
   LEFT JOIN design_revision newest
     ON newest.design_id = design.id AND newest.revision = design.revision`,
  ({ id, has }: { id: string; has: boolean }) => {
    if (!has) say(`design ${id}`, 'Its newest revision is not there.')
  },
)
await eachRow(
  `SELECT DISTINCT design_id AS id FROM design_revision
   WHERE NOT EXISTS (SELECT FROM design WHERE design.id = design_id)`,
  ({ id }: { id: string }) => {
    say(`design ${id}`, 'There are revisions of it, but no design.')
  },
)
await client.query('ROLLBACK')
await client.end()
const read = `Read ${designs} designs with ${revisions} revisions and ${aside} versions set aside, and ${parts} parts`
process.stdout.write(
  wrong === 0
    ? `${read}; nothing is wrong.\n`
    : `${read}; ${wrong} of these cannot be used as they are; they are left alone.\n`,
)
process.exitCode = wrong === 0 ? 0 : 1
