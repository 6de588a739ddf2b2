import { createHash } from 'node:crypto'
import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { recordOf } from '../fixtures/recordOf'
import { recordOfFunctions } from '../fixtures/recordOfFunctions'
import { variedDesigns } from '../fixtures/varied/variedDesigns'
import type { Design } from './editing'

// What every figure of many designs came to when somebody last looked: no source, only a memory. A change that was
// meant to change nothing changes none of it; one that was meant to shows by `npm run record` how far it reaches.
// Whether a figure is right is said by the other tests, against their sources.

const FILE = join(import.meta.dirname, '..', 'fixtures', 'recorded-figures.json')

/** Of each section of a record the beginning of the SHA-1 of its figures. */
type Digests = Record<string, string>

interface Recorded {
  functions: Digests
  designs: Record<string, { headline: unknown; sections: Digests }>
}

const digestsOf = (record: Record<string, unknown>): Digests =>
  Object.fromEntries(
    Object.entries(record).map(([section, figures]) => [section, digestOf(figures)]),
  )

function recorded(design: Design): Recorded['designs'][string] {
  const { headline, ...record } = recordOf(design)
  return { headline, sections: digestsOf(record) }
}

/** Of what is no whole number, the last digits are the machine's and not the formula's. */
const DIGITS = 9

function digestOf(figures: unknown): string {
  const text = JSON.stringify(figures, (_key, value: unknown) => {
    if (typeof value === 'number') {
      return Number.isInteger(value) ? value : Number(value.toPrecision(DIGITS))
    }
    return value instanceof Map || value instanceof Set ? [...value] : value
  })
  return createHash('sha1').update(text).digest('hex').slice(0, 8)
}

const designs = variedDesigns()

if (process.env.FLINT_RECORD) {
  const all: Recorded = {
    functions: digestsOf(recordOfFunctions()),
    designs: Object.fromEntries(designs.map(({ name, design }) => [name, recorded(design)])),
  }
  writeFileSync(FILE, `${JSON.stringify(all, null, 2)}\n`)
}

const before = JSON.parse(readFileSync(FILE, 'utf8')) as Recorded

test('single questions are answered as was recorded', () => {
  expect(digestsOf(recordOfFunctions())).toEqual(before.functions)
})

test.each(designs)('$name comes to what was recorded', ({ name, design }) => {
  expect(recorded(design)).toEqual(before.designs[name])
})

test('nothing is recorded of designs that are no longer made', () => {
  expect(Object.keys(before.designs)).toEqual(designs.map(({ name }) => name))
})
