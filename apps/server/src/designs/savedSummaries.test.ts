import { applyEdit, type Design, newDesign } from '@flint/core/editing'
import { designSummary } from '@flint/core/figures'
import { demoDesign } from '../../../../packages/core/fixtures/demo'
import { SavedSummaries } from './savedSummaries'

/** As a save brings it: new objects throughout. */
const sent = (design: Design): Design => structuredClone(design)

const cabin = demoDesign('cabin-archive')
const [drive] = cabin.fitted.filter(({ bay }) => bay !== null)
if (!drive) throw new Error('no drive is in a bay')
const saves: Design[] = [
  cabin,
  { ...cabin, name: 'Another name' },
  applyEdit(cabin, { do: 'remove', partIds: [drive.id] }),
  {
    ...cabin,
    fitted: cabin.fitted.map((part) => (part === drive ? { ...part, bay: null } : part)),
  },
  { ...cabin, pools: [] },
  newDesign('Begun anew'),
  cabin,
]

test('one save after the other has the summary that it would have by itself', () => {
  const summaries = new SavedSummaries()
  for (const design of saves) {
    expect(summaries.of('one', sent(design))).toEqual(designSummary(design))
  }
})

test('designs that are saved in turn, and more of them than are kept at hand, do not mix', () => {
  const summaries = new SavedSummaries()
  saves.forEach((design, at) => {
    for (const id of ['a', 'b', 'c', 'd', 'e', 'f', null]) {
      const other = id === 'b' ? (saves[(at + 2) % saves.length] ?? design) : design
      expect(summaries.of(id, sent(other))).toEqual(designSummary(other))
    }
  })
})
