import fc from 'fast-check'
import { changedPart, demoDesign, demoPart } from '../../fixtures/demo'
import { changeBrief, notePieces } from '../design/edits/changeFields'
import { fitPart } from '../design/edits/fitPart'
import { newDesign } from '../design/newDesign'
import type { Design } from '../design/design'
import { type MoneyChoices, moneyChoices } from '../design/money'
import { evaluate } from '../evaluate'
import { exactly } from '../units/amount'
import { billOfMaterials, type CostFigure } from './billOfMaterials'
import { boughtBy } from './boughtBy'
import { converted } from './converted'

const billOf = (design: Design): CostFigure => billOfMaterials(design.brief.currency, design)

test('shipping is paid once a line, whatever the number of pieces', () => {
  const memory = demoPart('siltstone-16')
  const bill = billOf(newDesign('two modules', [memory, memory]))
  expect(bill.lines).toHaveLength(1)
  expect(bill.total).toEqual(exactly(2 * 4_200 + 390, 'money'))
  expect(bill.shippingMinor).toBe(390)
})

test('a price without shipping: the piece is counted, shipping is missing of the sum once a line', () => {
  const price = { currency: 'EUR', unitMinor: 4_200, shippingMinor: null }
  const memory = changedPart('siltstone-16', { price })
  const bill = billOf(newDesign('two modules', [memory, memory]))
  expect(bill.total).toEqual(
    exactly(8_400, 'money', [{ pieceId: 'memory-1', field: 'price.shippingMinor' }]),
  )
  expect(bill.shippingMinor).toBe(0)
  const { id } = newDesign('', [memory]).fitted[0] ?? { id: '' }
  const owned = notePieces(newDesign('', [memory]), [id], { owned: true })
  expect(billOf(owned).total).toEqual(exactly(0, 'money'))
})

test('owned pieces cost nothing, and a line of owned ones ships nothing', () => {
  const bill = billOf(demoDesign('cabin-archive'))
  const drives = bill.lines.find(({ name }) => name === 'Quillon Keep 12')
  expect(drives).toMatchObject({ pieces: 6, owned: 6, totalMinor: 6 * 22_900 + 490 })
  expect(bill.lines.find(({ name }) => name.startsWith('Pellworth'))?.totalMinor).toBe(0)
  expect(bill.ownedPieces).toBe(8)
})

test('the total is the sum of the lines, by hand', () => {
  const design = demoDesign('warm-room-shelf')
  // chassis 126.90, board 134.90, CPU 123.90, cooler 43.90, supply 93.90, memory 45.90, drives 4 × 165 + 5.90
  expect(billOf(design).total.likely).toBe(
    12_690 + 13_490 + 12_390 + 4_390 + 9_390 + 4_590 + 66_590,
  )
  const owned = notePieces(
    design,
    design.fitted.map(({ id }) => id),
    { owned: true },
  )
  expect(billOf(owned).total).toEqual(exactly(0, 'money'))
})

test('a price in another currency is shown and not added', () => {
  const price = { currency: 'CHF', unitMinor: 5_000, shippingMinor: 100 }
  const bill = billOf(fitPart(newDesign('mixed'), changedPart('lockrow-six', { price })))
  expect(bill.lines[0]).toMatchObject({ standing: 'other currency', totalMinor: 5_100 })
  const missing = [{ pieceId: 'controller-1', field: 'price.currency' }]
  expect(bill.total).toEqual(exactly(0, 'money', missing))
})

/** The shelf with something said about how it is bought. */
type Said = Parameters<typeof moneyChoices.parse>[0]
const bought = (said: Said, design = demoDesign('warm-room-shelf')): Design => ({
  ...design,
  money: moneyChoices.parse(said) satisfies MoneyChoices,
})
const shelf = demoDesign('warm-room-shelf')
const sheetId = (model: string): string =>
  shelf.snapshots.find(({ sheet }) => sheet.model === model)?.id ?? ''
const driveSheet = shelf.snapshots.find(({ sheet }) => sheet.kind === 'drive')?.id ?? ''
const EUR = 'EUR'

