import fc from 'fast-check'
import { type Assigned, assignPlugs } from './assignPlugs'
import type { Host, Item, Wishes } from './assignment'
import { DriveGroups, type GroupOfDrives } from './driveGroups'

/** As data cables are dealt out, and with loads first. */
const SPREAD: Wishes = {
  members: 'spread',
  order: ['left', 'shared', 'cost', { short: 0 }, 'late'],
}
const TOGETHER: Wishes = { ...SPREAD, members: 'together' }
const LOAD_FIRST: Wishes['order'] = ['left', { short: 0 }, 'shared', 'cost', 'late']

/** One place for each item, as ports of a board have it. */
const ports = (count: number, index: number, change: Partial<Host> = {}): Host => ({
  costOf: ([taken = 0]) => (taken > count ? null : taken),
  most: [Infinity],
  goneWith: [index],
  costs: `${count} ports`,
  ...change,
})
/** Four to a cable, as on the plugs of a controller. */
const fans = (count: number, index: number): Host => ({
  ...ports(count, index, { costs: `${count} fans` }),
  costOf: ([taken = 0]) => (Math.ceil(taken / 4) > count ? null : Math.ceil(taken / 4)),
})
const drives = (count: number, hosts: number, demand = 0): Item[] =>
  Array.from({ length: count }, () => ({
    takes: [1],
    drives: 1,
    groups: [],
    demands: [demand],
    allowed: Array.from({ length: hosts }, (_unused, host) => host),
  }))
const set = (from: number, to: number, tolerates: number, poolId = 'pool'): GroupOfDrives => ({
  poolId,
  tolerates,
  driveIds: Array.from({ length: to - from }, (_, index) => `d${from + index}`),
})
/** Attaches items, of which the first is drive d0 and so on. */
function attach(
  items: readonly Item[],
  hosts: readonly Host[],
  sets: readonly GroupOfDrives[],
  wishes: Wishes,
  mostSteps = 1_000,
): Assigned {
  const groups = new DriveGroups(sets)
  const own = items.map((item, at) => ({ ...item, groups: groups.of(`d${at}`) }))
  return assignPlugs(own, hosts, groups.groups, wishes, { mostSteps })
}
const perHost = (hostOf: readonly (number | null)[], hosts: number): number[] =>
  Array.from({ length: hosts }, (_, host) => hostOf.filter((at) => at === host).length)

test('a mirror goes apart when there are two hosts, and stays together on demand', () => {
  const hosts = [ports(4, 0), ports(4, 1)]
  expect(attach(drives(2, 2), hosts, [set(0, 2, 1)], SPREAD).hostOf).toEqual([0, 1])
  expect(attach(drives(2, 2), hosts, [set(0, 2, 1)], TOGETHER).hostOf).toEqual([0, 0])
})

test('where going apart does not help, nothing is gained by a second host', () => {
  const hosts = [fans(2, 0), fans(2, 1)]
  const { hostOf } = attach(drives(8, 2), hosts, [set(0, 8, 2)], SPREAD)
  // Four and four would be two hosts that each stop the pool; eight on one is one.
  expect(new Set(hostOf).size).toBe(1)
})

test('triple parity of nine over three hosts survives each of them', () => {
  const hosts = [fans(2, 0), fans(2, 1), fans(2, 2)]
  const { hostOf, couldBeBetter } = attach(drives(9, 3), hosts, [set(0, 9, 3)], SPREAD)
  expect(perHost(hostOf, 3)).toEqual([3, 3, 3])
  expect(couldBeBetter).toBeNull()
})

test('what a host takes along counts with it', () => {
  // The second hangs on the first: losing the first loses both.
  const hosts = [ports(4, 0, { goneWith: [0, 1] }), ports(4, 1), ports(4, 2)]
  const { hostOf } = attach(drives(2, 3), hosts, [set(0, 2, 1)], SPREAD)
  expect(hostOf).toContain(2)
})

test('loads are even where they must be too large', () => {
  const hosts = [ports(12, 0, { most: [4] }), ports(12, 1, { most: [4] })]
  const { hostOf } = attach(drives(12, 2, 1), hosts, [], {
    members: 'spread',
    order: LOAD_FIRST,
  })
  expect(perHost(hostOf, 2)).toEqual([6, 6])
})

