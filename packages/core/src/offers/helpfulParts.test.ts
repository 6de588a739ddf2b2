import { changedPart, demoDesign, demoPart, demoParts } from '../../fixtures/demo'
import { applyEdit } from '../design/edits/edit'
import { evaluate } from '../evaluate'
import { helpfulParts } from './helpfulParts'

const cabin = demoDesign('cabin-archive')

const standing = (design: typeof cabin, id: string) =>
  evaluate(design).limits.find((limit) => limit.id === id)

describe('parts that would help a limit', () => {
  test('what is promised is what the design becomes, and nothing else stands worse', () => {
    const before = evaluate(cabin)
    const tried = demoParts().filter(({ sheet }) => ['cpu', 'supply', 'place'].includes(sheet.kind))
    let helping = 0
    for (const { id } of before.limits.filter(({ status }) => status !== 'kept')) {
      for (const { edit, limit, costMinor, yearMinor } of helpfulParts(cabin, id, tried)) {
        helping += 1
        const after = evaluate(applyEdit(cabin, edit))
        expect(after.limits.find((one) => one.id === id)).toEqual(limit)
        expect(yearMinor).toBe(
          (after.power.costPerYear?.likely ?? NaN) - (before.power.costPerYear?.likely ?? NaN),
        )
        if (costMinor !== null) {
          expect(costMinor).toBe(after.cost.total.likely - before.cost.total.likely)
        }
        const kept = before.limits.filter((one) => one.status === 'kept').map((one) => one.id)
        const keptAfter = after.limits.filter((one) => one.status === 'kept').map((one) => one.id)
        expect(keptAfter).toEqual(expect.arrayContaining(kept))
      }
    }
    expect(helping).toBeGreaterThan(2)
  })

  test('a deeper rack ends that the case is too deep for its place', () => {
    expect(standing(cabin, 'place')?.status).toBe('missed')
    const [best] = helpfulParts(cabin, 'place', demoParts())
    expect(best).toMatchObject({ slug: 'cellar-rack', limit: { status: 'kept' } })
  })

  test('a CPU that draws less is a help to idle watts, one that fits no socket is none', () => {
    const frugal = changedPart('varnholt-low-4', { model: 'Frugal' })
    const other = changedPart('varnholt-low-4', { model: 'Other', socket: 'none of these' })
    const found = helpfulParts(cabin, 'idle', [frugal, other])
    expect(found.map(({ slug }) => slug)).toEqual(['varnholt-low-4-changed'])
    expect(found).toHaveLength(1)
    expect(helpfulParts(cabin, 'idle', [other])).toEqual([])
  })

  test('what is kept wants no help', () => {
    const kept = evaluate(cabin).limits.find(({ status }) => status === 'kept')
    expect(kept && helpfulParts(cabin, kept.id, demoParts())).toEqual([])
    expect(helpfulParts(cabin, 'idle', [demoPart('quillon-spark-120')])).toEqual([])
  })
})
