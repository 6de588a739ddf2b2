const WIDEST_PX = 9
const THINNEST_PX = 1.5

/**
 * How wide a link is drawn. Rates differ a hundredfold, so their roots are drawn.
 * @example strokePx(2_400e6, 9_600e6) // 4.5
 */
export function strokePx(bytesPerSecond: number, widestBytesPerSecond: number): number {
  return Math.max(THINNEST_PX, Math.sqrt(bytesPerSecond / widestBytesPerSecond) * WIDEST_PX)
}
