/**
 * The straight line that lies nearest to points, by least squares.
 *
 * @returns null where all points have the same x, so that no line is told
 * Source: any handbook of statistics.
 * @example straightLine([{ x: 0, y: 1 }, { x: 2, y: 5 }]) // { slope: 2, atZero: 1 }
 */
export function straightLine(
  points: readonly { x: number; y: number }[],
): { slope: number; atZero: number } | null {
  const mean = (of: (point: (typeof points)[number]) => number): number =>
    points.reduce((sum, point) => sum + of(point), 0) / points.length
  const [meanX, meanY] = [mean(({ x }) => x), mean(({ y }) => y)]
  const spread = points.reduce((sum, { x }) => sum + (x - meanX) ** 2, 0)
  if (points.length === 0 || spread === 0) return null
  const together = points.reduce((sum, { x, y }) => sum + (x - meanX) * (y - meanY), 0)
  const slope = together / spread
  return { slope, atZero: meanY - slope * meanX }
}
