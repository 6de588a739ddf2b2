import fc from 'fast-check'
import { changedPart, demoDesign, demoPart, demoParts } from '../../fixtures/demo'
import { findingOf, withPart, without } from '../../fixtures/ruleTable'
import type { AirChoices } from '../design/air'
import type { Design } from '../design/design'
import { changeBrief } from '../design/edits/changeFields'
import { changeSheet } from '../design/edits/changeSheet'
import { applyEdit } from '../design/edits/edit'
import { fitAnother } from '../design/edits/fitPart'
import { evaluate } from '../evaluate'
import { resolveMachine } from '../machine/resolveMachine'
import { coolingWays } from '../offers/coolingWays'
import { printedHeat, printedNoise } from '../printedHeat'
import { type AirFlow, airFlow } from './airFlow'
import { combinedBand } from '../units/combinedBand'
import { airNetwork } from './airNetwork'
import { airRise } from './airRise'
import { dutyFor } from './dutyFor'
import { driveKelvinPerWatt } from './driveKelvinPerWatt'
import { atDuty, fansTogether, flowThrough } from './fanCurve'
import { HOTTEST_STATE, type HeatFigure, machineHeat } from './machineHeat'
import { besideEachOther, openingDrag } from './openingDrag'
import { warmestRow } from './warmestRow'

const cabin = demoDesign('cabin-archive')
const drawer = demoDesign('drawer-of-drives')
const CUBIC_METRES_PER_HOUR_PER_CFM = 1.699

const withAir = (design: Design, air: Partial<AirChoices>): Design => ({
  ...design,
  air: { ...design.air, ...air },
})
const withCase = (design: Design, change: Record<string, unknown>): Design => {
  const snapshot = design.snapshots.find(({ sheet }) => sheet.kind === 'chassis')
  return changeSheet(design, snapshot?.id ?? '', change)
}
const flowOf = (design: Design): AirFlow => {
  const flow = airFlow(resolveMachine(design), design.air)
  if (!flow) throw new Error('a case with air')
  return flow
}
const heatOf = (design: Design): HeatFigure => {
  const machine = resolveMachine(design)
  return machineHeat(design, machine, airFlow(machine, design.air), HOTTEST_STATE)
}
const warmest = (design: Design) => {
  const row = warmestRow(heatOf(design))
  if (!row) throw new Error('a row of drives')
  return row.kelvin
}

describe('air that takes up heat', () => {
  // Source: P = ρ × c × Q × ΔT; 1.76 K for each W and CFM as fan handbooks give it (from memory).
  test('one watt in one cubic foot a minute is 1.76 K', () => {
    expect(airRise(1, CUBIC_METRES_PER_HOUR_PER_CFM)).toBeCloseTo(1.76, 2)
  })

  test('walls take their share, and without any air all of it', () => {
    expect(airRise(100, 60, 20)).toBeCloseTo(100 / (1 / airRise(1, 60) + 20), 10)
    expect(airRise(60, 0, 3)).toBe(20)
  })
})

test('what is known badly is no less than nothing', () => {
  const wide = { low: 0.01, likely: 1, high: 4 }
  const { low, likely, high } = combinedBand([wide, wide], ([one = 0, other = 0]) => one * other)
  expect([low, likely]).toEqual([0, 1])
  expect(high).toBeCloseTo(1 + Math.sqrt(2 * 3 ** 2), 10)
})

describe('openings and fans', () => {
  // Source: orifice equation, Q = 0.6 × A × √(2 Δp / ρ): 10 Pa at 100 cm² are 88 m³/h.
  test('an opening lets through what the orifice equation says', () => {
    expect(flowThrough(null, openingDrag(0.01), 10)).toBeCloseTo(
      0.6 * 0.01 * Math.sqrt((2 * 10) / 1.2) * 3_600,
      6,
    )
  })

  test('two equal openings beside each other are one of twice the area', () => {
    expect(besideEachOther([openingDrag(0.01), openingDrag(0.01)])).toBeCloseTo(
      openingDrag(0.02),
      12,
    )
    expect(besideEachOther([Infinity])).toBe(Infinity)
  })

  // Source: fan laws, Q ~ n and p ~ n² (engineering handbooks, from memory).
  test('at half its speed a fan moves half as much, against a quarter of the pressure', () => {
    const fan = { freeCubicMetresPerHour: 100, closedPascals: 40 }
    expect(atDuty(fan, 0.5)).toEqual({ freeCubicMetresPerHour: 50, closedPascals: 10 })
    expect(fansTogether([fan, fan])).toEqual({ freeCubicMetresPerHour: 200, closedPascals: 40 })
    expect(fansTogether([])).toBeNull()
  })

  test('a fan with nothing in its way moves all it can, and a closed one nothing', () => {
    const fan = { freeCubicMetresPerHour: 100, closedPascals: 40 }
    expect(flowThrough(fan, 0, 0)).toBe(100)
    expect(flowThrough(fan, Infinity, 0)).toBe(0)
    expect(flowThrough(fan, 1e-9, 0)).toBeCloseTo(100, 2)
    expect(flowThrough(fan, openingDrag(0.01), -60)).toBeLessThan(0)
  })
})

