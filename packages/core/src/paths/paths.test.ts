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

const cabin = demoDesign('cabin-archive')
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
    expect(flows.map(({ bytesPerSecond }) => bytesPerSecond)).toEqual([150e6, 150e6, 150e6, 150e6])
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
