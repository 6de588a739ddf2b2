import { withPart } from '../../fixtures/ruleTable'
import { changedPart, demoDesign, demoPart } from '../../fixtures/demo'
import { driveIdsOf } from '../../fixtures/ruleTable'
import type { Design } from '../design/design'
import { fitPart } from '../design/edits/fitPart'
import { putDrivesInBays } from '../design/edits/putDrivesInBays'
import { evaluate } from '../evaluate'
import { changeSheet } from '../design/edits/changeSheet'
import { moveDrive } from '../design/edits/moveDrive'
import { removeParts } from '../design/edits/removeParts'
import { newDesign } from '../design/newDesign'
import { energyPerYearKilowattHours } from './energyPerYear'
import { idlePower, type PowerFigure } from './idlePower'
import { resolveMachine } from '../machine/resolveMachine'
import { startSurge } from './startSurge'
import { statePowers } from './statePowers'

const idle = (design: Design): PowerFigure => idlePower(design, resolveMachine(design))

describe('a year of power', () => {
  // Common practice, no source: sums from electricity bills.
  test('23 W at 0.32 a kWh is 5.37 a month', () => {
    expect((energyPerYearKilowattHours(23) / 12) * 0.32).toBeCloseTo(5.37, 2)
  })

  test('40 W at 0.205 a kWh is about 6 a month', () => {
    expect((energyPerYearKilowattHours(40) / 12) * 0.205).toBeCloseTo(6, 1)
  })
})

describe('idle watts of a design', () => {
  test('the terms add up, and the wall is their sum over the efficiency', () => {
    const power = idle(demoDesign('cabin-archive'))
    // board 8.5, CPU 11, cooler 0.6, memory 2 × 1.1, controller 11, fans 7.5, boot 0.1, drives 12 × 4.4
    expect(power.dc.likely).toBeCloseTo(93.7, 10)
    // Gold at 230 V loses a ninth at a fifth of 550 W, and half of that without load.
    const atFifth = (110 * (1 - 0.9)) / 0.9
    const expected = 93.7 + atFifth * (0.5 + (0.5 * 93.7) / 110)
    expect(power.wall?.likely).toBeCloseTo(expected, 10)
    expect(power.efficiency).toBeCloseTo(93.7 / expected, 10)
  })

  test('a term names the state only where the draw depends on it, as that of a CPU', () => {
    const stated = ({ terms }: PowerFigure) =>
      terms.flatMap(({ kind, state }) => (state === null ? [] : [[kind, state]]))
    expect(stated(idle(demoDesign('cabin-archive')))).toEqual([['cpu', 'kept awake']])
  })

  test('one card without link power management keeps the CPU awake', () => {
    const cabin = demoDesign('cabin-archive')
    const before = idle(cabin)
    expect(before.vetoPartIds).toEqual(['controller-1'])
    expect(before.veto.likely).toBe(9)
    const after = idle(fitPart(removeParts(cabin, ['controller-1']), demoPart('lockrow-six')))
    expect(after.vetoPartIds).toEqual([])
    // CPU 11 → 2 and controller 11 → 2
    expect(before.dc.likely - after.dc.likely).toBeCloseTo(18, 10)
  })

  test('a drive on the bench draws nothing', () => {
    const shelf = demoDesign('warm-room-shelf')
    const drive = shelf.fitted.find(({ bay }) => bay === 'chassis-1/1')
    const without = idle(moveDrive(shelf, drive?.id ?? '', null))
    expect(idle(shelf).dc.likely - without.dc.likely).toBeCloseTo(3.4, 10)
  })

  test('without a supply the wall is not known, not zero', () => {
    const power = idle(newDesign('bare', [demoPart('tindrel-plain-itx')]))
    expect(power.dc.likely).toBe(5.5)
    expect(power.wall).toBeNull()
    expect(power.costPerYear).toBeNull()
  })

  test('a supply alone takes its own loss', () => {
    const power = idle(newDesign('bare', [demoPart('emberlin-brick-450')]))
    expect(power.wall?.likely).toBeCloseTo(450 * 0.025)
    expect(power.wall?.low).toBeCloseTo(450 * 0.01)
    expect(power.wall?.high).toBeCloseTo(450 * 0.05)
  })
})

