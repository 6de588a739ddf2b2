import { demoDesign, demoPart } from '../../fixtures/demo'
import { findingOf, withPart } from '../../fixtures/ruleTable'
import type { Design } from '../design/design'
import { changeSheet } from '../design/edits/changeSheet'
import { applyEdit } from '../design/edits/edit'
import { newDesign } from '../design/newDesign'
import { evaluate } from '../evaluate'
import { isOverloaded } from '../machine/wiring/wirePower'
import { piecesOf } from '../machine/machine'
import { resolveMachine } from '../machine/resolveMachine'
import { stagedWiring } from './stagedWiring'
import { runningAmps, startCurve } from './startCurve'
import { startGroups } from './startGroups'
import { startInGroups } from './startInGroups'
import { startSurge } from './startSurge'

const demo = demoDesign('cabin-archive')
const changed = (design: Design, kind: string, change: Record<string, unknown>): Design => {
  const snapshot = design.snapshots.find(({ sheet }) => sheet.kind === kind)
  return changeSheet(design, snapshot?.id ?? '', change)
}
/** Its drives take the usual ten seconds. */
const cabin = changed(demo, 'drive', { spinUpSeconds: null })
const machine = resolveMachine(cabin)
const inGroups = (drivesAtOnce: number, secondsApart = 10): Design => ({
  ...cabin,
  spinUp: { drivesAtOnce, secondsApart },
})

test('a disk whose idle watts nobody gives counts for nothing while it turns', () => {
  const [disk] = piecesOf(resolveMachine(changed(cabin, 'drive', { idleWatts: null })), 'drive')
  if (!disk) throw new Error('no disk')
  expect(runningAmps(disk, 'twelve')).toBe(0)
  expect(runningAmps(disk, 'five')).toBe(0)
})

describe('the start, second by second', () => {
  // Twelve drives of 1.9 A at 12 V and 0.9 A at 5 V, idling at 4.4 W; the rest of the machine takes 4.83 A.
  const rest = (29.9 + 11 + 0.15 * 114) / 12

  test('all together: one surge, then all of them turn', () => {
    const { moments, peak } = startCurve(machine, null)
    expect(moments.map(({ atSeconds, starting }) => [atSeconds, starting])).toEqual([
      [0, 12],
      [10, 0],
    ])
    expect(peak.twelve).toBeCloseTo(12 * 1.9 + rest, 10)
    expect(peak.five).toBeCloseTo(12 * 0.9, 10)
    // Common practice, no source: three fifths of what a disk idles with come from 12 V.
    expect(moments[1]?.twelve).toBeCloseTo((12 * 4.4 * 0.6) / 12 + rest, 10)
    expect(moments[1]?.five).toBeCloseTo((12 * 4.4 * 0.4) / 5, 10)
  })

  test('in groups of four, each when the last one turns', () => {
    const { moments, peak } = startCurve(machine, { drivesAtOnce: 4, secondsApart: 10 })
    expect(moments.map(({ atSeconds, starting }) => [atSeconds, starting])).toEqual([
      [0, 4],
      [10, 4],
      [20, 4],
      [30, 0],
    ])
    expect(peak.twelve).toBeCloseTo(4 * 1.9 + (8 * 4.4 * 0.6) / 12 + rest, 10)
  })

  test('groups that come too soon start on top of each other', () => {
    const { peak } = startCurve(machine, { drivesAtOnce: 4, secondsApart: 5 })
    expect(peak.twelve).toBeCloseTo(8 * 1.9 + (4 * 4.4 * 0.6) / 12 + rest, 10)
  })

  test('a drive that says how long it takes, takes that long', () => {
    const slow = resolveMachine(changed(cabin, 'drive', { spinUpSeconds: 25 }))
    expect(startCurve(slow, null).moments.map(({ atSeconds }) => atSeconds)).toEqual([0, 25])
  })

  test('a controller that lets time pass starts its drives one after another', () => {
    const staggered = resolveMachine(changed(cabin, 'controller', { startSecondsApart: 3 }))
    const groups = startGroups(staggered, null)
    expect(groups.map(({ atSeconds }) => atSeconds)).toEqual(
      Array.from({ length: 12 }, (_, index) => index * 3),
    )
    // What the builder says counts before it.
    expect(startGroups(staggered, { drivesAtOnce: 12, secondsApart: 0 })).toHaveLength(1)
    expect(startGroups(machine, null)).toHaveLength(1)
  })

  test('a backplane that lets time pass does so for its own drives, whatever the controller does', () => {
    const chassis = cabin.snapshots.find(({ sheet }) => sheet.kind === 'chassis')?.sheet
    if (chassis?.kind !== 'chassis') throw new Error('no case')
    const bayBlocks = chassis.bayBlocks.map((block) => ({
      ...block,
      backplane: block.backplane && { ...block.backplane, startSecondsApart: 2 },
    }))
    const behind = resolveMachine(changed(cabin, 'chassis', { bayBlocks }))
    const times = startGroups(behind, null).map(({ atSeconds }) => atSeconds)
    expect(times.at(-1)).toBe(2 * (times.length - 1))
    expect(times.length).toBeGreaterThan(1)
    const both = changed(cabin, 'chassis', { bayBlocks })
    const staggered = resolveMachine(changed(both, 'controller', { startSecondsApart: 9 }))
    expect(startGroups(staggered, null)).toEqual(startGroups(behind, null))
  })

  test('those that wait come after those that do not, whichever bays they are in', () => {
    const chassis = cabin.snapshots.find(({ sheet }) => sheet.kind === 'chassis')?.sheet
    const block = chassis?.kind === 'chassis' && chassis.bayBlocks[0]
    if (!block) throw new Error('no bays')
    /** Its upper and its lower bays apart, each with a backplane that lets so much time pass. */
    const times = (...waits: (number | null)[]): number[] => {
      const bayBlocks = waits.map((startSecondsApart, at) => ({
        ...block,
        rows: at + 1,
        topMm: block.topMm + at * 40,
        backplane: block.backplane && { ...block.backplane, startSecondsApart },
      }))
      const groups = startGroups(resolveMachine(changed(cabin, 'chassis', { bayBlocks })), null)
      return groups.map(({ atSeconds }) => atSeconds)
    }
    expect(times(3, null)).toEqual([0, 3, 6, 9])
    expect(times(null, 3)).toEqual([0, 3, 6, 9, 12, 15, 18, 21])
    expect(times(5, 3)).toEqual([0, 3, 5, 6, 9, 10, 12, 15, 18, 21])
  })

  test('drives on the bench do not start, and a bare machine has nothing to start', () => {
    const bench = applyEdit(cabin, { do: 'take-out', driveIds: ['drive-1', 'drive-2'] })
    expect(startGroups(resolveMachine(bench), null)[0]?.drives).toHaveLength(10)
    const bare = startCurve(resolveMachine(newDesign('bare')), null)
    expect(bare.moments).toEqual([{ atSeconds: 0, twelve: 0, five: 0, starting: 0 }])
  })

  test('flash takes no surge, and what it takes comes from 5 V', () => {
    const flash = changed(cabin, 'drive', {
      medium: 'flash',
      start12VAmps: null,
      start5VAmps: null,
    })
    const { peak, missing } = startCurve(resolveMachine(flash), null)
    expect(peak.five).toBeCloseTo((12 * 4.4) / 5, 10)
    expect(missing).toEqual({ twelve: [], five: [] })
  })
})

