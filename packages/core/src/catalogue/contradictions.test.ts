import { changedPart, demoParts } from '../../fixtures/demo'
import { contradictions } from './contradictions'

const sentences = (change: Record<string, unknown>, slug = 'ashgrove-hearth-4'): string[] =>
  contradictions(changedPart(slug, change).sheet).map(
    ({ field, sentence }) => `${field}: ${sentence}`,
  )

test('no part of the demo catalogue contradicts itself', () => {
  for (const { sheet } of demoParts()) expect(contradictions(sheet)).toEqual([])
})

test('places beyond the outline, and bays beyond the front', () => {
  expect(sentences({ depthMm: 200 })).toEqual([
    'boardAt.frontMm: It would begin 240 mm from the front of a case that is 200 mm deep.',
    'supplyAt.frontMm: It would begin 241 mm from the front of a case that is 200 mm deep.',
  ])
  expect(sentences({ boardAt: { frontMm: 240, leftMm: 231 } })).toEqual([
    'boardAt.leftMm: It would begin 231 mm from the left of a case that is 230 mm wide.',
  ])
  expect(sentences({ widthMm: 160 })).toEqual([
    'bayBlocks[0]: Block 1 would reach 166 mm to the right of a front that is 160 mm wide.',
  ])
  // Four rows of 26 mm with 7 mm between them, 34 mm from the top, end at 159.
  expect(sentences({ heightMm: 150 })).toEqual([
    'bayBlocks[0]: Block 1 would reach 159 mm down on a front that is 150 mm high.',
  ])
  expect(sentences({ heightMm: 158 })).toEqual([])
})

test('where the board stands upright, places are measured from the top', () => {
  const upright = { boardStands: 'upright', heightMm: 300, widthMm: 190 }
  expect(sentences({ ...upright, boardAt: { frontMm: 240, leftMm: 250 } })).toEqual([])
  expect(sentences({ ...upright, boardAt: { frontMm: 240, leftMm: 301 } })).toEqual([
    'boardAt.leftMm: It would begin 301 mm from the top of a case that is 300 mm high.',
  ])
})

test('fans beyond their wall, plugs beyond their board, also of a board that comes in a machine', () => {
  const fan = { wall: 'front', insideMm: null, sizeMm: 120, blows: 'in', filtered: null }
  expect(sentences({ fanPlaces: [{ ...fan, alongMm: 115 }] })).toEqual([])
  expect(sentences({ fanPlaces: [{ ...fan, alongMm: 40 }] })).toEqual([
    'fanPlaces[0]: A fan of 120 mm at 40 mm reaches beyond the 230 mm that there are.',
  ])
  // A wall at the side is as long as the case is deep: 245 mm.
  expect(sentences({ fanPlaces: [{ ...fan, wall: 'left', alongMm: 180 }] })).toEqual([])
  expect(sentences({ fanPlaces: [{ ...fan, wall: 'left', alongMm: 190 }] })).toHaveLength(1)
  const plugPlaces = [{ what: 'fan header', fromRearMm: 171, fromSocketsMm: 20 }]
  const words = 'The fan header would be 171 mm from the rear edge of a board that is 170 mm deep.'
  expect(sentences({ plugPlaces }, 'tindrel-plain-itx')).toEqual([`plugPlaces[0]: ${words}`])
  const board = changedPart('tindrel-plain-itx', { plugPlaces }).sheet
  expect(sentences({ insides: [board] })).toEqual([`insides[0]: Plain ITX: ${words}`])
})
