import { readFileSync } from 'node:fs'
import { catalogueFile, type Design, fitPart, parseDesign } from '@flint/core/editing'
import { type Machine, pieceOf, resolveMachine } from '@flint/core/figures'
import { boardHoles } from './boardHoles'
import { planBoxes } from './planBoxes'

const { parts } = catalogueFile.parse(JSON.parse(readFileSync('demo/catalogue.json', 'utf8')))
const demo = (name: string): Design => {
  const parsed = parseDesign(JSON.parse(readFileSync(`demo/designs/${name}.json`, 'utf8')))
  if ('design' in parsed) return parsed.design
  throw new Error(parsed.problems[0]?.sentence)
}
const withPart = (design: Design, slug: string): Design => {
  const part = parts.find((one) => one.slug === slug)
  if (!part) throw new Error(`no part ${slug}`)
  return fitPart(design, part)
}
const cabin = demo('cabin-archive')
const withParts = (slug: string): Machine => resolveMachine(withPart(cabin, slug))

test.each(['cabin-archive', 'warm-room-shelf', 'drawer-of-drives'])(
  'in %s everything lies inside the case and nothing reaches too far',
  (name) => {
    const machine = resolveMachine(demo(name))
    const chassis = pieceOf(machine, 'chassis')?.dataSheet
    const boxes = planBoxes(machine)
    expect(boxes.length).toBeGreaterThanOrEqual(3)
    for (const { frontMm, leftMm, depthMm, widthMm, overMm } of boxes) {
      expect(overMm).toBe(0)
      expect(frontMm).toBeGreaterThanOrEqual(0)
      expect(leftMm).toBeGreaterThanOrEqual(0)
      expect(frontMm + depthMm).toBeLessThanOrEqual(chassis?.depthMm ?? 0)
      expect(leftMm + widthMm).toBeLessThanOrEqual(chassis?.widthMm ?? 0)
    }
  },
)

test('what is too long reaches over its room by as much as the finding says', () => {
  const long = planBoxes(withParts('lockrow-long-24'))
  expect(long.find(({ words }) => words.includes('Long 24'))).toMatchObject({
    overMm: 254 - 240,
    isCard: true,
  })
  const deep = planBoxes(withParts('tindrel-long-atx'))
  expect(deep.find(({ words }) => words.join().includes('Long ATX'))?.overMm).toBe(272 - 250)
})

test('cards stand side by side in the openings, each with one of its own', () => {
  const { cardPlaces: places, pieces } = withParts('wickmere-ten')
  // The second slot is too short for its edge, so it stands in the third.
  expect(
    places.map(({ pieceId }) => pieces.get(pieceId ?? '')?.dataSheet.model ?? null).slice(0, 3),
  ).toEqual(['Sixteen', null, 'Ten'])
  places.slice(1).forEach((place, index) => {
    const before = places[index]
    expect(place.leftMm + place.widthMm).toBeLessThanOrEqual(before?.leftMm ?? 0)
  })
})

test('the holes of a board lie on it', () => {
  for (const name of ['cabin-archive', 'warm-room-shelf', 'drawer-of-drives']) {
    const machine = resolveMachine(demo(name))
    const boardId = pieceOf(machine, 'board')?.id
    const board = planBoxes(machine).find(({ id }) => id === boardId)
    const holes = boardHoles(machine)
    expect(holes.length).toBeGreaterThanOrEqual(4)
    for (const { frontMm, leftMm } of holes) {
      expect(frontMm).toBeGreaterThan(board?.frontMm ?? Infinity)
      expect(frontMm).toBeLessThan((board?.frontMm ?? 0) + (board?.depthMm ?? 0))
      expect(leftMm).toBeGreaterThan(board?.leftMm ?? Infinity)
      expect(leftMm).toBeLessThan((board?.leftMm ?? 0) + (board?.widthMm ?? 0))
    }
  }
})

test('without a case, or without knowing where things lie, nothing is drawn', () => {
  expect(planBoxes(resolveMachine({ ...cabin, fitted: [] }))).toEqual([])
  const gap = withParts('ashgrove-gap-4')
  expect(planBoxes(gap).map(({ words }) => words.join())).toEqual(['2 bays'])
  expect(gap.cardPlaces).toEqual([])
})