test('what flows into each chamber flows out of it', () => {
  const drag = fc.double({ min: 1e-6, max: 10, noNaN: true })
  const fan = fc.record({
    freeCubicMetresPerHour: fc.double({ min: 5, max: 500, noNaN: true }),
    closedPascals: fc.double({ min: 1, max: 300, noNaN: true }),
  })
  fc.assert(
    fc.property(drag, drag, drag, drag, fan, fan, (one, two, three, four, inside, out) => {
      const branches = [
        { from: 'room', to: 'drives', fan: null, drag: one },
        { from: 'drives', to: 'board', fan: inside, drag: two },
        { from: 'board', to: 'drives', fan: null, drag: three },
        { from: 'board', to: 'room', fan: out, drag: 0 },
        { from: 'board', to: 'room', fan: null, drag: four },
      ] as const
      const { flows } = airNetwork(branches)
      const [front = 0, middle = 0, gap = 0, supply = 0, rear = 0] = flows
      const most = Math.max(...flows.map(Math.abs), 1)
      expect(Math.abs(front + gap - middle)).toBeLessThan(most * 0.005 + 0.05)
      expect(Math.abs(middle - gap - supply - rear)).toBeLessThan(most * 0.005 + 0.05)
    }),
    { numRuns: 200, seed: 11 },
  )
})

describe('air through a case', () => {
  test('faster fans move more past the drives, and drives get cooler', () => {
    const duties = [0.2, 0.4, 0.6, 0.8, 1]
    const flows = duties.map((fanDuty) => flowOf(withAir(cabin, { fanDuty })).pastDrives.likely)
    const kelvins = duties.map((fanDuty) => warmest(withAir(cabin, { fanDuty })).likely)
    expect(flows).toEqual(flows.toSorted((one, other) => one - other))
    expect(kelvins).toEqual(kelvins.toSorted((one, other) => other - one))
  })

  test('a fuller filter, a smaller opening and a cover that is off warm the drives', () => {
    const filter = (['clean', 'half', 'clogged'] as const).map(
      (filters) => warmest(withAir(drawer, { filters })).likely,
    )
    expect(filter).toEqual(filter.toSorted((one, other) => one - other))
    expect(filter[2]).toBeGreaterThan((filter[0] ?? 0) + 3)
    const front = (['mesh', 'drilled', 'closed'] as const).map(
      (frontOpening) => warmest(withCase(cabin, { frontOpening })).likely,
    )
    expect(front).toEqual(front.toSorted((one, other) => one - other))
    expect(warmest(withAir(cabin, { cover: 'off' })).likely).toBeGreaterThan(warmest(cabin).likely)
  })

  test('covered vents warm the drives, and to uncover them is a way to cool', () => {
    const covered = withAir(cabin, { ventsCovered: true })
    expect(warmest(covered).likely).toBeGreaterThan(warmest(cabin).likely)
    expect(flowOf(covered).pastBoard.likely).toBeLessThan(flowOf(cabin).pastBoard.likely)
    const ways = coolingWays(covered, resolveMachine(covered), [])
    expect(ways.map(({ what }) => what)).toContain('uncover the vents')
  })

  test('air that goes another way than past the drives may pass them by', () => {
    const across = flowOf(withCase(cabin, { airflow: 'bottom to top' }))
    expect(across.isAcross).toBe(true)
    expect(across.pastDrives).toEqual({
      low: 1.5,
      likely: flowOf(cabin).pastDrives.likely / 2,
      high: flowOf(cabin).pastDrives.high,
    })
    expect(flowOf(cabin).isAcross).toBe(false)
  })

  test('a closed gap sends nothing back, and cools', () => {
    const closed = withAir(cabin, { gapClosed: true })
    expect(flowOf(cabin).backThroughGap.likely).toBeGreaterThan(1)
    expect(flowOf(closed).backThroughGap.likely).toBe(0)
    expect(warmest(closed).likely).toBeLessThan(warmest(cabin).likely)
  })

  test('ends are in order, and what nobody gives makes the band wider', () => {
    const unsaid = withCase(cabin, {
      fanFlowCubicMetresPerHour: null,
      fanPressurePascals: null,
      frontOpening: null,
    })
    const [known, guessed] = [flowOf(cabin).pastDrives, flowOf(unsaid).pastDrives]
    expect(known.low).toBeLessThan(known.likely)
    expect(known.likely).toBeLessThan(known.high)
    expect(guessed.high / guessed.low).toBeGreaterThan(known.high / known.low)
    expect(flowOf(unsaid).missing.map(({ field }) => field)).toEqual([
      'fanFlowCubicMetresPerHour',
      'frontOpening',
    ])
    const howMany = withCase(cabin, { fanCount: null })
    expect(flowOf(howMany).missing.map(({ field }) => field)).toContain('fanCount')
    expect(flowOf(howMany).pastDrives.low).toBeLessThan(known.low / 2)
  })

  test('fans at the rear pull the supply’s own fan to a stop; the case says so', () => {
    const place = {
      wall: 'rear',
      alongMm: 100,
      insideMm: null,
      sizeMm: 80,
      blows: 'out',
      filtered: null,
    }
    const pulling = withAir(
      withCase(cabin, { fanPlaces: [place, place, place], frontOpening: 'closed' }),
      { fanDuty: 1 },
    )
    const { supply, boardPascals, freeOut, freeIn } = flowOf(pulling)
    expect(supply?.flow.likely).toBeLessThan(0)
    expect(boardPascals.likely).toBeLessThan(0)
    expect([freeIn, freeOut]).toEqual([0, 330])
    expect(findingOf(pulling, 'supply-fan-starved')?.sentence).toContain('moves no air')
    expect(findingOf(cabin, 'supply-fan-starved')).toBeUndefined()
    const filtered = withCase(pulling, { frontFilter: true })
    expect(findingOf(filtered, 'more-out-than-in')?.severity).toBe('note')
    expect(findingOf(pulling, 'more-out-than-in')).toBeUndefined()
  })

  test('the open has no air of its own, and its drives stand in the room', () => {
    const open = withPart(drawer, 'ashgrove-bare-tray')
    expect(airFlow(resolveMachine(open), open.air)).toBeNull()
    const heat = heatOf(open)
    expect(heat.outletKelvin).toBeNull()
    expect(heat.rows.every(({ cubicMetresPerHour }) => cubicMetresPerHour === null)).toBe(true)
    expect(airFlow(resolveMachine(without(cabin, 'chassis')), cabin.air)).toBeNull()
  })
})

