import { changedPart, demoDesign, demoPart } from '../../../fixtures/demo'
import { driveIdsOf } from '../../../fixtures/ruleTable'
import { insteadOfPlan } from '../../proving/insteadOfPlan'
import { partFromSeen } from '../../proving/partFromSeen'
import type { CataloguePart } from '../../catalogue/partKinds'
import type { Design } from '../design'
import { parseDesign } from '../parseDesign'
import { applyEdit } from './edit'

const cabin = demoDesign('cabin-archive')
const [first = '', second = ''] = driveIdsOf(cabin)
const larger = demoPart('quillon-keep-16')
const instead = (design: Design, pieceId: string, part: CataloguePart): Design =>
  applyEdit(design, { do: 'fit-instead', pieceId, part, on: '2026-11-27', note: 'out of stock' })

test('another drive takes the place, the bay and the label; what was planned is remembered', () => {
  const noted = applyEdit(cabin, {
    do: 'note-serials',
    serials: [{ pieceId: first, serial: 'SN-1' }],
  })
  const after = instead(noted, first, larger)
  const [was, is] = [noted, after].map(({ fitted }) => fitted.find(({ id }) => id === first))
  expect(is).toMatchObject({ bay: was?.bay, label: was?.label, serial: '' })
  expect(after.pools).toEqual(noted.pools)
  expect(insteadOfPlan(after)).toMatchObject([
    {
      pieceId: first,
      plannedName: 'Quillon Keep 12',
      fittedName: 'Quillon Keep 16',
      on: '2026-11-27',
      note: 'out of stock',
      bytes: 16_000_900_661_248 - 12_000_138_625_024,
    },
  ])
  const price = (slug: string): number => demoPart(slug).price?.unitMinor ?? 0
  expect(insteadOfPlan(after)[0]?.priceMinor?.minor).toBe(
    price('quillon-keep-16') - price('quillon-keep-12'),
  )
  expect(parseDesign(JSON.parse(JSON.stringify(after)))).toEqual({ design: after })
})

test('a second one leaves the first plan; the planned one again ends the difference', () => {
  const twice = instead(instead(cabin, first, larger), first, demoPart('quillon-keep-20'))
  expect(insteadOfPlan(twice)).toMatchObject([
    { plannedName: 'Quillon Keep 12', fittedName: 'Quillon Keep 20' },
  ])
  const back = instead(twice, first, demoPart('quillon-keep-12'))
  expect(back.bench.instead).toEqual([])
  expect(applyEdit(twice, { do: 'fit-planned', pieceId: first }).bench.instead).toEqual([])
  const forgotten = applyEdit(twice, { do: 'forget-planned', pieceId: first })
  expect(insteadOfPlan(forgotten)).toEqual([])
  expect(forgotten.fitted).toEqual(twice.fitted)
})

test('another kind, the same one, or no such piece changes nothing', () => {
  expect(instead(cabin, first, demoPart('siltstone-16'))).toBe(cabin)
  expect(instead(cabin, first, demoPart('quillon-keep-12'))).toBe(cabin)
  expect(instead(cabin, 'drive-99', larger)).toBe(cabin)
  expect(applyEdit(cabin, { do: 'forget-planned', pieceId: first })).toBe(cabin)
})

test('parts of one’s own that are planned in two places come back as they were', () => {
  const own = (slug: string, bytes: number): CataloguePart => ({
    ...changedPart(slug, { capacityBytes: bytes }),
    slug: 'quillon-keep-12',
  })
  const [one, two] = [own('quillon-keep-12', 13e12), own('quillon-keep-12', 11e12)]
  // Under one name and one version, as parts have that were seen at the bench.
  const planned = instead(instead(cabin, first, one), second, two)
  const bytes = (design: Design): unknown[] =>
    [first, second].map((id) => {
      const { snapshotId } = design.fitted.find((part) => part.id === id) ?? {}
      const sheet = design.snapshots.find((snapshot) => snapshot.id === snapshotId)?.sheet
      return sheet?.kind === 'drive' && sheet.capacityBytes
    })
  expect(bytes(planned)).toEqual([13e12, 11e12])
  const asPlan = [first, second].reduce(
    (design, pieceId) => applyEdit(design, { do: 'forget-planned', pieceId }),
    planned,
  )
  const others = instead(instead(asPlan, first, larger), second, larger)
  const back = [first, second].reduce(
    (design, pieceId) => applyEdit(design, { do: 'fit-planned', pieceId }),
    others,
  )
  expect(bytes(back)).toEqual([13e12, 11e12])
  expect(applyEdit(cabin, { do: 'fit-planned', pieceId: first })).toBe(cabin)
})

test('what is soldered stays, and a piece that is removed takes its plan along', () => {
  const board = changedPart('tindrel-plain-itx', {
    soldered: [demoPart('varnholt-low-4').sheet],
  })
  const soldered = applyEdit(cabin, { do: 'fit', part: board, beside: false })
  const cpu = soldered.fitted.find(({ within }) => within !== null)?.id ?? ''
  expect(cpu).not.toBe('')
  expect(instead(soldered, cpu, demoPart('varnholt-mid-8'))).toBe(soldered)
  const gone = applyEdit(instead(cabin, second, larger), { do: 'remove', partIds: [second] })
  expect(gone.bench.instead).toEqual([])
})

test('a drive that was seen is a part of one’s own: measured, and the rest assumed or not known', () => {
  const planned = { formFactor: '3.5', plug: 'SATA', medium: 'disk' } as const
  const seen = { model: 'Other 14', bytes: 14e12, rotates: true }
  const part = partFromSeen(seen, planned)
  expect(part).toMatchObject({
    slug: 'seen-other-14',
    price: null,
    sheet: {
      model: 'Other 14',
      capacityBytes: 14e12,
      medium: 'disk',
      idleWatts: null,
      sources: { capacityBytes: 'measured', plug: 'assumed' },
    },
  })
  if (!part) throw new Error('no part')
  expect(insteadOfPlan(instead(cabin, first, part))).toMatchObject([
    { idleWatts: null, priceMinor: null, bytes: 14e12 - 12_000_138_625_024 },
  ])
  expect(partFromSeen({ ...seen, bytes: null }, planned)).toBeNull()
})
