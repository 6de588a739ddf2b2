/** A cost of several parts: the first that differs decides. All costs of one matching have as many parts. */
export type Cost = readonly number[]

/** Which of two costs is smaller, from the first part on. */
export function compareCosts(one: Cost, other: Cost): number {
  for (let part = 0; part < one.length; part += 1) {
    const difference = (one[part] ?? 0) - (other[part] ?? 0)
    if (difference !== 0) return difference
  }
  return 0
}

interface Matching {
  /** For each row its column. */
  columnOf: number[]
  cost: Cost
}

/**
 * What is the cheapest way to give each row a column of its own?
 *
 * Costs are lists that are compared part by part, which is an order that sums keep, so the method for plain
 * numbers serves. Parts are whole numbers, so that no rounding makes two ways look different that are not.
 *
 * @param costs for each row and column; null where the row cannot have it. No fewer columns than rows
 * @returns null when there is no way
 * Source: the shortest augmenting path method of Kuhn and Munkres with potentials (from memory); compared with
 * every way in the tests.
 * @example cheapestMatching([[[1], [2]], [[1], [4]]], 1)?.columnOf // [1, 0]
 */
export function cheapestMatching(
  costs: readonly (readonly (Cost | null)[])[],
  parts: number,
): Matching | null {
  const rows = costs.length
  const columns = costs[0]?.length ?? 0
  const zero = (): number[] => Array<number>(parts).fill(0)
  const ofRow = costs.map(zero)
  const ofColumn = Array.from({ length: columns }, zero)
  const rowAt = Array<number>(columns).fill(-1)

  for (let row = 0; row < rows; row += 1) {
    // The cheapest way on from each column that is reached, and the column before it.
    const least: (number[] | null)[] = Array<number[] | null>(columns).fill(null)
    const before = Array<number>(columns).fill(-1)
    const isDone = Array<boolean>(columns).fill(false)
    let [at, current] = [-1, row]
    for (;;) {
      let next = -1
      for (let column = 0; column < columns; column += 1) {
        if (isDone[column]) continue
        const cost = costs[current]?.[column]
        if (cost && isLess(cost, ofRow[current], ofColumn[column], least[column])) {
          least[column] = reducedBy(cost, ofRow[current], ofColumn[column])
          before[column] = at
        }
        const here = least[column]
        const best = least[next]
        if (here && (!best || compareCosts(here, best) < 0)) next = column
      }
      const way = least[next]
      if (!way) return null
      const step = [...way]
      // Potentials move by the step, so that what is left to go is never less than nothing.
      shift(ofRow[row], step, 1)
      for (let column = 0; column < columns; column += 1) {
        if (isDone[column]) {
          shift(ofRow[rowAt[column] ?? -1], step, 1)
          shift(ofColumn[column], step, -1)
        } else shift(least[column] ?? undefined, step, -1)
      }
      isDone[next] = true
      at = next
      current = rowAt[next] ?? -1
      if (current === -1) break
    }
    while (at !== -1) {
      const previous = before[at] ?? -1
      rowAt[at] = previous === -1 ? row : (rowAt[previous] ?? row)
      at = previous
    }
  }
  const columnOf = Array<number>(rows).fill(-1)
  rowAt.forEach((row, column) => {
    if (row !== -1) columnOf[row] = column
  })
  const cost = zero()
  columnOf.forEach((column, row) => {
    shift(cost, costs[row]?.[column] ?? undefined, 1)
  })
  return { columnOf, cost }
}

/** What is left of a cost once the potentials of its row and column are taken off. */
function reducedBy(cost: Cost, row: Cost = [], column: Cost = []): number[] {
  return cost.map((part, at) => part - (row[at] ?? 0) - (column[at] ?? 0))
}

/** Whether a reduced cost is less than one that is known; told without making a list of it. */
function isLess(cost: Cost, row: Cost = [], column: Cost = [], known?: Cost | null): boolean {
  if (!known) return true
  for (let part = 0; part < cost.length; part += 1) {
    const reduced = (cost[part] ?? 0) - (row[part] ?? 0) - (column[part] ?? 0)
    const difference = reduced - (known[part] ?? 0)
    if (difference !== 0) return difference < 0
  }
  return false
}

function shift(list: number[] | undefined, by: Cost | undefined, sign: 1 | -1): void {
  if (!list || !by) return
  for (let part = 0; part < list.length; part += 1) {
    list[part] = (list[part] ?? 0) + sign * (by[part] ?? 0)
  }
}
