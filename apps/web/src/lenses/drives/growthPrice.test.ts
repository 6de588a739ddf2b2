import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { parseDesign } from '@flint/core/editing'
import { growthPrice } from './growthPrice'

const DEMO = join(import.meta.dirname, '..', '..', '..', '..', '..', 'demo', 'designs')
const parsed = parseDesign(JSON.parse(readFileSync(join(DEMO, 'warm-room-shelf.json'), 'utf8')))
if (!('design' in parsed)) throw new Error('the demo cannot be read')
const { design: shelf } = parsed
const drives = ['drive-1', 'drive-2', 'drive-3', 'drive-4']

test('the next step of growth costs its drives and one parcel', () => {
  // 2 × 165 + 5.90.
  expect(growthPrice(shelf, drives, 2)).toBe(33_590)
  expect(growthPrice(shelf, drives, 0)).toBe(0)
})

test('what has no price, or no drive, costs what nobody knows', () => {
  expect(growthPrice(shelf, [], 2)).toBeNull()
  const dear = { ...shelf, brief: { ...shelf.brief, currency: 'NOK' } }
  expect(growthPrice(dear, drives, 1)).toBeNull()
})
