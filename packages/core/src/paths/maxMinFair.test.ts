import fc from 'fast-check'
import solver from 'javascript-lp-solver'
import type { Link, LinkKind } from '../machine/links/link'
import { directedLinks, type Direction } from './directedLinks'
import { type Flow, maxMinFair } from './maxMinFair'
import { sharedUses } from './sharedUses'

const flow = (id: string, links: string[], mostBytesPerSecond = Infinity): Flow => ({
  id,
  uses: new Map(links.map((link) => [link, 1])),
  mostBytesPerSecond,
})
const ratesOf = (capacities: Record<string, number>, flows: Flow[]): Record<string, number> =>
  Object.fromEntries(maxMinFair(new Map(Object.entries(capacities)), flows).rateOf)

test('two flows share one link', () => {
  expect(ratesOf({ a: 100 }, [flow('1', ['a']), flow('2', ['a'])])).toEqual({ 1: 50, 2: 50 })
})

test('what one leaves goes to the other', () => {
  const flows = [flow('slow', ['own', 'shared']), flow('quick', ['shared'])]
  expect(ratesOf({ own: 20, shared: 100 }, flows)).toEqual({ slow: 20, quick: 80 })
  expect(
    ratesOf({ shared: 100 }, [flow('little', ['shared'], 10), flow('much', ['shared'])]),
  ).toEqual({ little: 10, much: 90 })
})

test('a link without end stops nobody', () => {
  const flows = [flow('1', ['endless', 'narrow']), flow('2', ['endless', 'wide'])]
  expect(ratesOf({ endless: Infinity, narrow: 10, wide: 1_000 }, flows)).toEqual({
    1: 10,
    2: 1_000,
  })
})

test('a link of which a flow uses nothing does not hold it back, one that carries nothing does', () => {
  const past = {
    ...flow('past', ['wide']),
    uses: new Map([
      ['narrow', 0],
      ['wide', 1],
    ]),
  }
  expect(ratesOf({ narrow: 30, wide: 100 }, [flow('on it', ['narrow']), past])).toEqual({
    'on it': 30,
    past: 100,
  })
  const { rateOf, heldBackBy } = maxMinFair(new Map([['dead', 0]]), [flow('none', ['dead'])])
  expect([rateOf.get('none'), heldBackBy.get('none')]).toEqual([0, 'dead'])
})

// Common practice, no source: four SATA ports behind one narrow link of 640 MB/s get 160 MB/s each.
test('four drives behind one narrow link', () => {
  const capacities = { narrow: 640e6, d1: 200e6, d2: 200e6, d3: 200e6, d4: 200e6 }
  const flows = ['d1', 'd2', 'd3', 'd4'].map((drive) => flow(drive, [drive, 'narrow']))
  const { rateOf, heldBackBy } = maxMinFair(new Map(Object.entries(capacities)), flows)
  expect([...rateOf.values()]).toEqual([160e6, 160e6, 160e6, 160e6])
  expect(new Set(heldBackBy.values())).toEqual(new Set(['narrow']))
})

test('a flow on no known link, or held back by nothing, is refused', () => {
  expect(() => ratesOf({}, [flow('a', ['nowhere'])])).toThrow(RangeError)
  expect(() => ratesOf({}, [flow('a', [])])).toThrow(RangeError)
})

test('no flows, or flows that want nothing, load nothing', () => {
  expect(ratesOf({ a: 1 }, [])).toEqual({})
  expect(ratesOf({ a: 1 }, [flow('idle', ['a'], 0)])).toEqual({ idle: 0 })
})

/** Fixed rates are given a hair of room, or rounding alone would leave a program without an answer. */
const SLACK = 1e-7
/** By how many times a hair of others may come to more of one: three others, with shares up to 8 against a quarter. */
const SLACK_OF_OTHERS = 100

