const rows: bigint[][] = [[1n]]

/**
 * In how many ways can k be chosen out of n?
 *
 * Rows of Pascal's triangle are kept, since a design is evaluated thousands of times with the same
 * handful of widths.
 *
 * @param n whole number, 0 or more
 * @param k whole number
 * @returns exact; 0 when k is outside 0…n
 * @example binomial(20, 3) // 1140n
 */
export function binomial(n: number, k: number): bigint {
  if (k < 0 || k > n) return 0n
  return pascalRow(n)[k] ?? 0n
}

function pascalRow(n: number): bigint[] {
  for (let next = rows.length; next <= n; next += 1) {
    const above = rows[next - 1] ?? []
    const row = [1n]
    for (let k = 1; k < next; k += 1) row.push((above[k - 1] ?? 0n) + (above[k] ?? 0n))
    row.push(1n)
    rows.push(row)
  }
  return rows[n] ?? []
}
