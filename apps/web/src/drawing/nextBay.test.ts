import type { Bay } from '@flint/core/drawing'
import { newDesign, partSheet } from '@flint/core/editing'
import { resolveMachine } from '@flint/core/figures'
import { isDirection, nextBay } from './nextBay'

function grid(rows: number, columns: number): Bay[] {
  const block = { rows, columns, leftMm: 10, topMm: 3, bayWidthMm: 102, bayHeightMm: 26, gapMm: 2 }
  const sheet = partSheet.parse({
    kind: 'chassis',
    maker: 'Test',
    model: 'Grid',
    form: 'rack',
    widthMm: 446,
    heightMm: 88,
    depthMm: 500,
    bayBlocks: [{ ...block, formFactor: '3.5', access: 'hot-swap' }],
  })
  return [
    ...resolveMachine(newDesign('grid', [{ slug: 'grid', version: 1, sheet, price: null }])).bays,
  ]
}

const at = (bays: Bay[], number: number): Bay => {
  const bay = bays[number - 1]
  if (!bay) throw new Error('no such bay')
  return bay
}

test('walks row by row and column by column, and stops at the edges', () => {
  const bays = grid(3, 4)
  const walk = (from: number, direction: string): number => {
    if (!isDirection(direction)) throw new Error('no direction')
    return nextBay(bays, at(bays, from), direction).number
  }
  expect(walk(1, 'ArrowRight')).toBe(2)
  expect(walk(2, 'ArrowDown')).toBe(6)
  expect(walk(6, 'ArrowUp')).toBe(2)
  expect(walk(6, 'ArrowLeft')).toBe(5)
  expect(walk(4, 'ArrowRight')).toBe(4)
  expect(walk(9, 'ArrowDown')).toBe(9)
})

test('reaches every bay from every other', () => {
  const bays = grid(4, 2)
  for (const start of bays) {
    const reached = new Set([start.id])
    const open = [start]
    for (let bay = open.pop(); bay; bay = open.pop()) {
      for (const direction of ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'] as const) {
        const next = nextBay(bays, bay, direction)
        if (reached.has(next.id)) continue
        reached.add(next.id)
        open.push(next)
      }
    }
    expect(reached.size).toBe(bays.length)
  }
})

test('other keys are no directions', () => {
  expect(isDirection('Enter')).toBe(false)
})
