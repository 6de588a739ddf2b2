/**
 * How many times as many reads can be served when a share of them is found in a cache?
 *
 * Only the others reach the drives. The share is its user's assumption: nobody can know it before.
 *
 * @param hitShare 0 to 1
 * @returns Infinity where all is found
 * @example readsSpared(0.5) // 2
 * @example readsSpared(0) // 1
 */
export function readsSpared(hitShare: number): number {
  return hitShare >= 1 ? Infinity : 1 / (1 - hitShare)
}
