import { changedPart, demoDesign, demoPart } from '../../../fixtures/demo'
import type { CataloguePart, PartSheet } from '../../catalogue/partKinds'
import { evaluate } from '../../evaluate'
import { machineWeight } from '../../fit/machineWeight'
import { resolveMachine } from '../../machine/resolveMachine'
import { billOfMaterials } from '../../money/billOfMaterials'
import type { Design } from '../design'
import { fittedOfKind, fittedOne } from '../fittedParts'
import { newDesign } from '../newDesign'
import { parseDesign } from '../parseDesign'
import { applyEdit } from './edit'
import { fitPart } from './fitPart'

const codesOf = (design: Design): string[] => evaluate(design).findings.map(({ code }) => code)
const sheetOf = (slug: string): PartSheet => demoPart(slug).sheet
const kindsOf = (design: Design): string[] =>
  design.fitted.map(
    ({ snapshotId }) => design.snapshots.find(({ id }) => id === snapshotId)?.sheet.kind ?? '',
  )

/** A small computer sold whole, its CPU soldered to the board. */
const soldered = changedPart('tindrel-plain-itx', {
  price: null,
  memorySlots: 1,
  soldered: [sheetOf('varnholt-low-4'), sheetOf('hollin-flat-47'), sheetOf('siltstone-16')],
})
const whole: CataloguePart = changedPart('ashgrove-hearth-4', {
  insides: [soldered.sheet, sheetOf('emberlin-slim-300'), sheetOf('quillon-spark-250m')],
})

describe('a machine sold whole', () => {
  const design = fitPart(newDesign('whole'), whole)

  test('brings what is in it, and what is soldered to that', () => {
    expect(kindsOf(design)).toEqual([
      'chassis',
      'board',
      'supply',
      'boot',
      'cpu',
      'cooler',
      'memory',
    ])
    const board = fittedOne(design, 'board')?.part
    expect(board?.within).toBe('chassis-1')
    expect(fittedOne(design, 'cpu')?.part.within).toBe(board?.id)
    expect('design' in parseDesign(JSON.parse(JSON.stringify(design)))).toBe(true)
  })

  test('is paid and weighed as one', () => {
    const { total, lines } = billOfMaterials('EUR', design)
    const {
      price,
      sheet: { weightGrams },
    } = whole
    expect(total.likely).toBe((price?.unitMinor ?? 0) + (price?.shippingMinor ?? 0))
    expect(total.missing).toEqual([])
    expect(lines.map(({ standing }) => standing)).toEqual([
      'counted',
      ...Array<string>(6).fill('comes with another'),
    ])
    expect(machineWeight(resolveMachine(design)).grams).toBe(weightGrams)
  })

  test('needs nothing that is in it, and what is in it fits', () => {
    const { stillToChoose } = evaluate(design)
    expect(stillToChoose.map(({ choice }) => choice)).toEqual(['drives'])
    const loose = fitPart(newDesign('loose'), whole)
    const tall = fitPart(loose, changedPart('hollin-tower-155', {}))
    expect(codesOf(design)).not.toContain('cpu-without-socket')
    // A cooler that is put in by hand has to fit as any other.
    expect(codesOf(tall)).toContain('cooler-too-tall')
  })

  test('goes with all that came in it; a part of it goes alone', () => {
    expect(applyEdit(design, { do: 'remove', partIds: ['chassis-1'] }).fitted).toEqual([])
    const boot = fittedOne(design, 'boot')?.part.id ?? ''
    const without = applyEdit(design, { do: 'remove', partIds: [boot] })
    expect(kindsOf(without)).not.toContain('boot')
    expect(without.fitted).toHaveLength(design.fitted.length - 1)
  })

  test('what is soldered on stays until its board goes', () => {
    const cpu = fittedOne(design, 'cpu')?.part.id ?? ''
    expect(applyEdit(design, { do: 'remove', partIds: [cpu] })).toBe(design)
    const second = fitPart(design, demoPart('varnholt-low-4'))
    expect(fittedOfKind(second, 'cpu')).toHaveLength(2)
    expect(codesOf(second)).toContain('cpu-without-socket')
    const other = fitPart(design, demoPart('tindrel-spare-itx'))
    expect(kindsOf(other)).not.toContain('cpu')
    expect(fittedOne(other, 'board')?.part.within).toBeNull()
  })

  test('takes the place of the case, and of what a machine has once', () => {
    const shelf = demoDesign('warm-room-shelf')
    const moved = fitPart(shelf, whole)
    expect(fittedOfKind(moved, 'board')).toHaveLength(1)
    expect(fittedOfKind(moved, 'cpu')).toHaveLength(1)
    expect(fittedOfKind(moved, 'drive').map(({ part }) => part.bay)).toEqual(
      fittedOfKind(shelf, 'drive').map(({ part }) => part.bay),
    )
    const back = fitPart(moved, demoPart('ashgrove-hearth-4'))
    expect(kindsOf(back)).not.toContain('board')
  })
})

test('memory goes beside what is soldered on, up to the slots', () => {
  const design = fitPart(newDesign('board'), soldered)
  const one = fitPart(design, demoPart('siltstone-16'))
  expect(codesOf(one)).not.toContain('too-many-modules')
  expect(codesOf(fitPart(one, demoPart('siltstone-16')))).toContain('too-many-modules')
})

test.each([
  ['nothing', 'chassis-9', 'which is not a piece of this design'],
  ['itself', 'board-1', 'came in itself'],
])('a piece that came in %s is refused', (_, within, sentence) => {
  const design = fitPart(newDesign('board'), demoPart('tindrel-plain-itx'))
  const broken = { ...design, fitted: design.fitted.map((part) => ({ ...part, within })) }
  const read = parseDesign(JSON.parse(JSON.stringify(broken)))
  expect('problems' in read && read.problems[0]).toMatchObject({
    field: 'fitted[0].within',
    sentence: expect.stringContaining(sentence) as string,
  })
})

test('a design from before there were machines sold whole reads as one without', () => {
  const design = demoDesign('cabin-archive')
  const old = JSON.parse(JSON.stringify(design)) as { fitted: { within?: string | null }[] }
  for (const part of old.fitted) delete part.within
  const read = parseDesign(old)
  expect('design' in read && read.design).toEqual(design)
})
