import fc from 'fast-check'
import { type Label, type PlacedLabel, placeLabels } from './placeLabels'

const DRAWING = { width: 420, height: 200 }
const label = (id: string, text: string, x: number, y: number): Label => ({
  id,
  text,
  x,
  y,
  look: 'words',
})
const overlaps = (one: PlacedLabel, other: PlacedLabel): boolean =>
  one.left < other.left + other.width &&
  other.left < one.left + one.width &&
  one.top < other.top + other.height &&
  other.top < one.top + one.height

test('a label that is alone lies where it belongs', () => {
  const [only] = placeLabels([label('a', 'Sixteen', 100, 50)], DRAWING)
  expect(only).toMatchObject({ text: 'Sixteen', top: 42, from: null })
  expect((only?.left ?? 0) + (only?.width ?? 0) / 2).toBeCloseTo(100, 9)
})

test('two at one place: the second is moved by a row, and a third has a line to where it belongs', () => {
  const placed = placeLabels(
    ['a', 'b', 'c'].map((id) => label(id, 'Sixteen', 100, 50)),
    DRAWING,
  )
  expect(placed.map(({ top }) => top).sort((one, other) => one - other)).toEqual([24, 42, 60])
  expect(placed.filter(({ from }) => from !== null)).toHaveLength(2)
})

test('one that may be somewhere else just as well is there without a line, while its first place is taken', () => {
  const other = { ...label('b', 'Sixteen', 100, 50), orAt: [{ x: 300, y: 150 }] }
  const [, moved] = placeLabels([label('a', 'Sixteen', 100, 50), other], DRAWING)
  expect(moved).toMatchObject({ top: 142, from: null })
  const [first] = placeLabels([other], DRAWING)
  expect(first?.top).toBe(42)
})

test('words too long for the drawing are cut, and kept for those who point at them', () => {
  const long = 'A very long name of a card that nobody should have given it'
  const [cut] = placeLabels([label('a', long, 10, 10)], { width: 90, height: 40 })
  expect(cut?.whole).toBe(long)
  expect(cut?.width).toBeLessThanOrEqual(90)
})

test('whatever there is to say, no label lies over another one or beyond the drawing', () => {
  const many = fc.array(
    fc.record({
      text: fc.string({ minLength: 1, maxLength: 40 }),
      x: fc.integer({ min: -50, max: 500 }),
      y: fc.integer({ min: -50, max: 250 }),
    }),
    { maxLength: 24 },
  )
  fc.assert(
    fc.property(many, (labels) => {
      const placed = placeLabels(
        labels.map(({ text, x, y }, at) => label(String(at), text, x, y)),
        DRAWING,
      )
      for (const [at, one] of placed.entries()) {
        expect(one.left).toBeGreaterThanOrEqual(0)
        expect(one.top).toBeGreaterThanOrEqual(0)
        expect(one.left + one.width).toBeLessThanOrEqual(DRAWING.width)
        expect(one.top + one.height).toBeLessThanOrEqual(DRAWING.height)
        expect(placed.slice(at + 1).some((other) => overlaps(one, other))).toBe(false)
      }
    }),
  )
})
