import type { Bay } from '@flint/core/drawing'

export type Direction = 'ArrowLeft' | 'ArrowRight' | 'ArrowUp' | 'ArrowDown'

const STEPS: Record<Direction, readonly [across: number, down: number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** Going straight counts more than being near: a bay beside the way is this many times as far. */
const SIDEWAYS_WEIGHT = 4

export function isDirection(key: string): key is Direction {
  return key in STEPS
}

/**
 * The bay one step away on the front, by where bays really are.
 * @returns the bay itself when there is none in that direction
 */
export function nextBay(bays: readonly Bay[], from: Bay, direction: Direction): Bay {
  const [across, down] = STEPS[direction]
  let best = from
  let bestWay = Infinity
  for (const bay of bays) {
    const right = centre(bay.leftMm, bay.widthMm) - centre(from.leftMm, from.widthMm)
    const below = centre(bay.topMm, bay.heightMm) - centre(from.topMm, from.heightMm)
    const ahead = right * across + below * down
    const aside = Math.abs(right * down) + Math.abs(below * across)
    const way = ahead + SIDEWAYS_WEIGHT * aside
    if (ahead > 1 && way < bestWay) {
      best = bay
      bestWay = way
    }
  }
  return best
}

const centre = (start: number, length: number): number => start + length / 2
