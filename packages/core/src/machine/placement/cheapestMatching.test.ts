import fc from 'fast-check'
import { cheapestMatching, compareCosts, type Cost } from './cheapestMatching'

/** Every way to give rows columns of their own. */
function everyWay(rows: number, columns: number): number[][] {
  if (rows === 0) return [[]]
  return everyWay(rows - 1, columns).flatMap((way) =>
    Array.from({ length: columns }, (_, column) => column)
      .filter((column) => !way.includes(column))
      .map((column) => [...way, column]),
  )
}

const cost = fc.option(fc.tuple(fc.nat(3), fc.nat(5), fc.nat(2)), { freq: 5 })
const tables = fc.tuple(fc.integer({ min: 0, max: 4 }), fc.nat(2)).chain(([rows, more]) =>
  fc.array(fc.array(cost, { minLength: rows + more, maxLength: rows + more }), {
    minLength: rows,
    maxLength: rows,
  }),
)

test('it is the cheapest of all ways, and none where there is none', () => {
  fc.assert(
    fc.property(tables, (costs) => {
      const sums = everyWay(costs.length, costs[0]?.length ?? 0).flatMap((way): Cost[] => {
        const some = way.map((column, row) => costs[row]?.[column] ?? null)
        if (some.includes(null)) return []
        return [[0, 1, 2].map((part) => some.reduce((sum, one) => sum + (one?.[part] ?? 0), 0))]
      })
      const [best] = sums.sort(compareCosts)
      expect(cheapestMatching(costs, 3)?.cost).toEqual(best)
    }),
    { numRuns: 500 },
  )
})
