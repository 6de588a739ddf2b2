import { demoDesign, demoPart } from '../../fixtures/demo'
import { withPart, without } from '../../fixtures/ruleTable'
import type { Design } from '../design/design'
import { changeBrief } from '../design/edits/changeFields'
import { putDrivesInBays } from '../design/edits/putDrivesInBays'
import { TIB } from '../units/bytes'
import { dataOfOneKind } from '../../fixtures/ruleTable'
import { type ScenarioRates, scenarioRates } from './scenarioRates'
import { scenarios } from './scenarios/scenarios'
import type { LinkKind } from '../machine/links/link'
import type { Machine } from '../machine/machine'
import { resolveMachine } from '../machine/resolveMachine'

const cabin = changeBrief(demoDesign('cabin-archive'), { readers: [] })
const shelf = demoDesign('warm-room-shelf')
const drawer = demoDesign('drawer-of-drives')

const machineOf = (design: Design): Machine => resolveMachine(design)
/** The kinds of the links on the way of each drive, the nearest first. */
function waysOf(design: Design): LinkKind[][] {
  const { drivePaths, links } = machineOf(design)
  const kindOf = new Map(links.map(({ id, kind }) => [id, kind]))
  return drivePaths.map((path) => path.links.flatMap((id) => kindOf.get(id) ?? []))
}
function rates(design: Design, id: string): ScenarioRates {
  const scenario = scenarios.find((one) => one.id === id)
  if (!scenario) throw new Error(`no scenario ${id}`)
  return scenarioRates(design, machineOf(design), scenario)
}

describe('the way of each drive', () => {
  test('over its port and the slot of its controller', () => {
    const { links, wiring } = machineOf(cabin)
    const ways = waysOf(cabin)
    expect(ways).toHaveLength(12)
    expect(wiring.data.unreachedIds).toEqual([])
    expect(ways[0]).toEqual(['platter', 'port', 'slot'])
    expect(links.find(({ kind }) => kind === 'slot')).toMatchObject({
      name: 'slot 1 · Sixteen',
      reason: '×8 of generation 3, from the CPU',
      known: true,
    })
  })

  test('over the chipset from the ports of the board', () => {
    expect(waysOf(shelf)[0]).toEqual(['platter', 'port', 'chipset'])
  })

  test('some on the controller, the rest on the board, and what no port is left for', () => {
    const ways = waysOf(drawer).map((way) => way.at(-1))
    expect(ways).toEqual([...Array<string>(6).fill('slot'), 'chipset', 'chipset'])
    const { data } = machineOf(without(cabin, 'controller')).wiring
    expect(data.unreachedIds).toHaveLength(6)
  })

  test('an old port holds a quick drive back', () => {
    const old = withPart(shelf, 'tindrel-plain-itx', { sataGenerations: [1, 1, 1, 1] })
    const { flows, narrowest } = rates(old, 'scrub')
    expect(flows.map(({ bytesPerSecond }) => bytesPerSecond)).toEqual([138e6, 138e6, 138e6, 138e6])
    expect(narrowest?.kind).toBe('port')
  })

  test('every link has a rate and a reason, and says when it is assumed', () => {
    for (const design of [cabin, shelf, drawer]) {
      for (const { bytesPerSecond, reason, known } of machineOf(design).links) {
        expect(bytesPerSecond).toBeGreaterThan(0)
        expect(reason).not.toBe('')
        expect(reason.includes('assumed')).toBe(!known)
      }
    }
  })

  test('without a board there are no ways', () => {
    expect(machineOf(without(cabin, 'board'))).toMatchObject({ links: [], drivePaths: [] })
  })
})

