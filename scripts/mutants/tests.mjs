// A process that reads tests of the core, in a copy in which every change lies ready, and says of one change after the
// other whether a test notices it. The core keeps nothing between calls, so a test can be run again and again; what a
// file works out while it is read is not worked out again, so a change that is come to by then is tried by a process
// of its own, in which it is made from the beginning (FLINT_MUTANT).
import { performance } from 'node:perf_hooks'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { expect } from 'expect'
import { bind } from 'jest-each'

const { FLINT_MUTANT } = process.env
let made = FLINT_MUTANT === undefined ? null : Number(FLINT_MUTANT)
let reached = new Set()
const note = (number) => {
  reached.add(number)
  return number === made
}
// Noting what is come to takes as long as all the rest, so it is done only while that is learned.
globalThis.__mutant = (number) => number === made

/** The tests of each file that was read. */
const testsOf = new Map()
let reading = []
const names = []
globalThis.expect = expect
globalThis.describe = (name, body) => {
  names.push(name)
  body()
  names.pop()
}
globalThis.describe.each = bind(globalThis.describe, false)
globalThis.test = (name, run) => {
  reading.push({ name: [...names, name].join(' › '), run })
}
globalThis.test.each = bind(globalThis.test, false)

const read = (file) => import(pathToFileURL(join(process.cwd(), file)).href)

async function testsIn(file) {
  const known = testsOf.get(file)
  if (known) return known
  reading = []
  await read(file)
  testsOf.set(file, reading)
  return reading
}

async function fails({ run }) {
  try {
    await run()
    return false
  } catch {
    return true
  }
}

function takeReached() {
  const taken = [...reached]
  reached = new Set()
  return taken
}

/** Which changes are come to by whom with none of them made, and how long each test takes. */
async function learn({ sources, files }) {
  globalThis.__mutant = note
  for (const source of sources) await read(source)
  const early = takeReached()
  const failed = []
  const learned = []
  for (const file of files) {
    const tests = await testsIn(file)
    const whileRead = takeReached()
    for (const [index, test] of tests.entries()) {
      const before = performance.now()
      if (await fails(test)) failed.push(`${file}: ${test.name}`)
      const milliseconds = performance.now() - before
      learned.push({ file, index, milliseconds, whileRead, reached: takeReached() })
    }
  }
  globalThis.__mutant = (number) => number === made
  return { early, failed, tests: learned }
}

/** The place in the order of the first test that notices the change; -1 for none. */
async function noticedBy({ number, order }) {
  made = number
  for (const [place, { file, index }] of order.entries()) {
    process.send({ at: place })
    const tests = await testsIn(file).catch(() => null)
    if (!tests?.[index] || (await fails(tests[index]))) return place
  }
  return -1
}

process.on('message', async (question) => {
  process.send(
    question.order ? { place: await noticedBy(question) } : { learned: await learn(question) },
  )
})
