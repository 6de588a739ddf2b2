import { changedPart, demoDesign, demoPart } from '../../fixtures/demo'
import { notePieces } from '../design/edits/changeFields'
import { fitPart } from '../design/edits/fitPart'
import { newDesign } from '../design/newDesign'
import type { Design } from '../design/design'
import { exactly } from '../units/amount'
import { billOfMaterials, type CostFigure } from './billOfMaterials'

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