describe('rates', () => {
  test('a scrub goes as fast as the platters, and takes as long', () => {
    const { flows, bytesPerSecond, narrowest, alike, gainWhenDoubled, seconds } = rates(
      cabin,
      'scrub',
    )
    // With drives twice as quick all are: the slot has room for 6,695 MB/s, twelve drives want 6,000.
    expect([alike, gainWhenDoubled]).toEqual([12, 2])
    expect(flows).toHaveLength(12)
    expect(bytesPerSecond).toBe(12 * 250e6)
    expect(narrowest?.kind).toBe('platter')
    // 12 TB at three quarters of 250 MB/s. Common practice, no source: about 13 hours for 10 TB.
    const hours = (seconds ?? 0) / 3600
    expect(hours).toBeCloseTo(12_000_138_625_024 / (0.75 * 250e6) / 3600, 6)
    expect((hours * 10) / 12).toBeGreaterThan(11)
    expect((hours * 10) / 12).toBeLessThan(16)
  })

  // Common practice, no source: an old controller on an old slot is slower than its drives during a scrub.
  test('an old controller holds its drives back; the slot is named', () => {
    const old = withPart(without(cabin, 'controller'), 'lockrow-sixteen', {
      pcieGeneration: 1,
      lanes: 4,
    })
    const { narrowest, gainWhenDoubled, loads } = rates(old, 'scrub')
    expect(narrowest?.name).toBe('slot 1 · Sixteen')
    expect(gainWhenDoubled).toBeCloseTo(2, 6)
    expect(loads.find(({ link }) => link.kind === 'slot')?.share).toBeCloseTo(1, 6)
  })

  test('a reader gets one port, several readers what the ports and drives give', () => {
    const one = rates(changeBrief(cabin, { readersAtOnce: 1 }), 'readers')
    // Common practice, no source: 113 to 114 MB/s in a file copy over gigabit.
    expect(one.bytesPerSecond / 1e6).toBeGreaterThan(113)
    expect(one.bytesPerSecond / 1e6).toBeLessThan(114.5)
    expect(one.narrowest?.name).toContain('network port')
    const four = rates(changeBrief(cabin, { readersAtOnce: 4 }), 'readers')
    expect(four.bytesPerSecond).toBeCloseTo(one.bytesPerSecond, -3)
    // Common practice, no source: four ports of 1 Gb/s give one reader no more than one of them.
    const joined = withPart(cabin, 'wickmere-four')
    const alone = rates(changeBrief(joined, { readersAtOnce: 1 }), 'readers')
    expect(alone.bytesPerSecond).toBeCloseTo(one.bytesPerSecond, -3)
    const all = rates(changeBrief(joined, { readersAtOnce: 4 }), 'readers')
    expect(all.bytesPerSecond / one.bytesPerSecond).toBeCloseTo(4, 3)
  })

  test('a rebuild is as slow as the slowest of its group', () => {
    const slow = putDrivesInBays(cabin, demoPart('marrowby-early-2'), ['chassis-1/12'])
    expect(rates(cabin, 'rebuild').bytesPerSecond).toBe(250e6)
    expect(rates(slow, 'rebuild').bytesPerSecond).toBe(250e6)
    const both = putDrivesInBays(slow, demoPart('marrowby-early-2'), ['chassis-1/1'])
    expect(rates(both, 'rebuild').bytesPerSecond).toBe(130e6)
  })

  test('copying today’s data in takes its size over the port', () => {
    const brief = changeBrief(cabin, { data: dataOfOneKind(TIB, 0) })
    const { seconds, bytesPerSecond } = rates(brief, 'copy-in')
    expect(seconds).toBeCloseTo(TIB / bytesPerSecond, 3)
  })

  test('everything at once loads more than each alone', () => {
    const sum = rates(cabin, 'everything').bytesPerSecond
    expect(sum).toBeGreaterThanOrEqual(rates(cabin, 'readers').bytesPerSecond)
    expect(rates(cabin, 'everything').flows.length).toBeGreaterThan(12)
  })

  test('a design without pools moves nothing', () => {
    for (const { id } of scenarios) {
      expect(rates({ ...cabin, pools: [] }, id)).toMatchObject({
        bytesPerSecond: 0,
        narrowest: null,
      })
    }
  })
})

test('what is read from drives and sent to a reader goes both ways over the chipset at once', () => {
  // Two lanes of the third generation move 1,674 MB/s each way; drives and the card of 10 Gb/s are behind them.
  const narrow = { chipsetLanes: 2, chipsetPcieGeneration: 3 }
  const both = withPart(
    withPart(without(cabin, 'controller'), 'tindrel-middle-m', narrow),
    'wickmere-ten',
  )
  const { links } = machineOf(both)
  expect(links.find(({ kind }) => kind === 'chipset')?.bytesPerSecond).toBeCloseTo(1_673.8e6, -5)
  const one = rates(changeBrief(both, { readersAtOnce: 1 }), 'readers')
  // Source: 1,460 of 1,538 bytes on the wire (IEEE 802.3, RFC 791, RFC 793), of which a copy sees 96 %.
  expect(one.bytesPerSecond / 1e6).toBeCloseTo(1_139.1, 0)
  expect(one.narrowest?.kind).toBe('network')
  expect(rates(both, 'copy-in').bytesPerSecond / 1e6).toBeCloseTo(1_139.1, 0)
})

