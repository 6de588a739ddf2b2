import { demoDesign } from '../../../../../packages/core/fixtures/demo'
import { nextSwap, resolveMachine, suspectsOf, traceFault } from '@flint/core/figures'
import { bayRangeOf } from './bayRangeOf'
import {
  burnInWords,
  chanceWords,
  differenceWords,
  insteadWords,
  reasonWords,
  severalWords,
  swapWords,
} from './proveWords'
import { sharedSuspects } from './sharedSuspects'

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

test('how a burn-in goes, and by what that is known', () => {
  const endsAt = '2026-11-28T03:44:00Z'
  const progress = { driveId: 'a', doneShare: 0.5, endsAt }
  expect(burnInWords({ ...progress, state: 'running', by: 'drive' })).toMatch(
    /^to end Nov 28.*, as it says itself$/,
  )
  expect(burnInWords({ ...progress, state: 'overdue', by: 'clock' })).toContain(
    'takes longer than its rate says, by the clock alone',
  )
  expect(burnInWords({ ...progress, state: 'ended', by: 'hand' })).toMatch(/^ended Nov 28/)
})

test('what another part changes, and that something is not known', () => {
  const one = { pieceId: 'a', plannedName: 'A', fittedName: 'B', on: null, note: '' }
  const priceMinor = { currency: 'EUR', minor: -2_000 }
  expect(insteadWords({ ...one, bytes: 2e12, idleWatts: -1.2, priceMinor })).toBe(
    '2 TB more, 1.2 W less idle, €20.00 less',
  )
  expect(insteadWords({ ...one, bytes: null, idleWatts: 0, priceMinor: null })).toBe(
    'nothing that is known',
  )
  expect(insteadWords({ ...one, bytes: null, idleWatts: null, priceMinor: null })).toBe(
    'idle watts not known',
  )
})

test('what several drives share is drawn through their bays; a drive alone, or one unlikely, is not', () => {
  const suspects = suspectsOf(machine)
  const cable = suspects.find(({ kind }) => kind === 'cable')
  const drive = suspects.find(({ kind }) => kind === 'drive')
  if (!cable || !drive) throw new Error('no suspects')
  const ranked = [
    { suspects: [drive], probability: 0.9 },
    { suspects: [cable], probability: 0.8 },
    { suspects: suspects.filter(({ kind }) => kind === 'controller'), probability: 0.01 },
  ]
  const [run, ...others] = sharedSuspects(ranked, machine)
  expect(others).toEqual([])
  expect(run).toMatchObject({ id: cable.id, name: cable.name })
  expect(run?.bayIds.map((bay) => machine.driveIn.get(bay))).toEqual(cable.driveIds)
})

test('of several that are as good as certain, what most drives hang on is mended first', () => {
  const suspects = suspectsOf(machine)
  const of = (kind: string) => suspects.filter((one) => one.kind === kind).slice(0, 1)
  const [drive, card] = [of('drive'), of('controller')].map((some) => ({
    suspects: some,
    probability: 0.99,
  }))
  if (!drive || !card) throw new Error('no suspects')
  expect(severalWords([drive, card])).toBe(
    'Put another one in the place of Lockrow Sixteen, which more drives hang on, let it run and ask the machine again; Quillon Keep 12 should then be left.',
  )
  expect(severalWords([card])).toBeNull()
  expect(severalWords([])).toBeNull()
})
