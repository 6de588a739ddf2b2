import { demoDesign } from '../../fixtures/demo'
import { applyEdit } from '../design/edits/edit'
import { newDesign } from '../design/newDesign'
import { resolveMachine } from '../machine/resolveMachine'
import { idlePower } from '../power/idlePower'
import { statePowers } from '../power/statePowers'
import { pullTest } from './pullTest'
import { readSeries } from './readSeries'
import { readingsCsv } from './readingsCsv'
import { simulatedMeter } from './simulatedMeter'

const cabin = demoDesign('cabin-archive')
const machine = resolveMachine(cabin)
const wallOf = (design: typeof cabin): number =>
  statePowers(design, resolveMachine(design))('spinning').wall?.likely ?? 0

describe('a pull test', () => {
  test('gives back what the piece draws in the plan, when the meter shows the plan', () => {
    const without = applyEdit(cabin, { do: 'take-out', driveIds: ['drive-1'] })
    const test = pullTest(cabin, machine, 'drive-1', wallOf(cabin), wallOf(without), 'spinning')
    expect(test).toMatchObject({ field: 'idleWatts', watts: 4.4, sheetWatts: 4.4, cpuWatts: 0 })
  })

  test('what the CPU saves without the one device that kept it awake is told apart', () => {
    const without = applyEdit(cabin, { do: 'remove', partIds: ['controller-1'] })
    const { veto } = idlePower(cabin, machine)
    // Without the controller its drives still draw, wherever they hang; only its own watts and the CPU's are gone.
    const test = pullTest(
      cabin,
      machine,
      'controller-1',
      wallOf(cabin),
      wallOf(without),
      'spinning',
    )
    expect(test?.cpuWatts).toBeCloseTo(veto.likely, 6)
    expect(test?.watts).toBeCloseTo(11, 0)
  })

  test('is taken over as measured, and the band grows narrow', () => {
    const test = pullTest(cabin, machine, 'drive-1', 105, 97, 'spinning')
    if (!test) throw new Error('a drive can be pulled')
    const after = applyEdit(cabin, test.edit)
    const sheet = after.snapshots.find(({ sheet: one }) => one.kind === 'drive')?.sheet
    expect(sheet).toMatchObject({ idleWatts: test.watts, sources: { idleWatts: 'measured' } })
    expect(test.watts).toBeGreaterThan(6)
    expect(test.watts).toBeLessThan(8)
  })

  test('is about standby where disks sleep, and about reading while all are read', () => {
    const fieldIn = (state: 'asleep' | 'scrub') =>
      pullTest(cabin, machine, 'drive-1', 90, 89, state)?.field
    expect([fieldIn('asleep'), fieldIn('scrub')]).toEqual(['standbyWatts', 'readingWatts'])
  })

  test('says nothing of what is not there, of what draws nothing, and without a supply', () => {
    expect(pullTest(cabin, machine, 'drive-99', 50, 40, 'spinning')).toBeNull()
    expect(pullTest(cabin, machine, 'supply-1', 50, 40, 'spinning')).toBeNull()
    const bare = newDesign('bare')
    expect(pullTest(bare, resolveMachine(bare), 'drive-1', 50, 40, 'spinning')).toBeNull()
    expect(pullTest(cabin, machine, 'drive-1', 40, 50, 'spinning')?.watts).toBe(0)
  })
})

describe('the simulated meter', () => {
  const meter = simulatedMeter(cabin)
  if (!meter) throw new Error('a supply is there')

  test('shows the same second the same, and comes through every kind of state', () => {
    expect(meter(500)).toEqual(meter(500))
    const states = new Set(Array.from({ length: 460 }, (_, at) => meter(at * 10).state))
    expect([...states].toSorted()).toEqual([
      'all readers',
      'asleep',
      'firmware',
      'one reader',
      'spinning',
      'starting',
    ])
  })

  test('stays within a hundredth of the plan once it is warm, and lies above it cold', () => {
    const plan = wallOf(cabin)
    const warm = Array.from({ length: 50 }, (_, at) => meter(46_000 + 200 + at * 10)).filter(
      ({ state }) => state === 'spinning',
    )
    expect(warm.length).toBeGreaterThan(10)
    for (const { watts } of warm) {
      expect(Math.abs(watts - plan)).toBeLessThan(plan * 0.011 + 0.1)
    }
    expect(new Set(warm.map(({ watts }) => watts)).size).toBeGreaterThan(5)
    const cold = meter(170)
    expect(cold.state).toBe('spinning')
    expect(cold.watts).toBeGreaterThan(plan * 1.005)
  })

  test('there is none without a supply', () => {
    expect(simulatedMeter(newDesign('bare'))).toBeNull()
  })
})

test('readings as CSV are read as a log of watts, and no cell begins a formula', () => {
  const reading = {
    takenAt: '2026-11-20T18:30:00.000Z',
    watts: 42.5,
    state: 'spinning',
    lidClosed: true,
    peripheralsOut: null,
    minutesWaited: 30,
    meter: '=SUM(A1)',
    note: 'with, a comma',
    source: 'bench',
    pulledPieceId: null,
    wattsBefore: null,
  }
  const later = { ...reading, takenAt: '2026-11-20T18:31:00.000Z', watts: 43 }
  const text = `${readingsCsv.head}${readingsCsv.line(reading)}${readingsCsv.line(later)}`
  expect(text.split('\r\n')[1]).toBe(
    `2026-11-20T18:30:00.000Z,42.5,spinning,true,,30,"'=SUM(A1)","with, a comma",bench,,`,
  )
  expect(readSeries(text)?.readings.map(({ watts }) => watts)).toEqual([42.5, 43])
})