test('what finds no room is left out, and only that', () => {
  const { hostOf } = attach(drives(5, 2), [ports(2, 0), ports(2, 1)], [], SPREAD)
  expect(hostOf.filter((at) => at === null)).toHaveLength(1)
  expect(attach(drives(2, 0), [], [], SPREAD).hostOf).toEqual([null, null])
})

test('twenty-four drives in twelve mirrors over two controllers and a board, in time', () => {
  const sets = Array.from({ length: 12 }, (_, pair) => set(pair * 2, pair * 2 + 2, 1))
  const hosts = [fans(4, 0), fans(2, 1), ports(6, 2)]
  const { hostOf } = attach(drives(24, 3), hosts, sets, SPREAD)
  expect(hostOf).not.toContain(null)
  for (let pair = 0; pair < 12; pair += 1) {
    expect(hostOf[pair * 2]).not.toBe(hostOf[pair * 2 + 1])
  }
})

describe('against every way, written apart', () => {
  const anyHost = fc.record({
    room: fc.integer({ min: 0, max: 4 }),
    perCable: fc.constantFrom(1, 2, 4),
    most: fc.constantFrom(1, 2, 100),
  })
  const anyItem = fc.record({ demand: fc.integer({ min: 0, max: 2 }), barred: fc.nat(3) })

  test.each([
    ['spread', false],
    ['spread', true],
    ['together', false],
  ] as const)('%s, load first: %s', (members, loadFirst) => {
    let cutShort = 0
    fc.assert(
      fc.property(
        fc.array(anyHost, { minLength: 1, maxLength: 3 }),
        fc.array(anyItem, { maxLength: 5 }),
        fc.integer({ min: 0, max: 2 }),
        fc.nat(5),
        (some, things, tolerates, split) => {
          const hosts = some.map(({ room, perCable, most }, index) => ({
            most: [most],
            goneWith: [index],
            costs: `${room} of ${perCable}`,
            costOf: ([taken = 0]: readonly number[]) =>
              taken > room ? null : Math.ceil(taken / perCable),
          }))
          const items = things.map(({ demand, barred }) => ({
            takes: [1],
            drives: 1,
            groups: [],
            demands: [demand],
            allowed: hosts.flatMap((_, host) => (host + 1 === barred ? [] : [host])),
          }))
          const sets = [set(0, split, tolerates), set(split, 6, 1, 'other')]
          const worth = (hostOf: readonly (number | null)[]): number[] | null => {
            let [shared, short, cost] = [0, 0, 0]
            for (const [
              host,
              {
                most: [most = 0],
                costOf,
              },
            ] of hosts.entries()) {
              const on = hostOf.flatMap((at, index) => (at === host ? [index] : []))
              const cables = costOf([on.length])
              if (cables === null) return null
              cost += cables
              short +=
                Math.max(0, on.reduce((sum, at) => sum + (items[at]?.demands[0] ?? 0), 0) - most) **
                2
              for (const one of sets) {
                const gone = on.filter((at) => one.driveIds.includes(`d${at}`)).length
                shared += Number(members === 'together' ? gone > 0 : gone > one.tolerates)
              }
            }
            const left = hostOf.filter((at) => at === null).length
            return loadFirst ? [left, short, shared, cost] : [left, shared, cost, short]
          }
          let best: number[] | null = null
          const tries = hosts.length + 1
          for (let way = 0; way < tries ** items.length; way += 1) {
            const hostOf = items.map((_, index) => {
              const at = Math.floor(way / tries ** index) % tries
              return at === hosts.length ? null : at
            })
            if (hostOf.some((at, index) => at !== null && !items[index]?.allowed.includes(at))) {
              continue
            }
            const found = worth(hostOf)
            if (found && (!best || isLess(found, best))) best = found
          }
          const order = loadFirst ? LOAD_FIRST : SPREAD.order
          const assigned = attach(items, hosts, sets, { members, order })
          expect(assigned.couldBeBetter).toBeNull()
          expect(worth(assigned.hostOf)).toEqual(best)
          // Cut short, it says at least how much is lost by that.
          const hasty = attach(items, hosts, sets, { members, order }, items.length + 2)
          const found = worth(hasty.hostOf) ?? []
          const at = found.findIndex((count, index) => count !== best?.[index])
          const lost = at === -1 ? 0 : (found[at] ?? 0) - (best?.[at] ?? 0)
          if (lost > 0) {
            cutShort += 1
            const { criterion, by } = hasty.couldBeBetter ?? { criterion: 'late', by: 0 }
            const says = order.findIndex((one) => one === criterion)
            expect(says).toBeLessThanOrEqual(at)
            if (says === at) expect(by).toBeGreaterThanOrEqual(lost)
          }
        },
      ),
      { numRuns: 150 },
    )
    expect(cutShort).toBeGreaterThan(0)
  })
})

