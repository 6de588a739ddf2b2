import { changedPart, demoPart } from '../../fixtures/demo'
import { bayIdOf } from '../design/pathChoices'
import { fitAnother, fitPart } from '../design/edits/fitPart'
import { putDrivesInBays } from '../design/edits/putDrivesInBays'
import { removeParts } from '../design/edits/removeParts'
import { parseDesign } from '../design/parseDesign'
import { newDesign } from '../design/newDesign'
import { frontsOf } from './fronts'
import { resolveMachine } from './resolveMachine'

const gap = demoPart('ashgrove-gap-4')
const three = demoPart('ashgrove-inset-3')
const small = demoPart('ashgrove-drawer-4s')
const annex = demoPart('pellworth-annex-4')
const baysOf = (...parts: Parameters<typeof newDesign>[1] & object) =>
  resolveMachine(newDesign('bays', parts)).bays

describe('bays of cages', () => {
  test('belong to their cage and lie in the openings, one after the other', () => {
    const bays = baysOf(gap, three, small)
    expect(bays.map(({ pieceId, number }) => bayIdOf(pieceId, number))).toEqual(
      bays.map(({ id }) => id),
    )
    expect(bays.map(({ pieceId }) => pieceId)).toEqual([
      ...Array<string>(2).fill('chassis-1'),
      ...Array<string>(3).fill('cage-1'),
      ...Array<string>(4).fill('cage-2'),
    ])
    expect(bays.at(-1)?.formFactor).toBe('2.5')
    // The first cage fills two openings, so the second begins at the third.
    const { sheet } = gap
    if (sheet.kind !== 'chassis') throw new Error('not a case')
    expect(bays[5]?.topMm).toBe(sheet.openings525?.[2]?.topMm)
  })

  test('a cage that finds too few openings gives none', () => {
    expect(resolveMachine(newDesign('full', [gap, three, three, three])).blocks).toHaveLength(1 + 2)
    expect(baysOf(changedPart('ashgrove-gap-4', { openings525: null }), three)).toHaveLength(2)
  })
})

describe('a tray for small drives', () => {
  const crate = demoPart('ashgrove-crate-6')
  const tray = demoPart('ashgrove-pair-small')
  const withTray = fitAnother(newDesign('tray', [crate]), tray)
  const numbersOf = (design: typeof withTray) =>
    resolveMachine(design).bays.map(({ id, formFactor }) => `${id} ${formFactor}`)

  test('goes into the last empty bay of the case and gives its own in its place', () => {
    expect(withTray.fitted.at(-1)?.bay).toBe('chassis-1/6')
    expect(numbersOf(withTray)).toEqual([
      ...[1, 2, 3, 4, 5].map((number) => `chassis-1/${number} 3.5`),
      'cage-1/1 2.5',
      'cage-1/2 2.5',
    ])
    const machine = resolveMachine(withTray)
    const [whole] = resolveMachine(newDesign('whole', [crate])).bays.slice(5)
    const [first, second] = machine.bays.slice(5)
    expect([first?.leftMm, first?.topMm]).toEqual([whole?.leftMm, whole?.topMm])
    expect((second?.topMm ?? 0) + (second?.heightMm ?? 0)).toBeLessThanOrEqual(
      (whole?.topMm ?? 0) + (whole?.heightMm ?? 0),
    )
    expect('design' in parseDesign(JSON.parse(JSON.stringify(withTray)))).toBe(true)
  })

  test('leaves drives where they are, and takes no drive itself', () => {
    const keep = demoPart('quillon-keep-12')
    const full = putDrivesInBays(newDesign('full', [crate]), keep, ['chassis-1/6'])
    expect(fitAnother(full, tray).fitted.at(-1)?.bay).toBe('chassis-1/5')
    expect(putDrivesInBays(withTray, keep, ['chassis-1/6'])).toBe(withTray)
  })

  test('lies on its side in a bay that stands', () => {
    const { sheet } = crate
    if (sheet.kind !== 'chassis') throw new Error('not a case')
    const [block] = sheet.bayBlocks
    const upright = changedPart('ashgrove-crate-6', {
      bayBlocks: [{ ...block, bayWidthMm: 26, bayHeightMm: 102 }],
    })
    const bays = resolveMachine(fitAnother(newDesign('upright', [upright]), tray)).bays.slice(5)
    expect(bays.map(({ widthMm, heightMm, column }) => [widthMm, heightMm, column])).toEqual([
      [11, 71, 1],
      [11, 71, 2],
    ])
  })

  test('finds no bay behind a backplane', () => {
    const backed = fitAnother(newDesign('backed', [demoPart('ashgrove-hearth-4')]), tray)
    expect(backed.fitted.at(-1)?.bay).toBeNull()
    expect(resolveMachine(backed).unplaced.bay).toContainEqual({
      pieceId: 'cage-1',
      need: 'bay',
      why: 'none left',
      conflictIds: [],
    })
  })
})

test('bays of an enclosure are in the middle of its front', () => {
  const { sheet } = annex
  if (sheet.kind !== 'enclosure') throw new Error('not an enclosure')
  const { blocks, bays } = resolveMachine(newDesign('annex', [gap, annex]))
  const inside = bays.filter(({ pieceId }) => pieceId === 'enclosure-1')
  const [left, right] = [
    Math.min(...inside.map(({ leftMm }) => leftMm)),
    Math.max(...inside.map(({ leftMm, widthMm }) => leftMm + widthMm)),
  ]
  expect(left).toBeGreaterThan(0)
  expect(left).toBeCloseTo(sheet.widthMm - right, 9)
  const front = frontsOf(resolveMachine(newDesign('annex', [gap, annex])).ofKind)[1]
  const [top, bottom] = [
    Math.min(...inside.map(({ topMm }) => topMm)),
    Math.max(...inside.map(({ topMm, heightMm }) => topMm + heightMm)),
  ]
  expect(top - (front?.topMm ?? 0)).toBeGreaterThan(0)
  expect(top - (front?.topMm ?? 0)).toBeCloseTo((front?.topMm ?? 0) + sheet.heightMm - bottom, 9)
  expect(blocks.at(-1)?.isOutside).toBe(true)
})

test('bays that are larger than the front they are on begin at its edge', () => {
  const tiny = changedPart('pellworth-annex-4', { widthMm: 20, heightMm: 20 })
  const { blocks } = resolveMachine(newDesign('tiny', [gap, tiny]))
  const front = frontsOf(resolveMachine(newDesign('tiny', [gap, tiny])).ofKind)[1]
  expect(blocks.at(-1)).toMatchObject({ leftMm: 0, topMm: front?.topMm })
})

test('a drive keeps its bay when a cage comes or goes, or the case changes', () => {
  const filled = putDrivesInBays(
    newDesign('shelf', [gap, annex]),
    demoPart('quillon-keep-12'),
    [1, 2, 3].map((number) => bayIdOf('enclosure-1', number)),
  )
  const placesOf = (design: typeof filled) => [...resolveMachine(design).driveIn]
  const withCage = fitPart(filled, three)
  expect(placesOf(withCage)).toEqual(placesOf(filled))
  expect(placesOf(removeParts(withCage, ['cage-1']))).toEqual(placesOf(filled))
  const otherCase = fitPart(filled, demoPart('pellworth-drystone-2u12'))
  expect(placesOf(otherCase)).toEqual(placesOf(filled))
  expect(placesOf(fitAnother(filled, annex))).toEqual(placesOf(filled))
})