describe('rails against the start', () => {
  test('a 5 V rail that is too weak blocks, and groups mend it', () => {
    const weak = changed(cabin, 'supply', { rated5VAmps: 8 })
    const finding = findingOf(weak, 'five-volt-surge')
    expect(finding?.sentence).toBe(
      'Starting all drives at once takes 10.8 A at 5 V; the supply carries 8 A there. Start them in groups or take another supply.',
    )
    if (!finding?.fix) throw new Error('groups mend it')
    const mended = applyEdit(weak, finding.fix)
    expect(mended.spinUp?.drivesAtOnce).toBeLessThan(12)
    expect(findingOf(mended, 'five-volt-surge')).toBeUndefined()
    const { drivesAtOnce = 0 } = mended.spinUp ?? {}
    const one = startSurge(
      resolveMachine(weak),
      { drivesAtOnce: drivesAtOnce + 1, secondsApart: 10 },
      'five',
    )
    expect(one?.amps).toBeGreaterThan(8)
  })

  test('what is not known of it is asked for', () => {
    for (const [kind, field] of [
      ['supply', 'rated5VAmps'],
      ['drive', 'start5VAmps'],
    ] as const) {
      const unknown = changed(cabin, kind, { [field]: null })
      const codes = evaluate(unknown).findings.map(({ code }) => code)
      expect(codes).toContain('five-volt-surge-not-known')
      expect(codes).not.toContain('five-volt-surge')
    }
  })

  test('a rail that carries just what is asked of it is enough', () => {
    const { peak } = startCurve(machine, { drivesAtOnce: 12, secondsApart: 10 })
    const most = (rated5VAmps: number): number | undefined =>
      startInGroups(resolveMachine(changed(cabin, 'supply', { rated5VAmps })))?.drivesAtOnce
    expect(most(peak.five)).toBe(12)
    expect(most(peak.five - 0.01)).toBe(11)
    const oneByOne = startCurve(machine, { drivesAtOnce: 1, secondsApart: 10 }).peak.five
    expect(most(oneByOne)).toBe(1)
    expect(most(oneByOne - 0.01)).toBeUndefined()
  })

  test('a rail whose rating nobody gives holds no drive back', () => {
    const unrated = changed(cabin, 'supply', { rated5VAmps: null, rated12VAmps: null })
    expect(startInGroups(resolveMachine(unrated))?.drivesAtOnce).toBe(12)
  })

  test('where even one at a time is too much there are no groups to offer', () => {
    const none = changed(cabin, 'supply', { rated12VAmps: 5 })
    expect(startInGroups(resolveMachine(none))).toBeNull()
    expect(findingOf(none, 'start-surge-too-high')?.fix).toBeNull()
    const smaller = {
      ...changed(cabin, 'supply', { rated12VAmps: 10 }),
      spinUp: inGroups(6).spinUp,
    }
    expect(findingOf(smaller, 'start-surge-too-high')?.sentence).toContain(
      'Starting 6 drives at a time takes',
    )
  })
})

