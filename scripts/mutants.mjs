// npm run mutants: makes one small change at a time in the core's numbers, sums and comparisons, and reports the
// changes that no test of the core notices.
//   npm run mutants -- pool power --each 40 --seed 2
//   npm run mutants -- --at power/idlePower.ts:106 --at paths/linkRates.ts
import { spawn } from 'node:child_process'
import {
  cpSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { parseArgs } from 'node:util'
import { changesIn, withChanges } from './mutants/changes.mjs'

const SUBJECTS = ['pool', 'power', 'paths', 'fit', 'money', 'limits']

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    each: { type: 'string', default: '30' },
    seed: { type: 'string', default: '1' },
    workers: { type: 'string', default: '2' },
    at: { type: 'string', multiple: true },
  },
})
const ROOT = process.cwd()
const CORE = join('packages', 'core', 'src')
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
function copyFor(worker, changes) {
  const folder = join(WORK, String(worker))
  mkdirSync(folder, { recursive: true })
  for (const name of [
    'packages',
    'demo',
    'docs',
    'jest.config.js',
    'package.json',
    'tsconfig.base.json',
  ]) {
    cpSync(join(ROOT, name), join(folder, name), {
      recursive: true,
      filter: (path) => !path.includes('node_modules'),
    })
  }
  symlinkSync(join(ROOT, 'node_modules'), join(folder, 'node_modules'))
  for (const file of new Set(changes.map((change) => change.file))) {
    const numbers = new Map(
      changes.flatMap((one) => (one.file === file ? [[one.place, one.number]] : [])),
    )
    const text = readFileSync(join(ROOT, file), 'utf8')
    writeFileSync(join(folder, file), withChanges(file, text, numbers))
  }
  const setup = JSON.stringify(join(ROOT, 'scripts', 'mutants', 'reached.mjs'))
  writeFileSync(
    join(folder, 'mutants.config.js'),
    `import base from './jest.config.js'\n` +
      `const unit = base.projects.find(({ displayName }) => displayName === 'unit')\n` +
      `export default { ...unit, testTimeout: 120_000, setupFilesAfterEnv: [${setup}] }\n`,
  )
  return folder
}

/** Whether the tests pass; a change that makes a loop endless is noticed too. */
function passes(folder, tests, { env = {}, workers = 1, seconds = 300 } = {}) {
  return new Promise((resolve) => {
    const jest = spawn(
      process.execPath,
      [
        join(ROOT, 'node_modules', 'jest', 'bin', 'jest.js'),
        ...['--config', 'mutants.config.js', '--silent', '--bail'],
        ...['--maxWorkers', String(workers), ...tests],
      ],
      {
        cwd: folder,
        stdio: 'ignore',
        env: {
          ...process.env,
          NODE_OPTIONS: '--experimental-vm-modules --no-warnings',
          ...env,
        },
      },
    )
    const late = setTimeout(() => jest.kill('SIGKILL'), seconds * 1_000)
    jest.on('close', (code) => {
      clearTimeout(late)
      resolve(code === 0)
    })
  })
}

/** For each change the files of tests that come to it, by running them all with no change made. */
async function testsOf(folder) {
  const notes = join(WORK, 'reached.jsonl')
  const env = { FLINT_REACHED: notes }
  if (!(await passes(folder, [CORE], { env, workers: WORKERS, seconds: 1_800 }))) {
    throw new Error('The tests of the core fail without any change.')
  }
  const found = new Map()
  for (const line of existsSync(notes) ? readFileSync(notes, 'utf8').trim().split('\n') : []) {
    const { testPath, reached } = JSON.parse(line)
    for (const number of reached) {
      found.set(number, [...(found.get(number) ?? []), relative(folder, testPath)])
    }
  }
  return found
}

/** Whether no test notices a change: those of its own folder are asked first, then all that come to it. */
async function survives(folder, { file, number }, tests) {
  const env = { FLINT_MUTANT: String(number) }
  const isNear = (test) => dirname(file).startsWith(dirname(test)) || test.startsWith(dirname(file))
  for (const some of [tests.filter(isNear), tests.filter((test) => !isNear(test))]) {
    if (some.length > 0 && !(await passes(folder, ['--runTestsByPath', ...some], { env }))) {
      return false
    }
  }
  return true
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
const folders = Array.from({ length: WORKERS }, (_, worker) => copyFor(worker, changes))
const tests = await testsOf(folders[0])
const jobs = [...changes]
const tried = []
const survivors = []
// One that is stopped early says what it came to.
process.once('SIGTERM', () => {
  report()
  process.exit(1)
})
await Promise.all(
  folders.map(async (folder) => {
    for (let job = jobs.shift(); job; job = jobs.shift()) {
      const isAlive = await survives(folder, job, tests.get(job.number) ?? [])
      tried.push(job)
      if (!isAlive) continue
      survivors.push(job)
      console.log(`${job.file}:${job.line} ${job.was} → ${job.to}`)
    }
  }),
)
report()
rmSync(WORK, { recursive: true, force: true })
