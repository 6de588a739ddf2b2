import { frontSketch } from './bayRectangles'

const block = {
  formFactor: '3.5',
  access: 'internal',
  rows: 3,
  columns: 2,
  bayWidthMm: 100,
  bayHeightMm: 26,
  gapMm: 4,
  leftMm: 10,
  topMm: 20,
}
const texts = { widthMm: '230', heightMm: '120', bayBlocks: JSON.stringify([block]) }

test('rows and columns with their gap, from the upper left corner', () => {
  const sketch = frontSketch(texts)
  expect(sketch?.bays).toHaveLength(6)
  expect(sketch?.bays[0]).toEqual({ x: 10, y: 20, width: 100, height: 26 })
  expect(sketch?.bays[5]).toEqual({ x: 114, y: 80, width: 100, height: 26 })
  expect(sketch?.outside).toBe(0)
})

test('what reaches beyond the front is counted', () => {
  expect(frontSketch({ ...texts, widthMm: '200' })?.outside).toBe(3)
  expect(frontSketch({ ...texts, heightMm: '90' })?.outside).toBe(2)
})

test('nothing is drawn before front and bays can be read', () => {
  expect(frontSketch({})).toBeNull()
  expect(frontSketch({ ...texts, widthMm: 'wide' })).toBeNull()
  expect(frontSketch({ ...texts, bayBlocks: '' })).toBeNull()
  // Numbers that are still being typed are texts.
  const typed = JSON.stringify([{ ...block, rows: '', columns: '2' }])
  expect(frontSketch({ ...texts, bayBlocks: typed })?.bays).toEqual([])
})
