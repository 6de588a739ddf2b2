import type { StatePower } from '@flint/core/figures'
import { flowOf } from './flowOf'

const watts = (value: number) => {
  return { low: value, likely: value, high: value, unit: 'W' as const, missing: [] }
}
const power: StatePower = {
  terms: [
    { kind: 'board', isBeside: false, pieces: 1, watts: 10 },
    { kind: 'ups', isBeside: true, pieces: 1, watts: 5 },
    { kind: 'drive', isBeside: false, pieces: 4, watts: 20 },
  ],
  dc: watts(30),
  wall: watts(40),
}

test('the account is to scale: the most first, what stands beside last, and the rest is lost', () => {
  const flow = flowOf(power)
  expect(flow.streams.map(({ label }) => label)).toEqual([
    '4 drives, 20 W',
    'Board, 10 W',
    'UPS, 5 W',
  ])
  expect(flow.loss?.watts).toBe(5)
  const [drives, board, ups] = flow.streams
  expect((drives?.thickness ?? 0) / (board?.thickness ?? 1)).toBeCloseTo(2, 10)
  // The bar at the wall is as high as all that flows into it.
  expect(flow.wall?.height).toBeCloseTo(
    flow.behind.height + (flow.loss?.height ?? 0) + (ups?.thickness ?? 0),
    10,
  )
  expect(ups?.endTop).toBeCloseTo(flow.behind.height + (flow.loss?.height ?? 0), 10)
})

test('rows never lie over each other, however little flows in them', () => {
  const many = flowOf({
    ...power,
    terms: (['cpu', 'fan', 'nic', 'memory'] as const).map((kind) => ({
      kind,
      isBeside: false,
      pieces: 1,
      watts: 0.01,
    })),
  })
  const tops = many.streams.map(({ rowTop }) => rowTop)
  expect(tops.slice(1).every((top, index) => top - (tops[index] ?? 0) >= 16)).toBe(true)
})

test('without a supply there is no wall to flow to', () => {
  expect(flowOf({ ...power, wall: null })).toMatchObject({ wall: null, loss: null })
})