function isLess(one: readonly number[], other: readonly number[]): boolean {
  const at = one.findIndex((value, index) => value !== other[index])
  return at !== -1 && (one[at] ?? 0) < (other[at] ?? 0)
}

describe('hundreds of drives', () => {
  const anyGroups = fc.record({
    width: fc.constantFrom(2, 4, 8, 12),
    tolerates: fc.integer({ min: 1, max: 2 }),
  })
  const anyHosts = fc.record({
    controllers: fc.integer({ min: 8, max: 24 }),
    plugs: fc.integer({ min: 8, max: 12 }),
    isPinned: fc.boolean(),
  })
  const MOST = 3_000

  test('are dealt out over all controllers in so many tries, and none is left out', () => {
    fc.assert(
      fc.property(anyGroups, anyHosts, ({ width, tolerates }, { controllers, plugs, isPinned }) => {
        const hosts = Array.from({ length: controllers }, (_, at) => fans(plugs, at))
        const room = controllers * plugs * 4
        const count = Math.min(504, room)
        const items = drives(count, controllers).map((item, at) =>
          isPinned && at === 5 ? { ...item, allowed: [controllers - 1] } : item,
        )
        const sets = Array.from({ length: Math.floor(count / width) }, (_, at) =>
          set(at * width, (at + 1) * width, tolerates),
        )
        const groups = new DriveGroups(sets)
        const own = items.map((item, at) => ({ ...item, groups: groups.of(`d${at}`) }))
        const { hostOf, tries } = assignPlugs(own, hosts, groups.groups, SPREAD, {
          mostTries: MOST,
        })
        // The first way is gone to its end whatever it takes; each drive may be tried on each controller, and once again.
        expect(tries).toBeLessThanOrEqual(2 * count * controllers + MOST + controllers)
        expect(hostOf).not.toContain(null)
        if (isPinned) expect(hostOf[5]).toBe(controllers - 1)
        for (const taken of perHost(hostOf, controllers)) {
          expect(taken).toBeLessThanOrEqual(plugs * 4)
        }
      }),
      { numRuns: 25 },
    )
  })

  test('of controllers that are alike and empty one is tried for all', () => {
    const hosts = Array.from({ length: 12 }, (_, at) => fans(11, at))
    const sets = Array.from({ length: 63 }, (_, at) => set(at * 8, (at + 1) * 8, 2))
    const few = attach(drives(504, 12), hosts, sets, SPREAD, 1)
    const unlike = hosts.map((host, at) => ({ ...host, costs: `the ${at}th` }))
    const many = attach(drives(504, 12), unlike, sets, SPREAD, 1)
    expect(few.tries).toBeLessThan(many.tries)
    // What it comes to is the same: as many on each, whichever comes first.
    const counts = (one: Assigned): number[] =>
      perHost(one.hostOf, 12).sort((one, other) => one - other)
    expect(counts(few)).toEqual(counts(many))
  })

  test('a controller behind another is not taken for one that stands alone', () => {
    const behind = Array.from({ length: 50 }, (_, at) =>
      ports(1, at, { goneWith: at === 0 ? [0, 1] : [at], costs: 'one port' }),
    )
    const { hostOf } = attach(drives(50, 50), behind, [set(0, 2, 1)], SPREAD)
    // Two of a mirror are on two that do not go together.
    expect([hostOf[0], hostOf[1]].sort()).not.toEqual([0, 1])
    expect(hostOf).not.toContain(null)
  })
})
