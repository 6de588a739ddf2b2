import { demoDesign, demoPart } from '../../fixtures/demo'
import { changeBrief, notePieces } from './edits/changeFields'
import { keepMembers } from './edits/pinPaths'
import { moveDrive } from './edits/moveDrive'
import { putDrivesInBays } from './edits/putDrivesInBays'
import { keptByParts } from './keptByParts'

const cabin = demoDesign('cabin-archive')

function counted() {
  let times = 0
  const ask = keptByParts(() => (times += 1))
  return { ask, times: () => times }
}

test.each([
  ['a brief', changeBrief(cabin, { readersAtOnce: 9 })],
  ['an age', notePieces(cabin, ['drive-1'], { ageYears: 3 })],
  ['a name', { ...cabin, name: 'other' }],
])('%s changes nothing that depends on the parts', (_what, changed) => {
  const { ask, times } = counted()
  expect(ask(changed)).toBe(ask(cabin))
  expect(times()).toBe(1)
})

test.each([
  ['a drive in another bay', moveDrive(cabin, 'drive-1', null)],
  ['another drive', putDrivesInBays(cabin, demoPart('quillon-keep-16'), ['bay-1'])],
  ['how members are wired', keepMembers(cabin, 'together')],
  ['another layout', { ...cabin, pools: [] }],
])('%s is worked out anew', (_what, changed) => {
  const { ask, times } = counted()
  ask(cabin)
  ask(changed)
  expect(times()).toBe(2)
  // A document that was asked before keeps its answer, whatever came between.
  expect(ask(cabin)).toBe(1)
})
