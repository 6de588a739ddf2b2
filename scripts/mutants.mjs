// npm run mutants: makes one small change at a time in the core's numbers, sums and comparisons, and reports the
// changes that no test of the core notices.
//   npm run mutants -- pool power --each 40 --seed 2
//   npm run mutants -- --at power/idlePower.ts:106 --at paths/linkRates.ts
//   npm run mutants -- --each 1000 --seconds 5
// Seconds are how long the tests that are tried for one change may take together; most changes are noticed within a
// tenth of one. Without a bound some hundreds of changes take a quarter of an hour.
import {
  cpSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { dirname, join } from 'node:path'
import { parseArgs } from 'node:util'
import { changesIn, withChanges } from './mutants/changes.mjs'
import { Judge } from './mutants/judge.mjs'

const SUBJECTS = ['pool', 'power', 'paths', 'fit', 'money', 'limits']

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    each: { type: 'string', default: '30' },
    seed: { type: 'string', default: '1' },
    workers: { type: 'string', default: '2' },
    seconds: { type: 'string', default: 'Infinity' },
    at: { type: 'string', multiple: true },
  },
})
const ROOT = process.cwd()
const CORE = join('packages', 'core', 'src')
/** Runs the examples of doc comments, those of the page's plain functions too. */
const EXAMPLES = join('tests', 'rules', 'examples.test.ts')
const WEB = join('apps', 'web', 'src')
const WORK = join(ROOT, '.flint', 'mutants')
const WORKERS = Number(values.workers)

/** The same changes for the same seed. */
let state = Number(values.seed)
function random() {
  state = (state * 1_103_515_245 + 12_345) % 2 ** 31
  return state / 2 ** 31
}

const changesOf = (file) => changesIn(file, readFileSync(join(ROOT, file), 'utf8'))

function filesOf(subject) {
  return readdirSync(join(ROOT, CORE, subject), { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .map((name) => join(CORE, subject, name))
}

function sample(all, most) {
  const left = [...all]
  const taken = []
  while (left.length > 0 && taken.length < most) {
    taken.push(...left.splice(Math.floor(random() * left.length), 1))
  }
  return taken
}

/** The changes to try, each with its number and the subject it counts for. */
function chosen() {
  const wanted = values.at
    ? values.at.flatMap((at) => {
        const [path, line] = at.split(':')
        return changesOf(join(CORE, path))
          .filter((change) => line === undefined || change.line === Number(line))
          .map((change) => ({ subject: 'asked for', ...change }))
      })
    : (positionals.length > 0 ? positionals : SUBJECTS).flatMap((subject) =>
        sample(filesOf(subject).flatMap(changesOf), Number(values.each)).map((change) => ({
          subject,
          ...change,
        })),
      )
  return wanted.map((change, number) => ({ ...change, number }))
}

/** A copy of what the core's tests need, with all the changes lying ready. */
function makeCopy() {
  mkdirSync(WORK, { recursive: true })
  for (const name of [
    'packages',
    'demo',
    'docs',
    'package.json',
    'tsconfig.base.json',
    EXAMPLES,
    WEB,
  ]) {
    cpSync(join(ROOT, name), join(WORK, name), {
      recursive: true,
      filter: (path) => !path.includes('node_modules'),
    })
  }
  symlinkSync(join(ROOT, 'node_modules'), join(WORK, 'node_modules'))
  for (const file of new Set(changes.map((change) => change.file))) {
    const numbers = new Map(
      changes.flatMap((one) => (one.file === file ? [[one.place, one.number]] : [])),
    )
    const text = readFileSync(join(ROOT, file), 'utf8')
    writeFileSync(join(WORK, file), withChanges(file, text, numbers))
  }
}

function filesUnder(folder) {
  return readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts'))
    .map((name) => join(folder, name))
}

/** Holds every figure, so it is asked early. */
const RECORD = join(CORE, 'recordedFigures.test.ts')

/** Tests in the order to try: of the change's own folder and the record first, then those that notice most for their time. */
function inOrder(some, { file }) {
  const isNear = (test) => dirname(file).startsWith(dirname(test.file)) || test.file === RECORD
  const worth = ({ noticed, milliseconds }) => (noticed + 0.1) / (milliseconds + 1)
  return some.sort((one, other) => isNear(other) - isNear(one) || worth(other) - worth(one))
}

/** As many of the first as the seconds for one change allow. */
function withinSeconds(order) {
  let left = Number(values.seconds) * 1_000
  return order.filter(({ milliseconds }) => (left -= milliseconds) >= 0)
}

async function isNoticedBy(judge, job, some) {
  const order = withinSeconds(inOrder(some, job))
  const place = await judge.noticedBy(
    job.number,
    order.map(({ file, index }) => ({ file, index })),
  )
  if (place >= 0) order[place].noticed += 1
  return place >= 0
}

/** What was worked out while files were read is changed only by who reads them with the change. */
async function isNoticedAnew(job, some) {
  if (some.length === 0) return false
  const judge = new Judge(WORK, job.number)
  const isNoticed = await isNoticedBy(judge, job, some)
  judge.end()
  return isNoticed
}

async function survives(judge, job) {
  if (early.has(job.number)) return !(await isNoticedAnew(job, tests))
  const isComeToBy = (test) => test.reached.has(job.number)
  return (
    !(await isNoticedBy(judge, job, tests.filter(isComeToBy))) &&
    !(await isNoticedAnew(
      job,
      tests.filter(({ whileRead }) => whileRead.has(job.number)),
    ))
  )
}

function report() {
  for (const subject of new Set(tried.map((change) => change.subject))) {
    const count = tried.filter((change) => change.subject === subject).length
    const alive = survivors.filter((job) => job.subject === subject).length
    console.log(`${subject}: ${alive} of ${count} survive (${Math.round((alive / count) * 100)} %)`)
  }
  console.log(`${tried.length} of ${changes.length} changes tried, seed ${values.seed}`)
}

rmSync(WORK, { recursive: true, force: true })
const changes = chosen()
makeCopy()
const isTest = (file) => file.endsWith('.test.ts')
const fixtures = filesUnder(join('packages', 'core', 'fixtures'))
const judges = Array.from({ length: WORKERS }, () => new Judge(WORK))
const learned = await judges[0].learn({
  sources: [...filesUnder(CORE).filter((file) => !isTest(file)), ...fixtures],
  files: [...filesUnder(CORE).filter(isTest), EXAMPLES],
})
if (learned.failed.length > 0) {
  throw new Error(`Without any change these tests fail: ${learned.failed.join('; ')}`)
}
const early = new Set(learned.early)
const tests = learned.tests.map((test) => ({
  ...test,
  noticed: 0,
  reached: new Set(test.reached),
  whileRead: new Set(test.whileRead),
}))
const jobs = [...changes]
const tried = []
const survivors = []
// One that is stopped early says what it came to.
process.once('SIGTERM', () => {
  report()
  process.exit(1)
})
await Promise.all(
  judges.map(async (judge) => {
    for (let job = jobs.shift(); job; job = jobs.shift()) {
      const isAlive = await survives(judge, job)
      tried.push(job)
      if (tried.length % 50 === 0) console.error(`${tried.length} of ${changes.length} tried`)
      if (!isAlive) continue
      survivors.push(job)
      console.log(`${job.file}:${job.line} ${job.was} → ${job.to}`)
    }
    judge.end()
  }),
)
report()
rmSync(WORK, { recursive: true, force: true })
