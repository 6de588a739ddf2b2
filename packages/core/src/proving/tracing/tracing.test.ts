import fc from 'fast-check'
import { demoDesign } from '../../../fixtures/demo'
import { resolveMachine } from '../../machine/resolveMachine'
import { nextSwap } from './nextSwap'
import { type Suspect, type SuspectKind, suspectsOf } from './suspects'
import { eventsOf, type Evidence, traceFault } from './traceFault'

const cabin = resolveMachine(demoDesign('cabin-archive'))
const suspects = suspectsOf(cabin)
const find = (kind: SuspectKind): Suspect => {
  const found = suspects.find((one) => one.kind === kind)
  if (!found) throw new Error(`no ${kind}`)
  return found
}
const evidence = (change: Partial<Evidence>): Evidence => ({
  errors: [],
  cleanIds: [],
  trials: [],
  ...change,
})
const interfaceErrors = (driveIds: readonly string[], count = 1) =>
  driveIds.map((driveId) => ({ driveId, kind: 'interface' as const, count }))

test('who is suspected: every drive, and all that the wiring has on the way to them', () => {
  const kinds = new Map<string, number>()
  for (const { kind } of suspects) kinds.set(kind, (kinds.get(kind) ?? 0) + 1)
  expect(Object.fromEntries(kinds)).toEqual({
    controller: 1,
    backplane: 1,
    cable: 3,
    lead: 2,
    port: 3,
    supply: 1,
    drive: 12,
  })
})

test('errors of all drives point to what they share, not to the drives', () => {
  const [first] = traceFault(
    suspects,
    evidence({ errors: interfaceErrors(find('controller').driveIds) }),
  )
  expect(first?.suspects.map(({ kind }) => kind)).toEqual(['controller', 'backplane', 'supply'])
  expect(first?.probability).toBeGreaterThan(0.9)
})

test('errors behind one cable point to it and its port; errors of one drive to the drive', () => {
  const { driveIds } = find('cable')
  const [first] = traceFault(suspects, evidence({ errors: interfaceErrors(driveIds) }))
  expect(first?.suspects.map(({ kind }) => kind)).toEqual(['cable', 'port'])
  const [drive] = traceFault(
    suspects,
    evidence({ errors: interfaceErrors(driveIds.slice(0, 1), 900) }),
  )
  expect(drive?.suspects).toMatchObject([{ kind: 'drive', driveIds: driveIds.slice(0, 1) }])
})

test('once the shared cause is found, the truly bad drive stands out', () => {
  const { driveIds } = find('controller')
  const bad = driveIds.at(-1) ?? ''
  const errors = [...interfaceErrors(driveIds), { driveId: bad, kind: 'medium' as const, count: 8 }]
  const [first, second] = traceFault(suspects, evidence({ errors }))
  expect(first?.probability).toBeGreaterThan(0.9)
  expect(second?.suspects).toMatchObject([{ kind: 'drive', driveIds: [bad] }])
  expect(second?.probability).toBeGreaterThan(0.9)
})

test('a thousand errors in one burst are hardly more than ten', () => {
  expect([0, 1, 9, 10, 1e9].map(eventsOf)).toEqual([0, 1, 1, 2, 4])
})

test('without errors nobody is suspected', () => {
  expect(traceFault(suspects, evidence({}))).toEqual([])
  expect(nextSwap([])).toBeNull()
})

describe('the next swap', () => {
  const errors = interfaceErrors(find('cable').driveIds)

  test('tells cable from port, and what was tried moves the suspicion', () => {
    const ranked = traceFault(suspects, evidence({ errors }))
    const swap = nextSwap(ranked)
    expect(swap?.ofLikely).toBeGreaterThan(1)
    const [cable, port] = ranked[0]?.suspects ?? []
    const after = traceFault(
      suspects,
      evidence({ errors, trials: [{ moved: [cable?.id ?? ''], outcome: 'errors stayed' }] }),
    )
    expect(after[0]?.suspects).toEqual([port])
    const other = traceFault(
      suspects,
      evidence({ errors, trials: [{ moved: [cable?.id ?? ''], outcome: 'errors went with it' }] }),
    )
    expect(other[0]?.suspects).toEqual([cable])
  })

  test('swaps done as proposed lead to the cause, whichever it is', () => {
    for (const cause of suspects) {
      const seen = interfaceErrors(cause.driveIds, 3)
      const trials: Evidence['trials'][number][] = []
      for (let step = 0; step < 12; step += 1) {
        const ranked = traceFault(suspects, evidence({ errors: seen, trials }))
        const swap = nextSwap(ranked)
        if (!swap) break
        const outcome = swap.moved.includes(cause.id) ? 'errors went with it' : 'errors stayed'
        trials.push({ moved: swap.moved, outcome })
      }
      const [first] = traceFault(suspects, evidence({ errors: seen, trials }))
      expect(first?.suspects.map(({ id }) => id)).toContain(cause.id)
      expect(first?.suspects).toHaveLength(1)
    }
  })
})

