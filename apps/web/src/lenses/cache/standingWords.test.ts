import type { PoolStanding, PoolWish } from '@flint/core/figures'
import { failuresWords, outageWords, placedWords, readersWords, rolesWords } from './standingWords'

const wish = (
  likely: number,
  bound: PoolWish['bound'],
  status: PoolWish['status'],
  unit: PoolWish['has']['unit'] = 'h',
): PoolWish => ({
  has: { low: likely, likely, high: likely, unit, missing: [] },
  bound,
  status,
})
const bare: PoolStanding = {
  poolId: 'pool-1',
  roles: ['bulk', 'guests'],
  kinds: ['media', 'machine images'],
  space: null,
  failures: null,
  outage: null,
  readers: null,
}

test('a wish that the brief does not have, or that is not missed, needs no mark', () => {
  expect([failuresWords(bare), outageWords(bare), readersWords(bare)]).toEqual(['–', '–', '–'])
  expect([rolesWords(bare), placedWords(bare)]).toEqual(['bulk, guests', 'nothing'])
  expect(failuresWords({ ...bare, failures: wish(2, { least: 2 }, 'kept') })).toBe('any 2')
  expect(outageWords({ ...bare, outage: wish(0, { most: 8 }, 'kept') })).toBe('runs on')
})

test('what is missed has its mark, and never reads as its bound', () => {
  expect(failuresWords({ ...bare, failures: wish(0, { least: 1 }, 'missed') })).toBe('△ none')
  expect(outageWords({ ...bare, outage: wish(8.02, { most: 8 }, 'missed') })).toBe('△ 8.02 h away')
  const readers = wish(99.6e6, { least: 100e6 }, 'missed', 'B/s')
  expect(readersWords({ ...bare, readers })).toBe('△ 99.6 MB/s')
  const space = wish(2 ** 40, { least: 2 ** 41 }, 'missed', 'B')
  expect(placedWords({ ...bare, space })).toBe('△ 2 TiB')
})

test('what is not known is not said to be nothing', () => {
  const outage = wish(0, { most: 8 }, 'not known')
  const missing = [{ pieceId: null, field: 'data' }]
  expect(outageWords({ ...bare, outage: { ...outage, has: { ...outage.has, missing } } })).toBe(
    '? not known',
  )
})
