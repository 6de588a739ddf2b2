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
