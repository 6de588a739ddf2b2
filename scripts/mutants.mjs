// npm run mutants: makes one small change at a time in the core's numbers, sums and comparisons, and reports the
// changes that no test notices. `npm run mutants -- pool power --each 40 --seed 2`
import { spawn } from 'node:child_process'
import {
  cpSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { join, relative } from 'node:path'
import { parseArgs } from 'node:util'
import ts from 'typescript'

/** Tests that are to notice a change in a subject; all of the core's tests are asked when these do not. */
const TESTS = {
  pool: ['src/pool'],
  power: ['src/power', 'src/findings/power', 'src/limits'],
  paths: ['src/paths', 'src/findings/paths'],
  fit: ['src/fit', 'src/offers', 'src/findings/shell'],
  money: ['src/money', 'src/limits'],
  limits: ['src/limits', 'src/evaluate'],
}

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    each: { type: 'string', default: '30' },
    seed: { type: 'string', default: '1' },
    workers: { type: 'string', default: '2' },
  },
})
const subjects = positionals.length > 0 ? positionals : Object.keys(TESTS)
const ROOT = process.cwd()
const WORK = join(ROOT, '.flint', 'mutants')

/** The same changes for the same seed. */
let state = Number(values.seed)
function random() {
  state = (state * 1_103_515_245 + 12_345) % 2 ** 31
  return state / 2 ** 31
}

const SWAPPED = {
  '<': '<=',
  '<=': '<',
  '>': '>=',
  '>=': '>',
  '===': '!==',
  '!==': '===',
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
}
const OTHER_OF = { min: 'max', max: 'min', floor: 'ceil', ceil: 'floor', round: 'floor' }

/** Every change that can be made in a file: where, what is there, and what it becomes. */
function changesIn(file) {
  const text = readFileSync(join(ROOT, file), 'utf8')
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  const found = []
  const add = (node, to) =>
    found.push({ file, from: node.getStart(), end: node.getEnd(), was: node.getText(), to })
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node) || ts.isInterfaceDeclaration(node))
      return
    if (ts.isNumericLiteral(node)) {
      const value = Number(node.text.replaceAll('_', ''))
      add(node, String(Number.isInteger(value) ? value + 1 : value * 1.1))
    }
    if (ts.isBinaryExpression(node)) {
      const to = SWAPPED[node.operatorToken.getText()]
      const isText = /['"`]/.test(node.left.getText() + node.right.getText())
      if (to && !(isText && node.operatorToken.getText() === '+')) add(node.operatorToken, to)
    }
    if (ts.isPropertyAccessExpression(node) && node.expression.getText() === 'Math') {
      const to = OTHER_OF[node.name.text]
      if (to) add(node.name, to)
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

function filesOf(subject) {
  const folder = join('packages', 'core', 'src', subject)
  return readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .map((name) => join(folder, name))
}

function sample(all, most) {
  const left = [...all]
  const taken = []
  while (left.length > 0 && taken.length < most) {
    taken.push(...left.splice(Math.floor(random() * left.length), 1))
  }
  return taken
}

/** A copy of what the core's tests need. */
function copyFor(worker) {
  const folder = join(WORK, String(worker))
  rmSync(folder, { recursive: true, force: true })
  mkdirSync(folder, { recursive: true })
  for (const name of ['packages', 'demo', 'jest.config.js', 'package.json', 'tsconfig.base.json']) {
    cpSync(join(ROOT, name), join(folder, name), {
      recursive: true,
      filter: (path) => !path.includes('node_modules'),
    })
  }
  symlinkSync(join(ROOT, 'node_modules'), join(folder, 'node_modules'))
  return folder
}

function passes(folder, patterns) {
  return new Promise((resolve) => {
    const jest = spawn(
      process.execPath,
      [
        join(ROOT, 'node_modules', 'jest', 'bin', 'jest.js'),
        ...['--selectProjects', 'unit', '--silent', '--bail', '--maxWorkers', '1'],
        ...patterns.map((one) => join('packages', 'core', one)),
      ],
      {
        cwd: folder,
        stdio: 'ignore',
        env: { ...process.env, NODE_OPTIONS: '--experimental-vm-modules --no-warnings' },
      },
    )
    // A change may make a loop endless; that is noticed too.
    const late = setTimeout(() => jest.kill('SIGKILL'), 300_000)
    jest.on('close', (code) => {
      clearTimeout(late)
      resolve(code === 0)
    })
  })
}

async function survives(folder, subject, { file, from, end, to }) {
  const path = join(folder, file)
  const text = readFileSync(path, 'utf8')
  writeFileSync(path, text.slice(0, from) + to + text.slice(end))
  try {
    return (await passes(folder, TESTS[subject])) && (await passes(folder, ['src']))
  } finally {
    writeFileSync(path, text)
  }
}

const jobs = subjects.flatMap((subject) =>
  sample(filesOf(subject).flatMap(changesIn), Number(values.each)).map((change) => ({
    subject,
    change,
  })),
)
const survivors = []
let done = 0
async function work(worker) {
  const folder = copyFor(worker)
  for (let job = jobs.shift(); job; job = jobs.shift()) {
    const { subject, change } = job
    if (await survives(folder, subject, change)) {
      survivors.push(job)
      const text = readFileSync(join(ROOT, change.file), 'utf8').slice(0, change.from)
      const line = text.split('\n').length
      console.log(`${relative(ROOT, join(ROOT, change.file))}:${line} ${change.was} → ${change.to}`)
    }
    done += 1
  }
}
const total = jobs.length
const counts = new Map(
  subjects.map((subject) => [subject, jobs.filter((job) => job.subject === subject).length]),
)
await Promise.all(Array.from({ length: Number(values.workers) }, (_, worker) => work(worker)))
for (const [subject, count] of counts) {
  const alive = survivors.filter((job) => job.subject === subject).length
  console.log(`${subject}: ${alive} of ${count} survive (${Math.round((alive / count) * 100)} %)`)
}
console.log(`${done} of ${total} changes tried, seed ${values.seed}`)
rmSync(WORK, { recursive: true, force: true })
