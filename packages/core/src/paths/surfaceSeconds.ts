/** A drive that a job goes over from its outer to its inner edge. */
export interface Surface {
  sizeBytes: number
  /** What it moves at its outer edge; all over for flash. */
  outerBytesPerSecond: number
  /** What is left of that at the inner edge: 1 for flash. */
  innerShare: number
  /** How much of it the job reads or writes; the rest is not touched. */
  jobBytes: number
  /** For one that writes more slowly once so much was written; left out for others. */
  slows?: { afterBytes: number; bytesPerSecond: number }
}

/**
 * What a disk still moves at its inner edge, as a share of what it moves at the outer one. Common practice, no
 * source.
 */
export const DISK_INNER_SHARE = 0.5

/** The square of a rate, which falls in a straight line with the bytes behind: square = at0 − fall × bytes. */
interface SquaredRate {
  at0: number
  fall: number
}

/**
 * How long does a job take over drives that go along with each other, byte by byte, over a link of its own?
 *
 * The disk turns evenly and its tracks lie evenly, so the rate falls in a straight line with the radius, and as much
 * time is spent on each radius. The outer tracks hold more, so over the bytes the rate is not a straight line, but its
 * square is: r² = outer² · (1 − (1 − inner²) · bytes / size). The job is as slow as the slowest of the drives, or the
 * link, is at each byte; the lowest of straight lines stays a straight line between two places where they cross, and
 * over each of those the time is the bytes over the mean of the rates at both ends.
 *
 * @param linkBytesPerSecond the share of the links that the job has; Infinity where none holds it back
 * @returns seconds; 0 without anything to move
 * Source: constant angular velocity and constant density; common practice, no source, for the profile itself. The
 * tests compare it with numerical integration.
 * @example
 * surfaceSeconds([{ sizeBytes: 300, outerBytesPerSecond: 2, innerShare: 0.5, jobBytes: 300 }], Infinity)
 * // 200: three quarters of 2 bytes a second on average
 */
export function surfaceSeconds(surfaces: readonly Surface[], linkBytesPerSecond: number): number {
  const furthest = Math.max(0, ...surfaces.map(({ jobBytes }) => jobBytes))
  const ends = [
    ...new Set(
      surfaces.flatMap(({ jobBytes, slows }) => [jobBytes, slows?.afterBytes ?? jobBytes]),
    ),
  ]
    .filter((bytes) => bytes > 0 && bytes <= furthest)
    .sort((one, other) => one - other)
  let [from, seconds] = [0, 0]
  for (const to of ends) {
    const there = surfaces.filter(({ jobBytes }) => jobBytes >= to)
    const rates = different([
      ...there.map(squaredRate),
      ...there.flatMap(({ slows }) =>
        slows && slows.afterBytes < to ? [{ at0: slows.bytesPerSecond ** 2, fall: 0 }] : [],
      ),
      { at0: linkBytesPerSecond ** 2, fall: 0 },
    ])
    seconds += secondsBetween(from, to, rates)
    from = to
  }
  return seconds
}

function squaredRate({ sizeBytes, outerBytesPerSecond, innerShare }: Surface): SquaredRate {
  const at0 = outerBytesPerSecond ** 2
  return { at0, fall: (at0 * (1 - innerShare ** 2)) / sizeBytes }
}

/** Of many equal drives one is enough to know how slow they are. */
function different(rates: readonly SquaredRate[]): SquaredRate[] {
  return [...new Map(rates.map((rate) => [`${rate.at0} ${rate.fall}`, rate])).values()]
}

function secondsBetween(from: number, to: number, rates: readonly SquaredRate[]): number {
  let seconds = 0
  let start = from
  for (const end of [...crossings(rates, from, to).sort((one, other) => one - other), to]) {
    const middle = (start + end) / 2
    const lowest = rates.reduce((least, rate) =>
      squareAt(rate, middle) < squareAt(least, middle) ? rate : least,
    )
    const rateAt = (bytes: number): number => Math.sqrt(squareAt(lowest, bytes))
    seconds += (2 * (end - start)) / (rateAt(start) + rateAt(end))
    start = end
  }
  return seconds
}

const squareAt = ({ at0, fall }: SquaredRate, bytes: number): number => at0 - fall * bytes

/** Where two of them are equal, between these two places. */
function crossings(rates: readonly SquaredRate[], from: number, to: number): number[] {
  return rates.flatMap((one, index) =>
    rates.slice(index + 1).flatMap((other) => {
      const bytes = (one.at0 - other.at0) / (one.fall - other.fall)
      return bytes > from && bytes < to ? [bytes] : []
    }),
  )
}
