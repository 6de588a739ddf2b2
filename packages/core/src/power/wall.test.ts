import { exactly } from '../units/amount'
import { demoDesign, demoPart } from '../../fixtures/demo'
import { withPart, without } from '../../fixtures/ruleTable'
import { applyEdit } from '../design/edits/edit'
import { evaluate } from '../evaluate'
import { fittedOne } from '../design/fittedParts'
import { certifiedLoss } from './certifiedLoss'
import { supplyLoss } from './supplyLoss'

const shelf = demoDesign('warm-room-shelf')
const cabin = demoDesign('cabin-archive')
const power = (design: typeof shelf) => evaluate(design).power

const supplyOf = (design: typeof shelf) => {
  const supply = fittedOne(design, 'supply')?.sheet
  if (!supply) throw new Error('no supply')
  return supply
}

describe('a redundant pair', () => {
  const pair = supplyOf(withPart(cabin, 'emberlin-pair-800'))
  const alone = { ...pair, modules: 1 }
  const loss = (watts: number, supply: typeof pair, volts: 115 | 230 = 115): number =>
    supplyLoss(watts, supply, volts).likely

  // Common practice, no source: a redundant pair costs 10 to 20 W.
  test('costs 8 to 22 W more than one of its modules, idle', () => {
    const extra = loss(100, pair, 230) - loss(100, alone, 230)
    expect(extra).toBeGreaterThan(8)
    expect(extra).toBeLessThan(22)
  })

  test('is two modules with half the load each', () => {
    expect(loss(300, pair)).toBeCloseTo(2 * loss(150, alone), 10)
  })

  test('loses twice what one loses with no load at all', () => {
    expect(loss(0, pair)).toBeCloseTo(2 * loss(0, alone), 10)
  })

  test('how many modules, when nobody says: one', () => {
    for (const volts of [115, 230] as const) {
      expect(loss(100, { ...pair, modules: null }, volts)).toBe(loss(100, alone, volts))
    }
  })

  // Source: the certificates of redundant supplies have levels of their own at 230 V.
  test('two modules are measured as a redundant supply', () => {
    const { certificate, ratedWatts } = pair
    const { likely } = certifiedLoss(50 / ratedWatts, certificate, '230 V redundant')
    expect(loss(100, pair, 230)).toBeCloseTo(2 * likely * ratedWatts, 10)
  })
})

describe('what stands beside the machine', () => {
  test('a UPS and an enclosure draw at the wall, past the supply', () => {
    const before = power(shelf)
    const after = power(withPart(withPart(shelf, 'stillwater-bridge-300'), 'pellworth-annex-4'))
    expect(after.beside.likely).toBe(5 + 5)
    expect(after.dc.likely).toBe(before.dc.likely)
    expect((after.wall?.likely ?? 0) - (before.wall?.likely ?? 0)).toBeCloseTo(10, 10)
    expect(after.efficiency).toBeCloseTo(before.efficiency ?? NaN, 10)
  })

  test('drives in an enclosure draw with the loss of its supply', () => {
    const annex = withPart(shelf, 'pellworth-annex-4')
    const filled = applyEdit(annex, {
      do: 'put-drives',
      model: demoPart('quillon-keep-12'),
      bays: ['enclosure-1/1'],
    })
    const { beside, wall } = power(filled)
    expect(beside.likely - power(annex).beside.likely).toBeCloseTo(4.4 * 1.15, 10)
    const added = (wall?.likely ?? 0) - (power(annex).wall?.likely ?? 0)
    expect(added).toBeCloseTo(4.4 * 1.15, 10)
  })

  test('without its watts it is named, and the sum is known to be too low', () => {
    const { beside, wall } = power(withPart(shelf, 'stillwater-found'))
    const missing = [{ pieceId: 'ups-1', field: 'idleWatts' }]
    expect([beside.missing, wall?.missing]).toEqual([missing, missing])
  })

  test('without a supply the wall is not known, whatever stands beside', () => {
    const bare = without(withPart(shelf, 'stillwater-bridge-300'), 'supply')
    expect(power(bare)).toMatchObject({ wall: null, beside: exactly(5, 'W') })
  })
})

test('drives without a bay draw where they are plugged in', () => {
  const before = power(shelf).dc.likely
  expect(power(withPart(shelf, 'quillon-shard-1m')).dc.likely - before).toBeCloseTo(0.8, 10)
  expect(power(withPart(shelf, 'quillon-spark-120')).dc.likely - before).toBeCloseTo(0.2, 10)
  expect(power(withPart(shelf, 'ashgrove-inset-3')).dc.likely - before).toBeCloseTo(0.8, 10)
})