describe('against linear programs', () => {
  /**
   * Max-min fair rates by their definition: the least rate is made as large as can be; flows that cannot
   * have more than that are fixed there; the rest again. Source: Bertsekas and Gallager, Data Networks.
   */
  function byLinearPrograms(
    capacityOf: ReadonlyMap<string, number>,
    flows: readonly Flow[],
  ): number[] {
    const fixed = new Map<string, number>()
    /** The most of `wanted`, while every flow that is not fixed has at least `least`, itself a variable when null. */
    const most = (wanted: string, least: number | null): number => {
      const constraints: Record<string, { max?: number; min?: number; equal?: number }> = {}
      const variables: Record<string, Record<string, number>> = { least: { least: 1 } }
      for (const [link, capacity] of capacityOf) constraints[link] = { max: capacity }
      for (const { id, uses } of flows) {
        const rate = fixed.get(id)
        constraints[`floor ${id}`] =
          rate !== undefined
            ? { min: rate * (1 - SLACK), max: rate }
            : { min: least === null ? 0 : least * (1 - SLACK) }
        variables[id] = { ...Object.fromEntries(uses), [`floor ${id}`]: 1, [id]: 1 }
        if (rate === undefined && least === null) {
          const variable = variables.least
          if (variable) variable[`floor ${id}`] = -1
        }
      }
      const model = { optimize: wanted, opType: 'max' as const, constraints, variables }
      const answer = solver.Solve(model) as { result: number; feasible: boolean }
      if (!answer.feasible) throw new Error('The linear program has no answer.')
      return answer.result
    }
    while (fixed.size < flows.length) {
      const least = most('least', null)
      const open = flows.filter(({ id }) => !fixed.has(id))
      const stuck = open.filter(
        ({ id }) => most(id, least) <= least * (1 + SLACK_OF_OTHERS * SLACK),
      )
      if (stuck.length === 0) throw new Error('no flow is held back')
      for (const { id } of stuck) fixed.set(id, least)
    }
    return flows.map(({ id }) => fixed.get(id) ?? 0)
  }

  /** A random tree: each link has a parent before it, or none; a flow takes the way from a leaf to the root. */
  const anyTree = fc
    .array(fc.tuple(fc.nat(30), fc.integer({ min: 10, max: 1_000 })), {
      minLength: 2,
      maxLength: 8,
    })
    .map((links) =>
      links.map(([parent, capacity], index) => ({
        id: `link ${index}`,
        parent: index === 0 ? -1 : parent % index,
        capacity,
      })),
    )

  test('on random trees', () => {
    fc.assert(
      fc.property(anyTree, fc.array(fc.nat(30), { minLength: 1, maxLength: 5 }), (tree, leaves) => {
        const capacityOf = new Map(tree.map(({ id, capacity }) => [id, capacity]))
        const flows = leaves.map((leaf, number): Flow => {
          const links: string[] = []
          for (let at = leaf % tree.length; at >= 0;) {
            const link = tree[at]
            if (!link) break
            links.push(link.id)
            at = link.parent
          }
          return flow(`flow ${number}`, links)
        })
        const fair = [...maxMinFair(capacityOf, flows).rateOf.values()]
        byLinearPrograms(capacityOf, flows).forEach((rate, index) => {
          expect((fair[index] ?? 0) / rate).toBeCloseTo(1, 4)
        })
      }),
      { numRuns: 60 },
    )
  })

  const KINDS: readonly LinkKind[] = ['port', 'slot', 'chipset', 'network', 'USB', 'reader']
  const anyLinks = fc.array(
    fc.record({ kind: fc.constantFrom(...KINDS), capacity: fc.integer({ min: 10, max: 1_000 }) }),
    { minLength: 2, maxLength: 6 },
  )
  const anyWay = fc.record({
    link: fc.nat(30),
    direction: fc.constantFrom<Direction>('in', 'out'),
    share: fc.constantFrom(0.25, 1 / 3, 1, 2),
  })

  // What is read and what is written share a link in one direction, in both, or not at all; a bundle is several links
  // that flows take in turn.
  test('on random nets in both directions, with flows that go several ways', () => {
    const anyFlows = fc.array(fc.array(anyWay, { minLength: 1, maxLength: 4 }), {
      minLength: 1,
      maxLength: 4,
    })
    fc.assert(
      fc.property(anyLinks, anyFlows, (kinds, ways) => {
        const links = kinds.map(({ kind, capacity }, index): Link => ({
          kind,
          id: `link ${index}`,
          name: '',
          bytesPerSecond: capacity,
          reason: '',
          known: true,
          partIds: [],
        }))
        const directed = directedLinks(links)
        const flows = ways.map((way, number): Flow => ({
          id: `flow ${number}`,
          uses: sharedUses(
            directed,
            way.map(({ link, direction, share }) => ({
              links: [`link ${link % links.length}`],
              direction,
              share,
            })),
          ),
          mostBytesPerSecond: Infinity,
        }))
        const fair = [...maxMinFair(directed.capacityOf, flows).rateOf.values()]
        byLinearPrograms(directed.capacityOf, flows).forEach((rate, index) => {
          expect((fair[index] ?? 0) / rate).toBeCloseTo(1, 4)
        })
      }),
      { numRuns: 60 },
    )
  })
})

test('one that wants no more leaves what it does not take, however late it has enough', () => {
  const uses = (link: string) => new Map([[link, 1]])
  const { rateOf } = maxMinFair(
    new Map([
      ['narrow', 10],
      ['wide', 100],
    ]),
    [
      { id: 'a', uses: uses('narrow'), mostBytesPerSecond: Infinity },
      { id: 'b', uses: uses('wide'), mostBytesPerSecond: Infinity },
      { id: 'c', uses: uses('wide'), mostBytesPerSecond: 30 },
      { id: 'nothing', uses: uses('wide'), mostBytesPerSecond: 0 },
    ],
  )
  expect([...rateOf.values()]).toEqual([10, 70, 30, 0])
})
