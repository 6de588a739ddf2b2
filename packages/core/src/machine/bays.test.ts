import { changedPart, demoPart } from '../../fixtures/demo'
import { bayIdOf } from '../design/pathChoices'
import { fitAnother, fitPart } from '../design/edits/fitPart'
import { putDrivesInBays } from '../design/edits/putDrivesInBays'
import { removeParts } from '../design/edits/removeParts'
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
