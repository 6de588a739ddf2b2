/**
 * How fast is one large file read at most, from the drives alone?
 *
 * As many drives as carry data of it, each at the rate of the slowest.
 *
 * @param slowestBytesPerSecond of the drives that hold data
 * @param streamingDrives drives' worth of rate, as the family has it
 * @example streamRate(200e6, 3) // 600e6
 */
export function streamRate(slowestBytesPerSecond: number, streamingDrives: number): number {
  return slowestBytesPerSecond * streamingDrives
}
