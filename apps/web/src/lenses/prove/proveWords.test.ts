import { demoDesign } from '../../../../../packages/core/fixtures/demo'
import { nextSwap, resolveMachine, suspectsOf, traceFault } from '@flint/core/figures'
import { bayRangeOf } from './bayRangeOf'
import { chanceWords, differenceWords, reasonWords, swapWords } from './proveWords'

const machine = resolveMachine(demoDesign('cabin-archive'))

test('what is wrong with a drive, in its own unit', () => {
  expect(reasonWords({ reason: 'sectors waiting', value: 16 })).toBe(
    'sectors that wait to be replaced: 16',
  )
  expect(reasonWords({ reason: 'life used up', value: 1.02 })).toBe('its life is used up: 102 %')
  expect(reasonWords({ reason: 'says it fails', value: null })).toBe(
    'it says of itself that it fails',
  )
  expect(differenceWords({ what: 'slow link', bits: 1.5e9, mostBits: 6e9 })).toBe(
    'linked at 1.5 of 6 Gb/s',
  )
  expect(differenceWords({ what: 'size', plannedBytes: 8e12, seenBytes: 4e12 })).toBe(
    '4 TB instead of 8 TB',
  )
  expect(differenceWords({ what: 'old signature', signatures: ['ntfs'] })).toContain('ntfs')
})

test('a chance is never certain', () => {
  expect([0.9999, 0.995, 0.42, 0.004].map(chanceWords)).toEqual([
    'over 99 %',
    'over 99 %',
    '42 %',
    'under 1 %',
  ])
})

test('the next swap names what is changed, and how much that decides', () => {
  const suspects = suspectsOf(machine)
  const cable = suspects.find(({ kind }) => kind === 'cable')
  const errors = (cable?.driveIds ?? []).map((driveId) => ({
    driveId,
    kind: 'interface' as const,
    count: 40,
  }))
  const swap = nextSwap(traceFault(suspects, { errors, cleanIds: [], trials: [] }))
  if (!swap) throw new Error('nothing to swap')
  expect(swapWords(swap)).toMatch(
    /^Put another one in the place of the cable from .*: that decides about \d of \d likely suspects\.$/,
  )
})

test('bays as a row, one by one, or none', () => {
  const ids = [...machine.driveIn.values()]
  expect(bayRangeOf(machine, ids.slice(0, 4))).toBe('bays 1 to 4')
  expect(bayRangeOf(machine, ids.slice(2, 3))).toBe('bay 3')
  expect(bayRangeOf(machine, [ids[0] ?? '', ids[2] ?? ''])).toBe('bays 1, 3')
  expect(bayRangeOf(machine, ['none'])).toBe('no bay')
})
