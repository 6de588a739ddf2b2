import { cableMm, SLACK_MM, STEP_MM } from './cableLength'

const at = (frontMm: number, leftMm: number, overFloorMm: number) => {
  return { frontMm, leftMm, overFloorMm }
}

test('along the walls, with slack, up to the next step', () => {
  // 100 + 200 + 30 and 120 of slack are exactly nine steps of 50; a millimetre more asks for the tenth.
  expect(cableMm(at(0, 0, 0), at(100, 200, 30))).toBe(450)
  expect(cableMm(at(0, 0, 0), at(100, 200, 31))).toBe(500)
  expect(cableMm(at(100, 200, 30), at(0, 0, 0))).toBe(450)
  expect(cableMm(at(0, 0, 0), at(0, 0, 0))).toBe(150)
})

test('a place that is not known gives no length', () => {
  expect(cableMm(null, at(0, 0, 0))).toBeNull()
  expect(cableMm(at(0, 0, 0), null)).toBeNull()
})

// Common practice, no source.
test('slack and steps', () => {
  expect([SLACK_MM, STEP_MM]).toEqual([120, 50])
})
