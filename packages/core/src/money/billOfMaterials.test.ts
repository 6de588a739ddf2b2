import { changedPart, demoDesign, demoPart } from '../../fixtures/demo'
import { notePieces } from '../design/edits/changeFields'
import { fitPart } from '../design/edits/fitPart'
import { newDesign } from '../design/newDesign'
import { billOfMaterials } from './billOfMaterials'

test('shipping is paid once a line, whatever the number of pieces', () => {
  const memory = demoPart('siltstone-16')
  const bill = billOfMaterials(newDesign('two modules', [memory, memory]))
  expect(bill.lines).toHaveLength(1)
  expect(bill.totalMinor).toBe(2 * 4_200 + 390)
  expect(bill.shippingMinor).toBe(390)
})

test('owned pieces cost nothing, and a line of owned ones ships nothing', () => {
  const bill = billOfMaterials(demoDesign('cabin-archive'))
  const drives = bill.lines.find(({ name }) => name === 'Quillon Keep 12')
  expect(drives).toMatchObject({ pieces: 6, owned: 6, totalMinor: 6 * 22_900 + 490 })
  expect(bill.lines.find(({ name }) => name.startsWith('Pellworth'))?.totalMinor).toBe(0)
  expect(bill.ownedPieces).toBe(7)
})

test('the total is the sum of the lines, by hand', () => {
  const design = demoDesign('warm-room-shelf')
  // chassis 126.90, board 134.90, CPU 123.90, cooler 43.90, supply 93.90, memory 45.90, drives 4 × 165 + 5.90
  expect(billOfMaterials(design).totalMinor).toBe(
    12_690 + 13_490 + 12_390 + 4_390 + 9_390 + 4_590 + 66_590,
  )
  const owned = notePieces(
    design,
    design.fitted.map(({ id }) => id),
    { owned: true },
  )
  expect(billOfMaterials(owned).totalMinor).toBe(0)
})

test('a price in another currency is shown and not added', () => {
  const price = { currency: 'CHF', unitMinor: 5_000, shippingMinor: 100 }
  const bill = billOfMaterials(fitPart(newDesign('mixed'), changedPart('lockrow-six', { price })))
  expect(bill.lines[0]).toMatchObject({ counted: false, totalMinor: 5_100 })
  expect(bill.totalMinor).toBe(0)
})
