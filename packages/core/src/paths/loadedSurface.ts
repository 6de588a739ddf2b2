import type { Surface } from './surfaceSeconds'

/**
 * A drive as a job meets it that moves more or less than a byte of it for each of its own: twice the load is half the
 * rate, at the same places.
 *
 * @param load bytes that the drive moves for a byte of the job
 * @example loadedSurface({ sizeBytes: 1, outerBytesPerSecond: 200e6, innerShare: 0.5, jobBytes: 1 }, 2)
 *   .outerBytesPerSecond // 100e6
 */
export function loadedSurface(surface: Surface, load: number): Surface {
  const { outerBytesPerSecond, slows } = surface
  return {
    ...surface,
    outerBytesPerSecond: outerBytesPerSecond / load,
    ...(slows && { slows: { ...slows, bytesPerSecond: slows.bytesPerSecond / load } }),
  }
}
