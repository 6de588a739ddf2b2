import { changedPart, demoPart } from '../../fixtures/demo'
import { bayIdOf } from '../design/pathChoices'
import { fitAnother, fitPart } from '../design/edits/fitPart'
import { putDrivesInBays } from '../design/edits/putDrivesInBays'
import { removeParts } from '../design/edits/removeParts'
import { newDesign } from '../design/newDesign'
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