describe('plugs and leads while drives start in groups', () => {
  const weak = withPart(cabin, 'emberlin-calm-450')

  test('carry one group that starts and the others at work', () => {
    const before = stagedWiring(resolveMachine(weak), null)
    const after = stagedWiring(resolveMachine(weak), { drivesAtOnce: 1, secondsApart: 10 })
    if (!before || !after) throw new Error('power wiring is known')
    before.leads.forEach((lead, index) => {
      const behind = lead.driveIds.length
      const staged = after.leads[index]?.startAmps ?? 0
      expect(staged).toBeCloseTo(
        (lead.startAmps ?? 0) - Math.max(0, behind - 1) * (1.9 - 7 / 12),
        10,
      )
    })
    const fed = before.leads.flatMap(({ driveIds }) => driveIds).length
    expect(fed).toBeGreaterThan(1)
    expect(after.rails[0]?.startAmps).toBeCloseTo(
      (before.rails[0]?.startAmps ?? 0) - (fed - 1) * (1.9 - 7 / 12),
      10,
    )
    expect(stagedWiring(machine, null)).toBe(machine.wiring.power)
    // Two groups are enough to take less.
    const half = stagedWiring(machine, { drivesAtOnce: 6, secondsApart: 10 })
    expect(half?.rails[0]?.startAmps).toBeLessThan(machine.wiring.power?.rails[0]?.startAmps ?? 0)
  })

  test('so do adapters, each by the drives behind it', () => {
    const bare = withPart(demoDesign('drawer-of-drives'), 'emberlin-tall-750', {
      sataPlugs: 0,
      sataLeads: 0,
      peripheralPlugs: 4,
      peripheralLeads: 1,
    })
    const onAdapters = resolveMachine(bare)
    const before = stagedWiring(onAdapters, null)
    const after = stagedWiring(onAdapters, { drivesAtOnce: 1, secondsApart: 10 })
    if (!before || !after) throw new Error('power wiring is known')
    const extraOf = (id: string): number => {
      const sheet = onAdapters.pieces.get(id)?.dataSheet
      if (sheet?.kind !== 'drive') throw new Error('no drive')
      return (sheet.start12VAmps ?? 0) - (sheet.readingWatts ?? 0) / 12
    }
    let several = 0
    before.leads.forEach(({ lead, adapters }, index) => {
      adapters.forEach((one, at) => {
        const extras = before.feeds
          .filter(({ leadKey, adapter }) => leadKey === lead.key && adapter === at)
          .flatMap(({ end }) => end.driveIds.map(extraOf))
        if (extras.length > 1) several += 1
        const spared = extras.reduce((sum, extra) => sum + extra, 0) - Math.max(0, ...extras)
        expect(after.leads[index]?.adapters[at]?.startAmps).toBeCloseTo(
          (one.startAmps ?? 0) - spared,
          10,
        )
      })
    })
    expect(several).toBeGreaterThan(1)
  })

  test('a plug that is too weak for all at once holds in groups', () => {
    const { sheet } = demoPart('pellworth-drystone-2u12')
    if (sheet.kind !== 'chassis') throw new Error('a case')
    const onePlug = withPart(cabin, 'pellworth-drystone-2u12', {
      bayBlocks: sheet.bayBlocks.map((block) => ({
        ...block,
        backplane: block.backplane && { ...block.backplane, powerPlugs: 2 },
      })),
    })
    expect(findingOf(onePlug, 'plug-overloaded')).toBeDefined()
    const grouped = { ...onePlug, spinUp: { drivesAtOnce: 1, secondsApart: 10 } }
    expect(findingOf(grouped, 'plug-overloaded')).toBeUndefined()
    const feeds = stagedWiring(resolveMachine(grouped), grouped.spinUp)?.feeds ?? []
    expect(feeds.some(isOverloaded)).toBe(false)
  })
})
