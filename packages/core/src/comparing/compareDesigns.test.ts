import { demoDesign, demoPart } from '../../fixtures/demo'
import type { Design } from '../design/design'
import { fitPart } from '../design/edits/fitPart'
import { putDrivesInBays } from '../design/edits/putDrivesInBays'
import { evaluate } from '../evaluate'
import { formatterFor } from '../units/formatter'
import { type Compared, compareDesigns } from './compareDesigns'
import { comparisonToCsv } from './comparisonCsv'
import Papa from 'papaparse'

const format = formatterFor('en')
const asked = (...designs: Design[]): Compared[] =>
  designs.map((design) => ({ design, evaluation: evaluate(design) }))
const shelf = demoDesign('warm-room-shelf')

test('a design and itself differ in nothing', () => {
  const { figures, parts, findings } = compareDesigns(asked(shelf, shelf), format)
  expect(figures.filter(({ differs }) => differs)).toEqual([])
  expect(parts.filter(({ differs }) => differs)).toEqual([])
  expect(parts).toHaveLength(8)
  expect(findings).toEqual([])
})

test('parts that came and went, the figures that they change, and what is found since', () => {
  const larger = putDrivesInBays(shelf, demoPart('quillon-keep-12'), [
    'chassis-1/1',
    'chassis-1/2',
    'chassis-1/3',
    'chassis-1/4',
  ])
  const carded = fitPart(larger, demoPart('lockrow-six'))
  const compared = asked(shelf, larger, carded)
  const { figures, parts, findings, spentByYear } = compareDesigns(compared, format)
  const counts = new Map(parts.map((part) => [part.name, part.counts]))
  expect(counts.get('Marrowby Hush 8')).toEqual([4, 0, 0])
  expect(counts.get('Quillon Keep 12')).toEqual([0, 4, 4])
  expect(counts.get('Lockrow Six')).toEqual([0, 0, 1])
  expect(parts.slice(0, 3).every(({ differs }) => differs)).toBe(true)
  expect(parts.slice(3).some(({ differs }) => differs)).toBe(false)
  const toBuy = figures.find(({ figure }) => figure === 'to buy')
  expect(toBuy?.values.map((value) => value?.likely)).toEqual(
    compared.map(({ evaluation }) => evaluation.cost.total.likely),
  )
  expect(figures.find(({ figure }) => figure === 'drives')).toMatchObject({ differs: false })
  const years = figures.find(({ figure }) => figure === 'over the years')
  // By the end of the last year all of it is spent.
  expect(spentByYear.map((spent) => spent.at(-1))).toEqual(
    years?.values.map((value) => expect.closeTo(value?.likely ?? NaN, 6) as number),
  )
  expect(spentByYear[0]).toHaveLength(shelf.money.ownership.years)
  for (const { isIn, code } of findings) {
    expect(new Set(isIn).size).toBe(2)
    isIn.forEach((there, index) => {
      const codes = compared[index]?.evaluation.findings.map((finding) => finding.code)
      if (there) expect(codes).toContain(code)
    })
  }
  expect(findings.length).toBeGreaterThan(0)
})

test('as a file, a column for each design, and no name is run as a formula', () => {
  const compared = asked(shelf, { ...demoDesign('cabin-archive'), name: '=cabin' })
  const comparison = compareDesigns(compared, format)
  const csv = comparisonToCsv(['Shelf', '=cabin'], comparison)
  const { data } = Papa.parse<string[]>(csv, { skipEmptyLines: true })
  expect(data[0]).toEqual(['What', '', 'Shelf', "'=cabin"])
  expect(data).toContainEqual(['figure', 'drives', '4', '12'])
  expect(data).toHaveLength(
    1 + comparison.figures.length + comparison.parts.length + comparison.findings.length,
  )
})
