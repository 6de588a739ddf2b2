import { demoDesign, demoPart, demoParts } from '../../fixtures/demo'
import { driveIdsOf } from '../../fixtures/ruleTable'
import { notePieces } from '../design/edits/changeFields'
import { applyEdit } from '../design/edits/edit'
import { newDesign } from '../design/newDesign'
import { putDrivesInBays } from '../design/edits/putDrivesInBays'
import { evaluate } from '../evaluate'
import { resolveMachine } from '../machine/resolveMachine'
import { layoutFamilies } from '../pool/families'
import { driveSetEdit, driveSets } from './driveSets'
import { partCost } from './partCost'

const TB = 1e12

function emptyFront(chassis: string, brief: object) {
  const design = applyEdit(newDesign('Try'), { do: 'fit', part: demoPart(chassis), beside: false })
  return applyEdit(design, { do: 'change-brief', change: brief })
}

const media = (nowBytes: number) => ({
  data: [{ kind: 'media', nowBytes, growthBytesPerYear: 0, fileBytes: 4e9 }],
  horizonYears: 1,
})

describe('sets of drives that hold what the brief asks for', () => {
  test.each([
    ['ashgrove-hearth-4', 8 * TB, 1],
    ['pellworth-drystone-2u12', 40 * TB, 2],
    ['pellworth-drystone-4u24', 90 * TB, 3],
  ])(
    '%s, %d bytes, any %d: the whole design keeps space and failures',
    (chassis, bytes, failures) => {
      const design = emptyFront(chassis, { ...media(bytes), failuresWanted: failures })
      const sets = driveSets(design, resolveMachine(design), demoParts())
      expect(sets.length).toBeGreaterThan(1)
      for (const set of sets) {
        expect(set.shortBytes).toBe(0)
        const { capacity, limits } = evaluate(applyEdit(design, driveSetEdit(design, set)))
        // What was promised for a set is what the evaluation of the whole design finds.
        expect(capacity.workingBytes).toBe(set.workingBytes)
        const failing = limits.find(({ id }) => id === 'failures')
        expect(failing?.has?.low).toBe(set.alwaysSurvived)
        expect(failing?.status).toBe('kept')
      }
      const costs = sets.map(({ costMinor }) => costMinor ?? Infinity)
      expect(costs).toEqual(costs.toSorted((one, other) => one - other))
    },
  )

  test.each(layoutFamilies.map(({ family }) => [family]))(
    'laid out as %s, a set holds what was promised in the whole design too',
    (family) => {
      const design = emptyFront('pellworth-drystone-2u12', {
        ...media(20 * TB),
        failuresWanted: 1,
      })
      const [set] = driveSets(design, resolveMachine(design), demoParts(), { family })
      if (!set) throw new Error('no set')
      const after = applyEdit(design, driveSetEdit(design, set))
      expect(after.pools.map((pool) => pool.family)).toEqual([family])
      const { capacity, survival } = evaluate(after)
      expect(capacity.workingBytes).toBe(set.workingBytes)
      expect(survival.alwaysSurvived).toBe(set.alwaysSurvived)
    },
  )

  test('one drive fewer of the model is not enough', () => {
    const design = emptyFront('pellworth-drystone-2u12', { ...media(40 * TB), failuresWanted: 2 })
    const machine = resolveMachine(design)
    for (const set of driveSets(design, machine, demoParts())) {
      const fewer = { ...design, brief: { ...design.brief, freeBaysWanted: 13 - set.drives } }
      const [less] = driveSets(fewer, machine, [set.part])
      expect(less === undefined || less.shortBytes > 0).toBe(true)
    }
  })

  test('two drives are a mirror, bays that are to stay free do, and what is short is said', () => {
    const pair = emptyFront('ashgrove-gap-4', { ...media(8 * TB), failuresWanted: 1 })
    const [first] = driveSets(pair, resolveMachine(pair), [demoPart('quillon-keep-16')])
    expect(first?.title).toBe('one pair')
    const four = emptyFront('ashgrove-hearth-4', {
      ...media(40 * TB),
      failuresWanted: 1,
      freeBaysWanted: 1,
    })
    const [largest] = driveSets(four, resolveMachine(four), [demoPart('quillon-keep-12')])
    expect(largest?.drives).toBe(3)
    expect(largest?.shortBytes).toBe(40 * TB - (largest?.workingBytes ?? 0))
  })

  test('they take the place of the drives in the bays, and leave others alone', () => {
    const design = demoDesign('cabin-archive')
    const [set] = driveSets(design, resolveMachine(design), demoParts())
    if (!set) throw new Error('no set')
    const after = applyEdit(design, driveSetEdit(design, set))
    expect(after.fitted.filter(({ bay }) => bay !== null)).toHaveLength(set.drives)
    expect(after.pools).toHaveLength(1)
  })

  test('drives of the same model stay in their bays with all that is known of them, owned ones first', () => {
    const design = emptyFront('pellworth-drystone-2u12', { ...media(40 * TB), failuresWanted: 2 })
    const [set] = driveSets(design, resolveMachine(design), demoParts())
    if (!set) throw new Error('no set')
    const bays = resolveMachine(design).bays.map(({ id }) => id)
    const full = putDrivesInBays(design, set.part, bays)
    const [first, last] = [driveIdsOf(full).slice(0, 1), driveIdsOf(full).slice(-3)]
    const known = notePieces(full, last, { owned: true, label: '77', ageYears: 3 })
    const before = applyEdit(known, { do: 'send-back', driveIds: first })
    const after = applyEdit(before, driveSetEdit(before, set))
    const drives = after.fitted.filter(({ bay }) => bay !== null)
    expect(drives).toHaveLength(set.drives)
    expect(drives.filter(({ owned }) => owned)).toEqual(
      before.fitted.filter(({ id }) => last.includes(id)),
    )
    // One that is sent back is none to begin a pool with.
    expect(drives.map(({ away }) => away)).toEqual(drives.map(() => null))
    expect(after.pools).toHaveLength(1)
    expect(evaluate(after).capacity.workingBytes).toBe(set.workingBytes)
  })

  test('without bays or data sheets of drives there is none', () => {
    const design = newDesign('Try')
    expect(driveSets(design, resolveMachine(design), demoParts())).toEqual([])
  })
})

test('what more pieces cost: shipping once, owned ones nothing, other currencies not known', () => {
  const price = { currency: 'EUR', unitMinor: 18_900, shippingMinor: 690 }
  const part = { ...demoPart('quillon-keep-12') }
  const priced = { ...part, price }
  expect(partCost(priced, 2, 'EUR')).toBe(38_490)
  expect(partCost(priced, 3, 'EUR', 1)).toBe(38_490)
  expect(partCost(priced, 2, 'EUR', 2)).toBe(0)
  expect(partCost(priced, 2, 'USD')).toBeNull()
})
