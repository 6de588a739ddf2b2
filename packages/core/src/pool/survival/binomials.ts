/**
 * In how many ways can 0, 1, 2 … be chosen out of n?
 *
 * Each follows from the one before: C(n, k) = C(n, k − 1) · (n − k + 1) / k, which leaves no remainder.
 *
 * @param n whole number, 0 or more
 * @param most how many of them are wanted beside that of 0, up to n
 * @returns exact
 * @example binomials(4) // [1n, 4n, 6n, 4n, 1n]
 */
export function binomials(n: number, most = n): bigint[] {
  let ways = 1n
  const row = [ways]
  for (let k = 1; k <= most; k += 1) {
    ways = (ways * BigInt(n - k + 1)) / BigInt(k)
    row.push(ways)
  }
  return row
}
