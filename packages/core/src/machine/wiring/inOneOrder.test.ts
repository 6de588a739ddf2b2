import fc from 'fast-check'
import type { Item } from './assignment'
import { inOneOrder } from './inOneOrder'

const HOST = { costOf: () => 0, most: [100], goneWith: [0], costs: 'nothing' }

/** Items that take so much each, and the group of their one drive. */
const items = (groups: readonly number[], takes = 1): Item[] =>
  groups.map((group, at) => ({
    takes: [takes],
    drives: 1,
    groups: [group],
    demands: [at],
    allowed: [0],
  }))

test('which drive and which group is which makes no difference', () => {
  const groups = [
    { poolId: 'films', tolerates: 1 },
    { poolId: 'work', tolerates: 2 },
  ]
  const one = inOneOrder(items([0, 0, 0, 1, 1]), [HOST], groups)
  const other = inOneOrder(items([1, 0, 1, 0, 1]), [HOST], [...groups].reverse())
  expect(other.items).toEqual(one.items)
  expect(other.groups).toEqual(one.groups)
})

test('what is unlike stays unlike', () => {
  const groups = [{ poolId: 'films', tolerates: 1 }]
  const one = inOneOrder(items([0, 0]), [HOST], groups)
  const wider = inOneOrder(items([0, 0], 2), [HOST], groups)
  const weaker = inOneOrder(items([0, 0]), [HOST], [{ poolId: 'films', tolerates: 0 }])
  const twoPools = inOneOrder(
    items([0, 1]),
    [HOST],
    [
      { poolId: 'films', tolerates: 1 },
      { poolId: 'work', tolerates: 1 },
    ],
  )
  for (const other of [wider, weaker, twoPools]) {
    expect([other.items, other.groups]).not.toEqual([one.items, one.groups])
  }
})

test('a demand that every host can meet makes no difference, one that it cannot does', () => {
  const demands = (host: typeof HOST) =>
    inOneOrder(items([0, 0, 0]), [host], [{ poolId: 'films', tolerates: 1 }]).items.map(
      (item) => item.demands,
    )
  expect(demands(HOST)).toEqual([[0], [0], [0]])
  expect(demands({ ...HOST, most: [2] })).toEqual([[0], [1], [2]])
})

test('every item is there once, with its groups under their new numbers', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(3), { maxLength: 8 }), (of) => {
      const groups = [0, 1, 2, 3].map((at) => ({ poolId: `p${at}`, tolerates: at }))
      const { items: all, groups: renamed, from } = inOneOrder(items(of), [HOST], groups)
      expect([...from].sort()).toEqual(of.map((_, at) => at))
      all.forEach((item, at) => {
        const tolerates = item.groups.map((group) => renamed[group]?.tolerates)
        expect(tolerates).toEqual([of[from[at] ?? -1]])
      })
    }),
  )
})
