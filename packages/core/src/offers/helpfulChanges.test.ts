import { changedPart, demoDesign, demoPart, demoParts } from '../../fixtures/demo'
import { cataloguedPart } from '../catalogue/cataloguedPart'
import type { Brief } from '../design/brief'
import { applyEdit, type Edit } from '../design/edits/edit'
import { evaluate } from '../evaluate'
import { helpfulChanges } from './helpfulChanges'
import { smallerSets } from './smallerSets'

const cabin = demoDesign('cabin-archive')

const changeBrief = (design: typeof cabin, change: Partial<Brief>): typeof cabin =>
  applyEdit(design, { do: 'change-brief', change })

const standing = (design: typeof cabin, id: string) =>
  evaluate(design).limits.find((limit) => limit.id === id)

describe('changes that would help a limit', () => {
  test('what is promised is what the design becomes, and nothing else stands worse', () => {
    const before = evaluate(cabin)
    const tried = demoParts().filter(({ sheet }) => ['cpu', 'supply', 'place'].includes(sheet.kind))
    let helping = 0
    for (const { id } of before.limits.filter(({ status }) => status !== 'kept')) {
      for (const { edit, limit, costMinor, yearMinor } of helpfulChanges(cabin, id, tried)) {
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
    const [best] = helpfulChanges(cabin, 'place', demoParts())
    expect(best).toMatchObject({
      putIn: [{ slug: 'cellar-rack', kind: 'place', set: null }],
      limit: { status: 'kept' },
    })
  })

  test('a CPU that draws less is a help to idle watts, one that fits no socket is none', () => {
    const frugal = changedPart('varnholt-low-4', { model: 'Frugal' })
    const other = changedPart('varnholt-low-4', { model: 'Other', socket: 'none of these' })
    const found = helpfulChanges(cabin, 'idle', [frugal, other])
    expect(found.map(({ putIn }) => putIn[0]?.slug)).toEqual(['varnholt-low-4-changed'])
    expect(found).toHaveLength(1)
    expect(helpfulChanges(cabin, 'idle', [other])).toEqual([])
  })

  test('what is kept wants no help', () => {
    const kept = evaluate(cabin).limits.find(({ status }) => status === 'kept')
    expect(kept && helpfulChanges(cabin, kept.id, demoParts())).toEqual([])
    expect(helpfulChanges(cabin, 'idle', [demoPart('quillon-spark-120')])).toEqual([])
  })

  test('where no part is enough by itself, those that are enough together are told as one step', () => {
    const cpu = changedPart('varnholt-low-4', { model: 'Frugal' })
    const board = changedPart('tindrel-middle-m', { model: 'Cool', idleWatts: 3 })
    const wallOf = (design: typeof cabin): number => standing(design, 'idle')?.has?.high ?? NaN
    const fit = (part: typeof cpu): Edit => ({
      do: 'fit',
      part: cataloguedPart(part),
      beside: false,
    })
    const alone = [cpu, board].map((part) => wallOf(applyEdit(cabin, fit(part))))
    const both = wallOf([fit(cpu), fit(board)].reduce(applyEdit, cabin))
    expect(both).toBeLessThan(Math.min(...alone))
    // The limit lies between what one part and what both bring.
    const idleWatts = (both + Math.min(...alone)) / 2
    const asked = changeBrief(cabin, { idleWattsLimit: idleWatts })
    const [best, ...others] = helpfulChanges(asked, 'idle', [cpu, board])
    expect(best?.putIn.map(({ slug }) => slug).sort()).toEqual([cpu.slug, board.slug].sort())
    expect(best?.limit.status).toBe('kept')
    expect(best?.edit).toMatchObject({
      do: 'several',
      what: expect.stringMatching(/ and /) as string,
    })
    if (!best) throw new Error('nothing found')
    expect(standing(applyEdit(asked, best.edit), 'idle')).toEqual(best.limit)
    expect(others.every(({ limit }) => limit.status !== 'kept')).toBe(true)
    // One that is enough wants no second one beside it.
    const loose = changeBrief(cabin, { idleWattsLimit: Math.min(...alone) })
    expect(helpfulChanges(loose, 'idle', [cpu, board])[0]?.putIn).toHaveLength(1)
  })

  test('larger drives in fewer bays free the bay that is wanted', () => {
    const cheap = changedPart('quillon-keep-20', {
      model: 'Cheap',
      price: { currency: 'EUR', unitMinor: 10_000, shippingMinor: 0 },
    })
    expect(standing(cabin, 'free-bays')?.status).toBe('missed')
    const [best] = helpfulChanges(cabin, 'free-bays', [cheap])
    expect(best?.putIn[0]?.set?.drives).toBeLessThan(12)
    if (!best) throw new Error('nothing found')
    const after = applyEdit(cabin, best.edit)
    expect(standing(after, 'free-bays')?.status).toBe('kept')
    expect(standing(after, 'space')?.status).toBe('kept')
  })
})

describe('sets that hold what is wanted for less', () => {
  const half = changeBrief(cabin, {
    data: cabin.brief.data.map((entry) => ({ ...entry, nowBytes: entry.nowBytes / 2 })),
  })
  const wanted = standing(half, 'space')?.bound

  test('they save what they say, hold the space, and say when they bring a risk', () => {
    const before = evaluate(half)
    const cheap = (slug: string, unitMinor: number) =>
      changedPart(slug, { price: { currency: 'EUR', unitMinor, shippingMinor: 0 } })
    // Shingled drives are cheaper still, and a risk in a pool that rebuilds.
    const tried = [cheap('quillon-overlap-8', 6_000), cheap('marrowby-hush-8', 9_000)]
    const found = smallerSets(half, tried)
    const set = { drives: 10, title: 'double parity, 10 wide' }
    expect(found.map(({ putIn, isRiskier }) => [...putIn, isRiskier])).toEqual([
      [{ slug: 'marrowby-hush-8-changed', kind: 'drive', set }, false],
      [{ slug: 'quillon-overlap-8-changed', kind: 'drive', set }, true],
    ])
    for (const { edit, costMinor, limit, isRiskier } of found) {
      const after = evaluate(applyEdit(half, edit))
      expect(costMinor).toBe(after.cost.total.likely - before.cost.total.likely)
      expect(costMinor).toBeLessThan(0)
      expect(limit).toMatchObject({ status: 'kept', bound: wanted })
      const risks = (all: typeof before) =>
        all.findings.flatMap(({ code, severity }) => (severity === 'risks' ? [code] : []))
      const added = risks(after).filter((code) => !risks(before).includes(code))
      expect(added).toEqual(isRiskier ? ['shingled-drives'] : [])
    }
  })

  test('none while the space itself is missing', () => {
    const huge = changeBrief(cabin, {
      data: cabin.brief.data.map((entry) => ({ ...entry, nowBytes: 9e15 })),
    })
    expect(standing(huge, 'space')?.status).toBe('missed')
    expect(smallerSets(huge, demoParts())).toEqual([])
  })
})