describe('how warm drives get', () => {
  // Source: convection along a plate, h = 0.664 k/L √Re ∛Pr (heat transfer handbooks, from memory), with 8 W/(m²·K) still.
  test('a drive in air at 1 m/s is over it by what its surface passes on', () => {
    const length = 0.147
    const reynolds = (1 * length) / 1.6e-5
    const moving = ((0.664 * 0.026) / length) * Math.sqrt(reynolds) * 0.71 ** (1 / 3)
    const area = 2 * (0.1016 * 0.147 + 0.147 * 0.0261 + 0.1016 * 0.0261)
    expect(driveKelvinPerWatt(1, '3.5', 1)).toBeCloseTo(1 / ((8 + moving) * area), 1)
    expect(driveKelvinPerWatt(0, '3.5', 1)).toBeCloseTo(1 / (8 * area), 6)
    expect(driveKelvinPerWatt(1, '2.5', 0.8)).toBeGreaterThan(driveKelvinPerWatt(1, '3.5', 0.8))
  })

  // Common practice, no source: 45 °C with hardly any air; a fan controller that holds 38 °C.
  test('twelve drives in a 2U case at 24 °C are where builders find them', () => {
    const { low, likely, high } = warmest(cabin)
    expect(24 + low).toBeGreaterThan(30)
    expect(24 + likely).toBeGreaterThan(36)
    expect(24 + likely).toBeLessThan(43)
    expect(24 + high).toBeLessThan(50)
  })

  test('a closed, padded case with ten drives at 22 °C is not called fine', () => {
    const padded = changeBrief(withPart(drawer, 'ashgrove-tall-10'), { roomCelsius: 22 })
    const limit = evaluate(padded).limits.find(({ id }) => id === 'room-temperature')
    expect(limit?.status).not.toBe('kept')
    expect(findingOf(padded, 'drives-warm')?.houseRule).toBe('drives below 45 °C')
  })

  test('rows near to fans get more of the air where their places are known', () => {
    const at = (alongMm: number) => ({
      wall: 'inside',
      alongMm,
      insideMm: 200,
      sizeMm: 80,
      blows: 'in',
      filtered: null,
    })
    const aside = withCase(cabin, { fanPlaces: [at(60), at(60), at(60)] })
    const rows = heatOf(aside).rows.map(({ kelvin }) => kelvin.likely)
    expect(rows).toEqual(rows.toSorted((one, other) => one - other))
    expect((rows[3] ?? 0) - (rows[0] ?? 0)).toBeGreaterThan(2)
    const even = heatOf(cabin).rows.map(({ kelvin }) => kelvin.likely.toFixed(6))
    expect(new Set(even).size).toBe(1)
  })

  test('drives in an enclosure have a band of their own', () => {
    const bay = 'enclosure-1/1'
    const annex = applyEdit(withPart(cabin, 'pellworth-annex-12'), {
      do: 'put-drives',
      model: demoPart('quillon-keep-12'),
      bays: [bay],
    })
    const row = heatOf(annex).rows.find(({ bayIds }) => bayIds.includes(bay))
    expect(row).toMatchObject({
      isOutside: true,
      cubicMetresPerHour: null,
      kelvin: { low: 8, high: 20 },
    })
  })

  test('the limit holds a disk to what its maker allows', () => {
    const warm = changeBrief(cabin, { roomCelsius: 24 })
    const keep = warm.snapshots.find(({ sheet }) => sheet.kind === 'drive')?.id ?? ''
    const strict = changeSheet(warm, keep, { maxCelsius: 30 })
    expect(findingOf(warm, 'room-too-warm')).toBeUndefined()
    expect(findingOf(strict, 'room-too-warm')?.severity).toBe('blocks')
  })
})