describe('how it is bought', () => {
  test('two of four drives used, elsewhere, with a discount; the others as their data sheet says', () => {
    const bill = billOf(
      bought({
        purchases: [
          {
            id: 'used',
            snapshotId: driveSheet,
            pieces: 2,
            price: { currency: EUR, unitMinor: 8_000 },
            shippingMinor: 500,
            discountPercent: 10,
            condition: 'used',
            shop: 'a neighbour',
            buy: 'later',
            on: '2027-01-15',
          },
        ],
      }),
    )
    const [first, second] = bill.lines.filter(({ snapshotId }) => snapshotId === driveSheet)
    // 2 × 165 + 5.90, and 2 × 80 − 10 % + 5.
    expect(first).toMatchObject({ pieces: 2, condition: 'new', sumMinor: 33_590 })
    expect(second).toMatchObject({ id: 'used', pieces: 2, discountMinor: 1_600, sumMinor: 14_900 })
    expect(bill.later.likely).toBe(14_900)
    expect(bill.now.likely + bill.later.likely).toBe(bill.total.likely)
    expect(bill.total.likely).toBe(billOf(shelf).total.likely - 66_590 + 33_590 + 14_900)
  })

  test('what says how many goes before what takes the rest, whichever is said first', () => {
    const purchases = [
      { id: 'rest', snapshotId: driveSheet, pieces: null },
      { id: 'two', snapshotId: driveSheet, pieces: 2 },
    ]
    const piecesOf = (some: object[]): unknown[] =>
      billOf(bought({ purchases: some as typeof purchases }))
        .lines.filter(({ snapshotId }) => snapshotId === driveSheet)
        .map(({ id, pieces }) => [id, pieces])
        .sort()
    const expected = [
      ['rest', 2],
      ['two', 2],
    ]
    expect(piecesOf(purchases)).toEqual(expected)
    expect(piecesOf(purchases.toReversed())).toEqual(expected)
  })

  test('a purchase of more than there is takes what there is, and what is owned is bought by nobody', () => {
    const purchases = [{ id: 'all', snapshotId: driveSheet, pieces: 9, buy: 'bought' as const }]
    const bill = billOf(bought({ purchases }))
    expect(bill.spent.likely).toBe(66_590)
    const ids = shelf.fitted.filter(({ snapshotId }) => snapshotId === driveSheet)
    const owned = notePieces(
      bought({ purchases }),
      ids.map(({ id }) => id),
      { owned: true },
    )
    expect(billOf(owned).spent.likely).toBe(0)
    expect(billOf(owned).lines.find(({ snapshotId }) => snapshotId === driveSheet)).toMatchObject({
      owned: 4,
      pieces: 0,
      sumMinor: 0,
    })
  })

  test('a bundle is paid once, and its pieces cost nothing by themselves', () => {
    const board = sheetId('Plain ITX')
    const cpu = shelf.snapshots.find(({ sheet }) => sheet.kind === 'cpu')?.id ?? ''
    const bill = billOf(
      bought({
        bundles: [
          {
            id: 'bundle',
            name: 'board with CPU',
            holds: [
              { snapshotId: board, pieces: 1 },
              { snapshotId: cpu, pieces: 1 },
            ],
            price: { currency: EUR, totalMinor: 20_000 },
            shippingMinor: 0,
          },
        ],
      }),
    )
    expect(bill.lines.some(({ snapshotId }) => snapshotId === board || snapshotId === cpu)).toBe(
      false,
    )
    expect(bill.lines.find(({ of }) => of === 'bundle')).toMatchObject({ sumMinor: 20_000 })
    expect(bill.total.likely).toBe(billOf(shelf).total.likely - 13_490 - 12_390 + 20_000)
  })

  test('one parcel of a shop is shared out to the cent, and its voucher comes off the same way', () => {
    const purchases = shelf.snapshots.slice(0, 3).map(({ id }, index) => ({
      id: `order-${index}`,
      snapshotId: id,
      shop: 'Corner',
      sentWith: 'order' as const,
    }))
    const orders = [{ shop: 'Corner', currency: EUR, shippingMinor: 999, discountMinor: 1_000 }]
    const bill = billOf(bought({ purchases, orders }))
    const those = bill.lines.filter(({ shop }) => shop === 'Corner')
    expect(those).toHaveLength(3)
    expect(those.reduce((sum, line) => sum + line.orderMinor, 0)).toBe(-1)
    for (const { price } of those) expect(price?.shippingMinor).toBe(0)
    // Nobody says what the parcel costs, so shipping is missing and the goods are not.
    const { total } = billOf(bought({ purchases }))
    expect(total.missing.map(({ field }) => field)).toContain('price.shippingMinor')
  })

  test('what is bought beside the machine counts, or is owned, or lacks its price', () => {
    const spare = { id: 'spare', name: 'spare drive', price: { currency: EUR, unitMinor: 16_500 } }
    const before = billOf(shelf).total.likely
    expect(billOf(bought({ extras: [{ ...spare, shippingMinor: 0 }] })).total).toEqual(
      exactly(before + 16_500, 'money'),
    )
    expect(billOf(bought({ extras: [{ ...spare, owned: true }] })).total.likely).toBe(before)
    const { total } = billOf(bought({ extras: [{ id: 'screws', name: 'screws' }] }))
    expect(total.missing).toEqual([{ pieceId: null, field: 'price' }])
  })

  test('a currency with a rate is in the sum, by the newest one, either way round', () => {
    const rates = [
      { from: 'SEK', into: EUR, worth: 0.1, on: '2026-01-01' },
      { from: EUR, into: 'SEK', worth: 11.25, on: '2026-11-20' },
    ]
    expect(converted(11_250, 'SEK', EUR, rates)).toBe(1_000)
    expect(
      converted(1_000, 'JPY', EUR, [{ from: 'JPY', into: EUR, worth: 0.0061, on: '2026-11-20' }]),
    ).toBe(610)
    expect(converted(11_250, 'NOK', EUR, rates)).toBeNull()
    const purchases = [
      {
        id: 'far',
        snapshotId: driveSheet,
        price: { currency: 'SEK', unitMinor: 112_500 },
        shippingMinor: 22_500,
      },
    ]
    expect(billOf(bought({ purchases, rates })).total).toEqual(
      exactly(billOf(shelf).total.likely - 66_590 + 4 * 10_000 + 2_000, 'money'),
    )
    const { total } = billOf(bought({ purchases }))
    expect(total.missing.map(({ field }) => field)).toEqual(Array(4).fill('price.currency'))
  })

  // A sum of a tax handbook: 119.00 with 19 % holds 19.00 of it; from memory.
  test('tax is in the price or comes on top, but for what is bought without', () => {
    const extra = {
      id: 'x',
      name: 'x',
      price: { currency: EUR, unitMinor: 11_900 },
      shippingMinor: 0,
    }
    const alone = newDesign('x')
    const within = bought({ extras: [extra], tax: { percent: 19, pricesInclude: true } }, alone)
    expect(billOf(within)).toMatchObject({ taxMinor: 1_900, total: { likely: 11_900 } })
    const onTop = bought({ extras: [extra], tax: { percent: 19, pricesInclude: false } }, alone)
    expect(billOf(onTop)).toMatchObject({ taxMinor: 2_261, total: { likely: 14_161 } })
    const free = bought(
      { extras: [{ ...extra, taxFree: true }], tax: { percent: 19, pricesInclude: false } },
      alone,
    )
    expect(billOf(free)).toMatchObject({ taxMinor: 0, total: { likely: 11_900 } })
    const unsaid = bought({ extras: [extra], tax: { percent: null, pricesInclude: false } }, alone)
    expect(billOf(unsaid).total.missing).toEqual([{ pieceId: null, field: 'tax.percent' }])
  })

  test('whatever is said, the lines add up to the total, and the total to when it is paid', () => {
    const money = fc.record({
      purchases: fc.array(
        fc.record({
          snapshotId: fc.constantFrom(...shelf.snapshots.map(({ id }) => id)),
          pieces: fc.option(fc.integer({ min: 1, max: 5 })),
          price: fc.option(
            fc.record({
              currency: fc.constantFrom('EUR', 'JPY', 'KWD'),
              unitMinor: fc.nat(10_000_000),
            }),
          ),
          shippingMinor: fc.option(fc.nat(5_000)),
          discountPercent: fc.constantFrom(0, 2.5, 33.3, 100),
          shop: fc.constantFrom('', 'A', 'B'),
          sentWith: fc.constantFrom('alone' as const, 'order' as const),
          buy: fc.constantFrom('bought' as const, 'now' as const, 'later' as const),
          taxFree: fc.boolean(),
        }),
        { maxLength: 6 },
      ),
      orders: fc.constantFrom(
        [],
        [{ shop: 'A', currency: 'JPY', shippingMinor: 777, discountMinor: 99 }],
      ),
      rates: fc.constantFrom(
        [],
        [
          { from: 'JPY', into: 'EUR', worth: 0.006_13, on: '2026-11-01' },
          { from: 'KWD', into: 'EUR', worth: 2.81, on: '2026-11-01' },
        ],
      ),
      tax: fc.record({ percent: fc.constantFrom(0, 7.7, 19, 100), pricesInclude: fc.boolean() }),
    })
    fc.assert(
      fc.property(money, ({ purchases, ...rest }) => {
        const withIds = purchases.map((one, index) => ({ ...one, id: `p${index}` }))
        const { lines, total, spent, now, later, taxMinor } = billOf(
          bought({ purchases: withIds, ...rest }),
        )
        const counted = lines.filter(({ standing }) => standing === 'counted')
        const sum = (of: (line: (typeof lines)[number]) => number | null): number =>
          counted.reduce((all, line) => all + (of(line) ?? NaN), 0)
        expect(sum(({ sumMinor }) => sumMinor)).toBe(total.likely)
        expect(sum((line) => line.taxMinor)).toBe(taxMinor)
        expect(spent.likely + now.likely + later.likely).toBe(total.likely)
        const ids = lines.flatMap(({ partIds }) => partIds)
        expect(new Set(ids).size).toBe(ids.length)
        expect(lines.every(({ sumMinor }) => sumMinor === null || sumMinor >= 0)).toBe(true)
      }),
    )
  })
})

test('what can wait until after a day is no part of the money until then', () => {
  const later = bought({
    purchases: [{ id: 'wait', snapshotId: driveSheet, buy: 'later', on: '2027-06-01' }],
  })
  const { total } = billOf(later)
  expect(boughtBy(billOf(later), null)).toEqual(total)
  expect(boughtBy(billOf(later), '2027-06-01').likely).toBe(total.likely)
  expect(boughtBy(billOf(later), '2027-05-31').likely).toBe(total.likely - 66_590)
  const limited = (costLimitBy: string | null): string | undefined =>
    evaluate(changeBrief(later, { costLimitMinor: 60_000, costLimitBy })).limits.find(
      ({ id }) => id === 'cost',
    )?.status
  expect([limited(null), limited('2027-01-01')]).toEqual(['missed', 'kept'])
})
