import { demoDesign } from '../../fixtures/demo'
import { withPart } from '../../fixtures/ruleTable'
import { changeBrief } from '../design/edits/changeFields'
import type { Design } from '../design/design'
import { resolveMachine } from '../machine/resolveMachine'
import { readerCounts } from './readerCounts'

const cabin = withPart(
  changeBrief(demoDesign('cabin-archive'), { readers: [], readersAtOnce: 3 }),
  'wickmere-ten',
)
const countsOf = (design: Design) => readerCounts(design, resolveMachine(design))

test('the usual numbers and that of the brief, what all have being each of them together', () => {
  const counts = countsOf(cabin)
  expect(counts.map(({ readers }) => readers)).toEqual([1, 2, 3, 4, 8])
  expect(counts.filter(({ isOfTheBrief }) => isOfTheBrief).map(({ readers }) => readers)).toEqual([
    3,
  ])
  for (const { readers, eachBytesPerSecond: each, togetherBytesPerSecond: all } of counts) {
    expect((all ?? 0) / (readers * (each ?? 1))).toBeGreaterThanOrEqual(1)
    expect(all).not.toBeNull()
  }
})

test('where nothing can be read nothing is said of it', () => {
  for (const count of countsOf({ ...cabin, pools: [] })) {
    expect(count).toMatchObject({ eachBytesPerSecond: null, togetherBytesPerSecond: null })
  }
})
