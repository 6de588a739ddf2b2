import { changedPart, demoDesign, demoPart, demoParts } from '../../fixtures/demo'
import { evaluate } from '../evaluate'
import { takeSheetFields } from './edits/takeSheetFields'
import { fittedOne } from './fittedParts'
import { sameValue } from './sameValue'
import { sheetChanges } from './sheetChanges'

const shelf = demoDesign('warm-room-shelf')
const newer = {
  ...changedPart('tindrel-plain-itx', { idleWatts: 7.5, fanHeaders: 3 }),
  slug: 'tindrel-plain-itx',
  version: 9,
}
const snapshotId = fittedOne(shelf, 'board')?.part.snapshotId ?? ''

test('a design that agrees with the catalogue has nothing to take', () => {
  expect(sheetChanges(shelf, demoParts())).toEqual([])
  expect(sheetChanges(shelf, [])).toEqual([])
})

test('what differs is told field by field, and nothing changes by itself', () => {
  expect(sheetChanges(shelf, [newer])).toMatchObject([
    {
      snapshotId,
      name: 'Tindrel Plain ITX',
      fields: [
        { field: 'fanHeaders', from: 2, to: 3 },
        { field: 'idleWatts', from: 5.5, to: 7.5 },
      ],
    },
  ])
  expect(fittedOne(shelf, 'board')?.sheet.idleWatts).toBe(5.5)
})

test('another price is no change of a data sheet', () => {
  const price = { currency: 'EUR', unitMinor: 1, shippingMinor: null }
  const dearer = { ...newer, ...changedPart('tindrel-plain-itx', { price }), slug: newer.slug }
  expect(sheetChanges(shelf, [dearer])).toEqual([])
})

test('one field taken leaves the other on offer; both taken make it the newest version', () => {
  const one = takeSheetFields(shelf, snapshotId, newer, ['idleWatts'])
  expect(evaluate(one).power.dc.likely - evaluate(shelf).power.dc.likely).toBeCloseTo(2, 10)
  expect(sheetChanges(one, [newer])[0]?.fields).toEqual([{ field: 'fanHeaders', from: 2, to: 3 }])
  expect(one.snapshots.find(({ id }) => id === snapshotId)?.catalogueVersion).toBe(
    demoPart('tindrel-plain-itx').version,
  )

  const both = takeSheetFields(one, snapshotId, newer, ['fanHeaders'])
  expect(sheetChanges(both, [newer])).toEqual([])
  expect(both.snapshots.find(({ id }) => id === snapshotId)?.catalogueVersion).toBe(9)
})

test('taking nothing, from nowhere, or from another kind of part changes nothing', () => {
  expect(takeSheetFields(shelf, snapshotId, newer, [])).toBe(shelf)
  expect(takeSheetFields(shelf, 'sheet-99', newer, ['idleWatts'])).toBe(shelf)
  expect(takeSheetFields(shelf, snapshotId, demoPart('varnholt-low-4'), ['socket'])).toBe(shelf)
  const otherKind = { ...demoPart('varnholt-low-4'), slug: 'tindrel-plain-itx' }
  expect(sheetChanges(shelf, [otherKind])).toEqual([])
})

test('values are the same whatever the order of their fields', () => {
  expect(sameValue({ a: 1, b: [{ c: 2, d: 3 }] }, { b: [{ d: 3, c: 2 }], a: 1 })).toBe(true)
  expect(sameValue({ a: 1 }, { a: 1, b: undefined })).toBe(false)
  expect(sameValue([1, 2], [2, 1])).toBe(false)
  expect(sameValue([], {})).toBe(false)
  expect(sameValue(null, {})).toBe(false)
  expect(sameValue(Number.NaN, Number.NaN)).toBe(true)
})
