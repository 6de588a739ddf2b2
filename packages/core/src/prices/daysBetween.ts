const MS_PER_DAY = 86_400_000

/**
 * Days from one calendar day to another, both as ISO 8601 has them; below 0 where the other is earlier.
 * @example daysBetween('2026-02-27', '2026-03-01') // 2
 */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / MS_PER_DAY)
}
