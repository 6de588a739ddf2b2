import { demoDesign, demoParts } from '../../fixtures/demo'
import { longSlot } from '../../fixtures/longSlot'
import { driveIdsOf, withPart, without } from '../../fixtures/ruleTable'
import type { Design } from '../design/design'
import { changeBrief } from '../design/edits/changeFields'
import { pinCard } from '../design/edits/pinPaths'
import { groupDrives } from '../design/edits/groupDrives'
import { resolveMachine } from '../machine/resolveMachine'
import { scenarioRates } from './scenarioRates'
import { NO_CHOICE } from './scenarios/scenario'
import { scenarios } from './scenarios/scenarios'
import { applyEdit } from '../design/edits/edit'
import { speedUpEdit, speedUps } from './speedUps'

const cabin = changeBrief(demoDesign('cabin-archive'), { readers: [] })
const parts = demoParts()
const scenarioOf = (id: string) => {
  const scenario = scenarios.find((one) => one.id === id)
  if (!scenario) throw new Error(`no scenario ${id}`)
  return scenario
}
const modelOf = (slug: string): string | undefined =>
  parts.find((part) => part.slug === slug)?.sheet.model
const wider = (design: Design, id: string) => speedUps(design, scenarioOf(id), NO_CHOICE, parts)

test('what is pinned to a slow slot goes back, and by how much is told', () => {
  const board = withPart(cabin, 'tindrel-middle-m', {
    slots: [longSlot(16, 3), longSlot(1, 2)],
  })
  const pinned = pinCard(board, 'controller-1', 2)
  const found = wider(pinned, 'scrub')
  const slot = found.find(({ change }) => change.kind === 'slot')
  // One lane of the second generation moves 400 MB/s; twelve drives of 250 want 3,000.
  expect(slot).toMatchObject({
    change: { kind: 'slot', cardId: 'controller-1', slot: 1 },
    words: 'Sixteen in slot 1 instead of 2',
  })
  // Another slot and other cables cost nothing, so they come before a card that gains as much.
  const asGood = found.filter(({ factor }) => factor.toFixed(2) === slot?.factor.toFixed(2))
  expect(asGood.map(({ change }) => change.kind)).toEqual(['slot', 'free', 'swap'])
  expect(slot?.factor).toBeCloseTo(3000 / 400, 6)
  const edit = slot && speedUpEdit(slot, parts)
  if (!edit) throw new Error('no slot is faster')
  const changed = applyEdit(pinned, edit)
  const rates = scenarioRates(changed, resolveMachine(changed), scenarioOf('scrub'))
  expect(rates.bytesPerSecond).toBeCloseTo(slot.bytesPerSecond, 0)
})

test('a card that does not say how long it is goes into the longest slots', () => {
  const board = withPart(cabin, 'tindrel-middle-m', { slots: [longSlot(16, 3), longSlot(1, 2)] })
  const silent = withPart(without(board, 'controller'), 'lockrow-sixteen', { lanes: null })
  const words = wider(pinCard(silent, 'controller-1', 2), 'scrub').map((one) => one.words)
  expect(words).toContain('Sixteen in slot 1 instead of 2')
})

test('a part that is bought is fitted beside nothing, and one that is gone is no edit', () => {
  const [part] = parts
  if (!part) throw new Error('no parts')
  const change = { kind: 'add', slug: part.slug } as const
  expect(speedUpEdit({ change, words: '' }, parts)).toEqual({ do: 'fit', part, beside: false })
  expect(speedUpEdit({ change, words: '' }, [])).toBeNull()
})

test('an old controller is widened by another, the cheapest of those that gain as much', () => {
  const old = withPart(without(cabin, 'controller'), 'lockrow-sixteen', { pcieGeneration: 1 })
  const [first] = wider(old, 'scrub')
  if (first?.change.kind !== 'swap') throw new Error('no other controller is faster')
  expect(first.factor).toBeGreaterThan(1.5)
  const { slug } = first.change
  expect(first.words).toBe(`${modelOf(slug)} instead of Sixteen`)
  // Each by itself: of those that gain as much none asks less.
  const asGood = parts.filter((part) =>
    speedUps(old, scenarioOf('scrub'), NO_CHOICE, [part]).some(
      ({ change, factor }) =>
        change.kind === 'swap' && factor.toFixed(2) === first.factor.toFixed(2),
    ),
  )
  expect(asGood.length).toBeGreaterThan(1)
  const asked = asGood.map(({ price }) => price?.unitMinor ?? Infinity)
  expect(parts.find((part) => part.slug === slug)?.price?.unitMinor).toBe(Math.min(...asked))
  const backwards = speedUps(old, scenarioOf('scrub'), NO_CHOICE, parts.toReversed())
  expect(backwards[0]?.change).toEqual(first.change)
})

