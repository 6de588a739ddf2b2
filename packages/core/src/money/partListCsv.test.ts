import Papa from 'papaparse'
import { changedPart, demoDesign } from '../../fixtures/demo'
import { moneyChoices } from '../design/money'
import { newDesign } from '../design/newDesign'
import { billOfMaterials } from './billOfMaterials'
import { partListToCsv } from './partListCsv'

const read = (csv: string) =>
  Papa.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: true })

test('a row for each part, whose totals add up to the bill', () => {
  const design = demoDesign('warm-room-shelf')
  const bill = billOfMaterials('EUR', design)
  const { data, errors } = read(partListToCsv(bill))
  expect(errors).toEqual([])
  expect(data).toHaveLength(bill.lines.length)
  expect(data.map((row) => row.Part)).toContain('Marrowby Hush 8')
  const cents = data.reduce((sum, { Total = '' }) => sum + Math.round(Number(Total) * 100), 0)
  expect(cents).toBe(bill.total.likely)
})

test('a dinar has a thousand parts', () => {
  const dinar = changedPart('siltstone-16', {
    price: { currency: 'KWD', unitMinor: 4_205, shippingMinor: 0 },
  })
  const { data } = read(partListToCsv(billOfMaterials('KWD', newDesign('x', [dinar]))))
  expect(data[0]).toMatchObject({ 'Price each': '4.205', Total: '4.205' })
})

test('yen have no cents, what is not known is empty, and no cell begins a formula', () => {
  const yen = changedPart('siltstone-16', {
    maker: '=HYPERLINK("x")',
    price: { currency: 'JPY', unitMinor: 4_200, shippingMinor: null },
  })
  const free = changedPart('hollin-flat-47', { price: null })
  const { data } = read(partListToCsv(billOfMaterials('JPY', newDesign('x', [yen, free]))))
  const memory = data.find(({ Part = '' }) => Part.includes('HYPERLINK'))
  expect(memory).toMatchObject({
    'Price each': '4200',
    'Shipping of the line': '',
    Total: '4200',
    Currency: 'JPY',
  })
  expect(memory?.Part).toMatch(/^'=/)
  expect(data.find(({ Part = '' }) => Part.startsWith('Hollin'))).toMatchObject({
    'To buy': '1',
    'Price each': '',
    Total: '',
    Currency: '',
  })
})

test('what is said of how it is bought stands in columns of its own, and is read back as it was', () => {
  const shelf = demoDesign('warm-room-shelf')
  const [first = { id: '' }] = shelf.snapshots
  const money = moneyChoices.parse({
    purchases: [
      {
        id: 'a',
        snapshotId: first.id,
        price: { currency: 'USD', unitMinor: 10_000 },
        shippingMinor: 500,
        discountPercent: 10,
        shop: '=cmd|"x"',
        link: '@evil',
        buy: 'later',
        on: '2027-01-01',
      },
    ],
    rates: [{ from: 'USD', into: 'EUR', worth: 0.9, on: '2026-11-20' }],
    tax: { percent: 20, pricesInclude: true },
  })
  const { data } = read(partListToCsv(billOfMaterials('EUR', { ...shelf, money })))
  const row = data.find(({ Part = '' }) => Part.includes('Hearth 4'))
  // 100 − 10 % + 5 = 95 dollars, 85.50 euros of which a sixth is tax.
  expect(row).toMatchObject({
    Total: '95.00',
    Currency: 'USD',
    Discount: '10.00',
    'To pay': '85.50',
    'Tax in it': '14.25',
    'Currency of the list': 'EUR',
    When: 'later',
    Day: '2027-01-01',
  })
  expect(row?.Shop).toMatch(/^'=/)
  expect(row?.Link).toMatch(/^'@/)
})
