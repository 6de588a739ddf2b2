import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { parseDesign } from '@flint/core/editing'
import { Evaluator } from '@flint/core/figures'
import { jest } from '@jest/globals'
import { warmUp } from './warmUp'

const FILE = join(import.meta.dirname, 'sampleDesign.json')
const parsed = parseDesign(JSON.parse(readFileSync('demo/designs/cabin-archive.json', 'utf8')))
if (!('design' in parsed)) throw new Error(parsed.problems[0]?.sentence)
const { design } = parsed

if (process.env.FLINT_RECORD) writeFileSync(FILE, `${JSON.stringify(design, null, 2)}\n`)

test('the sample is the design of the demo as the page would have it (npm run record)', () => {
  expect(JSON.parse(readFileSync(FILE, 'utf8'))).toEqual(JSON.parse(JSON.stringify(design)))
})

test('it is worked out whole, by an evaluator that nobody else has', () => {
  const evaluated = jest.spyOn(Evaluator.prototype, 'evaluate')
  warmUp()
  expect(evaluated).toHaveBeenCalledTimes(1)
  const [result] = evaluated.mock.results
  expect(result?.type).toBe('return')
  expect(result?.value).toMatchObject({ findings: expect.any(Array) as unknown })
  evaluated.mockRestore()
})
