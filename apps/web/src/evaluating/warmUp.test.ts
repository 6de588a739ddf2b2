import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { parseDesign } from '@flint/core/editing'
import { Evaluator } from '@flint/core/figures'
import { SAMPLE, warmUp } from './warmUp'

const FILE = join(import.meta.dirname, 'sampleDesign.json')
const parsed = parseDesign(JSON.parse(readFileSync('demo/designs/cabin-archive.json', 'utf8')))
if (!('design' in parsed)) throw new Error(parsed.problems[0]?.sentence)
const { design } = parsed

if (process.env.FLINT_RECORD) writeFileSync(FILE, `${JSON.stringify(design, null, 2)}\n`)

test('the sample is the design of the demo as the page would have it (npm run record)', () => {
  expect(JSON.parse(readFileSync(FILE, 'utf8'))).toEqual(JSON.parse(JSON.stringify(design)))
})

test('it is worked out whole', () => {
  const evaluator = new Evaluator()
  expect(evaluator.hasMachineOf(SAMPLE)).toBe(false)
  warmUp(evaluator)
  expect(evaluator.hasMachineOf(SAMPLE)).toBe(true)
})
