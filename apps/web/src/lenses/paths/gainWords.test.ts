import type { Gain } from '@flint/core/figures'
import { DATA_CABLES, gainWords, POWER_LEADS } from './gainWords'

const could = (gain: Gain, attached = DATA_CABLES): string =>
  gainWords(gain, attached).replace(/^.*another one could /, '')

test('what another wiring could gain at most', () => {
  expect(gainWords(null, DATA_CABLES)).toBe('')
  expect(could({ criterion: 'left', by: 0.5 })).toBe('leave up to 1 drive fewer without a port.')
  expect(could({ criterion: 'shared', by: 2 })).toBe(
    'have up to 2 controllers fewer whose loss alone stops a pool.',
  )
  expect(could({ criterion: 'cost', by: 3 }, POWER_LEADS)).toBe('need fewer adapters.')
  expect(could({ criterion: { short: 0 }, by: 9 }, POWER_LEADS)).toBe('load each lead more evenly.')
})
