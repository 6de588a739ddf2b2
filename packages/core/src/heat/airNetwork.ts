import { type FanCurve, flowThrough } from './fanCurve'

/** Where air can be: in the room, in the case before its fan wall, or behind it. */
export type Chamber = 'room' | 'drives' | 'board'

/** One way for air from a chamber to another, through a fan or an opening or both. */
export interface AirBranch {
  from: Chamber
  to: Chamber
  fan: FanCurve | null
  drag: number
}

export interface SettledAir {
  /** Against the room, Pa. */
  pressures: Record<Chamber, number>
  /** Of each branch, in the order given, m³/h from its `from` to its `to`. */
  flows: number[]
}

/** Near enough: less than any anemometer shows, m³/h, and less than any opening feels, as a share of all pressure. */
const NEAR_FLOW = 1e-3
const NEAR_SHARE = 1e-10
const MOST_TRIES = 60

/**
 * Which pressures and flows does the air in a case settle at?
 *
 * As much flows into each chamber as out of it. More pressure in a chamber lets less in and more out, so each balance
 * is found between two ends that come together; no chamber gets further from the room than all fans together could bring it.
 */
export function airNetwork(branches: readonly AirBranch[]): SettledAir {
  const open = branches.filter(({ drag }) => Number.isFinite(drag))
  const most = open.reduce((sum, { fan }) => sum + (fan?.closedPascals ?? 0), 0)
  const pressures: Record<Chamber, number> = { room: 0, drives: 0, board: 0 }
  const flowOf = ({ from, to, fan, drag }: AirBranch): number =>
    flowThrough(fan, drag, pressures[from] - pressures[to])
  const gained = (chamber: Chamber): number => {
    let sum = 0
    for (const branch of open) {
      if (branch.to === chamber) sum += flowOf(branch)
      else if (branch.from === chamber) sum -= flowOf(branch)
    }
    return sum
  }
  const settle = (chamber: Chamber, gain: () => number): void => {
    pressures[chamber] = zeroOf(most, (pressure) => {
      pressures[chamber] = pressure
      return gain()
    })
  }
  settle('board', () => {
    settle('drives', () => gained('drives'))
    return gained('board')
  })
  settle('drives', () => gained('drives'))
  return {
    pressures,
    flows: branches.map((branch) => (Number.isFinite(branch.drag) ? flowOf(branch) : 0)),
  }
}

/**
 * Where a falling function between −most and most is 0, by the rule of false position; an end that stays twice counts
 * half, or it would never come nearer (the Illinois rule).
 */
function zeroOf(most: number, falling: (at: number) => number): number {
  let [low, high] = [-most, most]
  let [above, below] = [falling(low), falling(high)]
  let kept = 0
  for (let tries = 0; tries < MOST_TRIES && high - low > most * NEAR_SHARE; tries += 1) {
    if (above <= 0) return low
    if (below >= 0) return high
    const at = (low * below - high * above) / (below - above)
    const value = falling(at)
    if (Math.abs(value) < NEAR_FLOW) return at
    if (value > 0) {
      ;[low, above] = [at, value]
      if (kept === 1) below /= 2
      kept = 1
    } else {
      ;[high, below] = [at, value]
      if (kept === -1) above /= 2
      kept = -1
    }
  }
  return (low + high) / 2
}
