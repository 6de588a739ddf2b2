import { certain } from '../../units/certain'

/** What an allocation came to. */
export interface Allocation {
  /** How many allocations were possible. */
  rounds: number
  /** Units taken of each device. */
  used: number[]
}

/**
 * How much fits when every allocation takes one unit of each of the `width` devices with most free units?
 *
 * Ties go to the device that comes first. It ends when fewer than `width` devices have a unit left.
 *
 * Devices that are ahead of the others are taken every time, those level with each other take turns. Once
 * a turn repeats itself, the next thousands are the same, so they are taken in one leap, up to shortly
 * before the order of the devices could change: that makes millions of small units as quick as a few
 * large ones, with exactly the same result.
 *
 * @param freeUnits whole units of each device
 * @param width devices in each allocation, at least 1
 * @example allocateWidest([4, 2, 2], 2) // { rounds: 4, used: [4, 2, 2] }
 */
export function allocateWidest(freeUnits: readonly number[], width: number): Allocation {
  const free = [...freeUnits]
  // The widest first, from round to round.
  const order = free
    .map((_, index) => index)
    .sort((one, other) => certain(free[other]) - certain(free[one]) || one - other)
  let rounds = 0
  if (width > free.length) return { rounds, used: free.map(() => 0) }
  let before: number[] | null = null
  for (;;) {
    const turn = turnLength(free, width)
    const start = [...free]
    let done = 0
    while (done < turn && takeOne(free, order, width)) done += 1
    rounds += done
    if (done < turn) break
    const taken = start.map((units, index) => units - certain(free[index]))
    if (before && sameNumbers(before, taken)) {
      const leaps = possibleLeaps(free, taken)
      if (leaps > 0) {
        taken.forEach((units, index) => {
          free[index] = certain(free[index]) - units * leaps
        })
        rounds += turn * leaps
        before = null
        continue
      }
    }
    before = taken
  }
  return { rounds, used: freeUnits.map((units, index) => units - certain(free[index])) }
}

/**
 * Takes a unit of each of the widest devices, of equals the first ones; false when there are not enough.
 *
 * Those that were taken stay in order among themselves, and so do the others, so merging the two keeps all in order.
 */
function takeOne(free: number[], order: number[], width: number): boolean {
  const last = certain(order[width - 1])
  if (free[last] === 0) return false
  const taken = order.slice(0, width)
  for (const index of taken) free[index] = certain(free[index]) - 1
  let [next, other] = [0, width]
  for (let at = 0; next < width; at += 1) {
    const one = certain(taken[next])
    const rival = order[other]
    if (rival !== undefined && isWider(free, rival, one)) {
      order[at] = rival
      other += 1
    } else {
      order[at] = one
      next += 1
    }
  }
  return true
}

function isWider(free: readonly number[], one: number, other: number): boolean {
  const [units, others] = [certain(free[one]), certain(free[other])]
  return units > others || (units === others && one < other)
}

/** After so many rounds, devices that are level with the last one taken have each had their turns. */
function turnLength(free: readonly number[], width: number): number {
  const sorted = [...free].sort((one, other) => other - one)
  const last = certain(sorted[width - 1])
  return Math.max(1, free.filter((units) => Math.abs(units - last) <= 1).length)
}

/** How many more turns like this one leave the order between the devices as it is. */
function possibleLeaps(free: readonly number[], taken: readonly number[]): number {
  let leaps = Infinity
  for (let one = 0; one < free.length; one += 1) {
    const [oneTaken, oneFree] = [certain(taken[one]), certain(free[one])]
    if (oneTaken === 0) continue
    leaps = Math.min(leaps, Math.floor((oneFree - oneTaken) / oneTaken) - 1)
    for (let other = 0; other < free.length; other += 1) {
      const [otherTaken, otherFree] = [certain(taken[other]), certain(free[other])]
      // One that shrinks faster catches up from above with another that shrinks more slowly.
      if (oneTaken <= otherTaken) continue
      const gap = oneFree - otherFree
      if (gap <= oneTaken) return 0
      leaps = Math.min(leaps, Math.floor((gap - oneTaken) / (oneTaken - otherTaken)) - 1)
    }
  }
  return Number.isFinite(leaps) ? Math.max(0, leaps) : 0
}

function sameNumbers(one: readonly number[], other: readonly number[]): boolean {
  return one.length === other.length && one.every((value, index) => value === other[index])
}