describe('times of jobs over drives', () => {
  const hours = (design: Design, id: string): number => (rates(design, id).seconds ?? 0) / 3_600

  test('a narrower slot never makes a scrub or a rebuild shorter', () => {
    for (const id of ['scrub', 'rebuild']) {
      const widths = [16, 8, 4, 2, 1].map((lanes) =>
        hours(withPart(without(cabin, 'controller'), 'lockrow-sixteen', { lanes }), id),
      )
      widths.forEach((one, at) => {
        expect(one).toBeGreaterThanOrEqual((widths[at - 1] ?? 0) * (1 - 1e-9))
      })
      expect(widths[0]).toBeGreaterThan(0)
    }
    const old = { lanes: 1, pcieGeneration: 1 as const }
    const throttled = withPart(without(cabin, 'controller'), 'lockrow-sixteen', old)
    // One lane of the first generation moves 200 MB/s for twelve drives of 12 TB.
    expect(hours(throttled, 'scrub')).toBeCloseTo((12 * 12_000_138_625_024) / 200e6 / 3_600, 0)
    expect(hours(throttled, 'scrub')).toBeGreaterThan(5 * hours(cabin, 'scrub'))
  })

  test('flash is not slower inside', () => {
    const flash = {
      ...cabin,
      snapshots: cabin.snapshots.map((one) =>
        one.sheet.kind === 'drive'
          ? { ...one, sheet: { ...one.sheet, medium: 'flash' as const } }
          : one,
      ),
    }
    expect(hours(flash, 'scrub') / hours(cabin, 'scrub')).toBeCloseTo(3 / 4, 6)
  })

  test('what nothing can be put on is not read', () => {
    // One large drive among the twelve changes no time: only as much of it is read as of the others.
    const large = putDrivesInBays(cabin, demoPart('quillon-keep-24'), ['chassis-1/1'])
    expect(hours(large, 'scrub')).toBeLessThanOrEqual(hours(cabin, 'scrub') * 1.02)
  })

  test('what is stored today is scrubbed sooner, but by families that read their drives from end to end', () => {
    const data = { data: dataOfOneKind(10 * TIB, 0) }
    const { seconds, secondsToday } = rates(changeBrief(cabin, data), 'scrub')
    // 10 TiB of 87 TiB, from the quick outer tracks.
    expect((secondsToday ?? 0) / (seconds ?? 1)).toBeLessThan(0.12)
    expect(secondsToday).toBeGreaterThan(0)
    expect(rates(changeBrief(cabin, { data: [] }), 'scrub').secondsToday).toBeNull()
    // More than it holds is a pool that is full, of which there is no sooner.
    const over = changeBrief(cabin, { data: dataOfOneKind(900 * TIB, 0) })
    expect(rates(over, 'scrub').secondsToday).toBeNull()
    const parity = drawer.pools.map(({ family }) => family)
    expect(parity).toContain('scheduled-parity')
    expect(rates(changeBrief(drawer, data), 'scrub').secondsToday).toBeNull()
  })

  test('the order of pools changes nothing that readers get or a copy takes', () => {
    const [pool] = cabin.pools
    if (!pool) throw new Error('no pool')
    const [first, second] = pool.groups
    if (!first || !second) throw new Error('two groups are wanted')
    const small = { ...second, driveIds: second.driveIds.slice(0, 5) }
    const pools = [
      { ...pool, groups: [first] },
      { ...pool, id: 'pool-2', name: 'Second', groups: [small] },
    ] as Design['pools']
    const one = changeBrief({ ...cabin, pools }, { readersAtOnce: 2, data: dataOfOneKind(TIB, 0) })
    const other = { ...one, pools: [...pools].reverse() }
    for (const { id } of scenarios) {
      const [before, after] = [rates(one, id), rates(other, id)]
      expect(after.bytesPerSecond).toBeCloseTo(before.bytesPerSecond, 3)
      expect(after.seconds).toBe(before.seconds)
    }
  })
})