describe('what would cool it', () => {
  test('fans turn just as fast as holds the temperature', () => {
    const machine = resolveMachine(cabin)
    const duty = dutyFor(cabin, machine, 14, 'likely')
    if (duty === null) throw new Error('14 K can be held')
    expect(warmest(withAir(cabin, { fanDuty: duty })).likely).toBeLessThanOrEqual(14)
    expect(warmest(withAir(cabin, { fanDuty: duty - 0.02 })).likely).toBeGreaterThan(14)
    expect(dutyFor(cabin, machine, 2, 'likely')).toBeNull()
    expect(dutyFor(cabin, machine, 40, 'high')).toBe(0.2)
  })

  test('each way says what it changes, the coolest first, and does it', () => {
    const dusty = withAir(changeBrief(drawer, { roomCelsius: 28 }), {
      filters: 'clogged',
      cover: 'off',
    })
    const ways = coolingWays(dusty, resolveMachine(dusty), demoParts())
    expect(ways.map(({ what }) => what)).toEqual(
      expect.arrayContaining(['clean the filters', 'cover on', 'another fan']),
    )
    const kelvins = ways.map(({ kelvin }) => kelvin)
    expect(kelvins).toEqual(kelvins.toSorted((one, other) => one - other))
    const [best] = ways
    if (!best) throw new Error('a way')
    const after = applyEdit(dusty, best.edit)
    expect(warmest(after).likely - warmest(dusty).likely).toBeCloseTo(best.kelvin, 6)
  })

  test('a quieter fan of the same size is offered in the place of a loud one', () => {
    const loud = fitAnother(
      cabin,
      changedPart('brisk-80-strong', { noiseDecibels: 60, model: 'Loud' }),
    )
    const ways = coolingWays(loud, resolveMachine(loud), demoParts())
    const quieter = ways.find(({ what }) => what === 'other fans')
    expect(quieter?.slug).toBe('brisk-80-strong')
    expect(quieter?.decibels).toBeLessThan(-5)
  })
})

test('the printed heat has every row over the room, and every state of noise', () => {
  const machine = resolveMachine(cabin)
  const heat = printedHeat(cabin, machine) as {
    rows: { bays: number[]; celsius: { low: number } }[]
  }
  expect(heat.rows.map(({ bays }) => bays)).toEqual([
    [1, 5, 9],
    [2, 6, 10],
    [3, 7, 11],
    [4, 8, 12],
  ])
  expect(heat.rows[0]?.celsius.low).toBeCloseTo(24 + warmest(cabin).low, 10)
  expect(printedNoise(cabin, machine)).toMatchObject([
    { state: 'asleep' },
    { state: 'spinning' },
    { state: 'scrub' },
    { state: 'starting' },
  ])
  const unknown = printedHeat(changeBrief(cabin, { roomCelsius: null }), machine)
  expect(unknown).toMatchObject({ roomCelsius: null, outletCelsius: null })
})
