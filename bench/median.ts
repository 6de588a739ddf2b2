/** The median of so many rounds, after one that warms up. */
export function medianMilliseconds(rounds: number, work: () => void): number {
  work()
  const times = Array.from({ length: rounds }, () => {
    const start = performance.now()
    work()
    return performance.now() - start
  }).sort((one, other) => one - other)
  return times[Math.floor(rounds / 2)] ?? Infinity
}