test('the start surge adds drives and the rest of the machine on 12 V', () => {
  const surge = startSurge(resolveMachine(demoDesign('cabin-archive')))
  if (!surge || !('amps' in surge)) throw new Error('the surge is known')
  // Board 8.5, cooler 0.6, memory 2.2, controller 11, fans 7.5, boot 0.1 watts; the CPU 11 W and 15 % of its way to 125.
  expect(surge.amps).toBeCloseTo(12 * 1.9 + (29.9 + 11 + 0.15 * 114) / 12, 10)
  expect(surge.ratedAmps).toBe(45)
  expect(startSurge(resolveMachine(newDesign('bare')))).toBeNull()
})

test('drives in an enclosure start from its own supply and hide nothing', () => {
  const alone = demoDesign('cabin-archive')
  const annex = fitPart(alone, demoPart('pellworth-annex-12'))
  const filled = putDrivesInBays(
    annex,
    demoPart('quillon-keep-12'),
    Array.from({ length: 12 }, (_, index) => `enclosure-1/${index + 1}`),
  )
  expect(startSurge(resolveMachine(filled))).toEqual(startSurge(resolveMachine(alone)))
  // Six drives of 1.9 A and 40.8 W beside them are 14.8 A.
  const six = removeParts(filled, driveIdsOf(alone).slice(6))
  const weak = fitPart(six, changedPart('emberlin-steady-550', { rated12VAmps: 14 }))
  expect(evaluate(weak).findings.map(({ code }) => code)).toContain('start-surge-too-high')
})

describe('what keeps the CPU awake', () => {
  const cabin = demoDesign('cabin-archive')

  test('its cost is the difference of both values, and unknown without one of them', () => {
    expect(idle(cabin).veto).toMatchObject({ missing: [] })
    expect(idle(cabin).veto.likely).toBeGreaterThan(0)
    for (const field of ['deepIdleWatts', 'shallowIdleWatts']) {
      const { veto } = idle(withPart(cabin, 'varnholt-mid-8', { [field]: null }))
      expect(veto.missing).toEqual([{ pieceId: 'cpu-1', field }])
      expect(veto.low).toBe(0)
    }
  })

  test('a card that does not say whether it lets the CPU sleep widens the band, and is named', () => {
    const snapshotId = cabin.snapshots.find(({ slug }) => slug === 'lockrow-sixteen')?.id ?? ''
    const [unsaid, sleeps, awake] = [null, true, false].map((permitsDeepIdle) =>
      idle(changeSheet(cabin, snapshotId, { permitsDeepIdle })),
    )
    if (!unsaid || !sleeps || !awake) throw new Error('three answers')
    expect(unsaid.dc.low).toBe(sleeps.dc.low)
    expect(unsaid.dc.high).toBe(awake.dc.high)
    const spinning = (permitsDeepIdle: boolean | null) => {
      const design = changeSheet(cabin, snapshotId, { permitsDeepIdle })
      return statePowers(design, resolveMachine(design))('spinning').dc
    }
    expect(spinning(null).low).toBe(spinning(true).low)
    expect(spinning(null).high).toBe(spinning(false).high)
    expect(spinning(false).high).toBeGreaterThan(spinning(true).high)
    expect(awake.dc.high).toBeGreaterThan(sleeps.dc.high)
    expect(unsaid.dc.missing).toEqual([{ pieceId: 'controller-1', field: 'permitsDeepIdle' }])
  })

  test('where another keeps it awake already, nobody need know about the second', () => {
    const both = withPart(cabin, 'lockrow-eight', { permitsDeepIdle: null })
    expect(idle(both).dc.missing).toEqual([])
  })
})