test('what would leave a drive without a port is not offered, however quick it is', () => {
  const board = withPart(cabin, 'tindrel-middle-m', { sataPorts: 0 })
  const old = withPart(without(board, 'controller'), 'lockrow-sixteen', { pcieGeneration: 1 })
  const found = wider(old, 'scrub')
  expect(found.length).toBeGreaterThan(0)
  expect(found.map(({ words }) => words)).not.toContain('Eight instead of Sixteen')
  for (const one of found) {
    const edit = speedUpEdit(one, parts)
    if (!edit) throw new Error('no part')
    expect(resolveMachine(applyEdit(old, edit)).wiring.data.unreachedIds).toEqual([])
  }
  const eight = parts.filter(({ slug }) => slug === 'lockrow-eight')
  expect(speedUps(old, scenarioOf('scrub'), NO_CHOICE, eight)).toEqual([])
})

test('two equal controllers are changed together', () => {
  const one = withPart(without(cabin, 'controller'), 'lockrow-eight', { pcieGeneration: 1 })
  const model = one.snapshots.find(({ sheet }) => sheet.kind === 'controller')
  if (!model) throw new Error('no controller')
  const fitted = one.fitted.find(({ snapshotId }) => snapshotId === model.id)
  if (!fitted) throw new Error('no controller')
  const two = { ...one, fitted: [...one.fitted, { ...fitted, id: 'controller-2' }] }
  const swap = wider(two, 'scrub').find(({ change }) => change.kind === 'swap')
  if (swap?.change.kind !== 'swap') throw new Error('no other controller is faster')
  expect(swap.words).toBe(`2 × ${modelOf(swap.change.slug)} instead of Eight`)
  expect(swap.change.partIds).toEqual([fitted.id, 'controller-2'])
  const edit = speedUpEdit(swap, parts)
  expect(edit).toMatchObject({
    do: 'several',
    edits: [{ do: 'remove' }, { do: 'fit' }, { do: 'fit' }],
  })
})

test('what helps readers comes in the order of what it gains, and each gain once', () => {
  const found = wider(changeBrief(cabin, { readersAtOnce: 1 }), 'readers')
  const factors = found.map(({ factor }) => factor)
  expect(factors).toEqual(factors.toSorted((one, other) => other - one))
  expect(new Set(found.map(({ factor }) => factor.toFixed(2))).size).toBe(found.length)
})

test('a reader is widened by a network card, not by a controller', () => {
  const found = wider(changeBrief(cabin, { readersAtOnce: 1 }), 'readers')
  expect(found.length).toBeGreaterThan(0)
  for (const { change } of found) expect(change.kind).toBe('add')
  expect(found[0]?.factor).toBeGreaterThan(5)
})

test('where only the platters hold back, nothing helps', () => {
  expect(wider(cabin, 'scrub')).toEqual([])
  expect(wider({ ...cabin, pools: [] }, 'scrub')).toEqual([])
})

describe('what can be chosen about a kind of work', () => {
  const uneven = groupDrives(cabin, [
    { kind: 'raidz2', driveIds: driveIdsOf(cabin).slice(0, 8) },
    { kind: 'raidz1', driveIds: driveIdsOf(cabin).slice(8) },
  ])
  const rates = (id: string, choice: typeof NO_CHOICE) =>
    scenarioRates(uneven, resolveMachine(uneven), scenarioOf(id), choice)

  test('the group of a rebuild', () => {
    const [first, second] = uneven.pools[0]?.groups ?? []
    const loaded = (groupId: string | null) =>
      rates('rebuild', { ...NO_CHOICE, groupId }).loads.filter(
        ({ link }) => link.kind === 'platter',
      ).length
    expect(loaded(null)).toBe(8)
    expect(loaded(first?.id ?? '')).toBe(8)
    expect(loaded(second?.id ?? '')).toBe(4)
  })

  test('how many read', () => {
    expect(rates('readers', { ...NO_CHOICE, readers: 7 }).flows).toHaveLength(7)
    expect(rates('readers', NO_CHOICE).flows).toHaveLength(Math.max(1, uneven.brief.readersAtOnce))
  })
})

describe('cards in conflict', () => {
  // Common practice, no source: two controllers, a fast network card and a display card on a desktop board
  // whose CPU has 24 lanes.
  const desktop = ['tindrel-wide-atx', 'lockrow-eight', 'wickmere-ten', 'glimmer-plain'].reduce(
    (design, slug) => withPart(design, slug),
    cabin,
  )

  test('a design names the fewest that cannot all be placed', () => {
    const { unplaced, placement } = resolveMachine(desktop)
    expect(unplaced.slot[0]?.conflictIds).toHaveLength(4)
    expect(placement.leftIds).toHaveLength(1)
    expect(resolveMachine(cabin).unplaced.slot).toEqual([])
  })

  test('without the display card all have a place, and none is short of what it must move', () => {
    const best = resolveMachine(without(desktop, 'display')).placement
    expect(best.leftIds).toEqual([])
    expect(best.placed.map(({ shortBytesPerSecond }) => shortBytesPerSecond)).toEqual([0, 0, 0])
  })
})