/** Wirings of up to two cards with a backplane or single cables behind them, on up to three leads. */
const wiring = fc
  .record({
    rows: fc.integer({ min: 1, max: 5 }),
    wide: fc.integer({ min: 2, max: 4 }),
    cards: fc.integer({ min: 1, max: 2 }),
    leads: fc.integer({ min: 1, max: 3 }),
    hasBackplane: fc.boolean(),
  })
  .map(({ rows, wide, cards, leads, hasBackplane }): Suspect[] => {
    const row = (at: number) => Array.from({ length: wide }, (_, n) => `d${at * wide + n}`)
    const all = Array.from({ length: rows }, (_, at) => row(at))
    const part = (kind: SuspectKind, id: number, driveIds: string[]): Suspect[] =>
      driveIds.length === 0 ? [] : [{ id: `${kind} ${id}`, kind, name: kind, driveIds }]
    const every = (n: number, of: number) => all.flatMap((ids, at) => (at % of === n ? ids : []))
    return [
      ...all.flatMap((ids, at) => [...part('cable', at, ids), ...part('port', at, ids)]),
      ...Array.from({ length: cards }, (_, n) => part('controller', n, every(n, cards))).flat(),
      ...Array.from({ length: leads }, (_, n) => part('lead', n, every(n, leads))).flat(),
      ...part('supply', 0, all.flat()),
      ...(hasBackplane ? part('backplane', 0, all.flat()) : []),
      ...all.flat().flatMap((id, at) => part('drive', at, [id])),
    ]
  })

test('a drive that was seen to be clean never raises what it hangs on', () => {
  const scene = wiring.chain((all) => {
    const drives = [...new Set(all.flatMap(({ driveIds }) => driveIds))]
    const some = fc.subarray(drives)
    return fc.record({
      all: fc.constant(all),
      hit: fc.subarray(drives, { minLength: 1 }),
      clean: some,
      another: fc.constantFrom(...drives),
    })
  })
  fc.assert(
    fc.property(scene, ({ all, hit, clean, another }) => {
      const chances = (cleanIds: string[]) =>
        new Map(
          traceFault(all, evidence({ errors: interfaceErrors(hit), cleanIds })).flatMap(
            ({ suspects: members, probability }) =>
              members.map(({ id }): [string, number] => [id, probability]),
          ),
        )
      const [before, after] = [chances(clean), chances([...clean, another])]
      for (const { id, driveIds } of all) {
        if (!driveIds.includes(another)) continue
        expect(after.get(id)).toBeLessThanOrEqual((before.get(id) ?? 0) + 1e-9)
      }
    }),
  )
})

test('of 1,000 faults in random wirings with three errors each, the first two suspects have the cause in 95 %', () => {
  // A fixed seed: the share is a figure of the model, not of the day. The bench prints it too.
  const random = fc.sample(
    fc.tuple(wiring, fc.nat(), fc.array(fc.nat(), { minLength: 3, maxLength: 3 })),
    { numRuns: 1_000, seed: 20_261_127 },
  )
  const found = random.filter(([all, which, hits]) => {
    const cause = all[which % all.length]
    if (!cause) return false
    const errors = hits.map((hit) => ({
      driveId: cause.driveIds[hit % cause.driveIds.length] ?? '',
      kind: 'interface' as const,
      count: 1,
    }))
    const firstTwo = traceFault(all, evidence({ errors })).slice(0, 2)
    return firstTwo.some(({ suspects: members }) => members.some(({ id }) => id === cause.id))
  })
  expect(found.length).toBeGreaterThanOrEqual(950)
})

test('five hundred drives that all have errors point to what they share, and nothing hangs', () => {
  const driveIds = Array.from({ length: 500 }, (_, at) => `d${at}`)
  const all: Suspect[] = [
    { id: 'card', kind: 'controller', name: 'card', driveIds },
    ...driveIds.map((id): Suspect => ({ id, kind: 'drive', name: id, driveIds: [id] })),
  ]
  const [first] = traceFault(all, evidence({ errors: interfaceErrors(driveIds) }))
  expect(first?.suspects).toEqual([all[0]])
})
