const BATCHES = 9
const BATCH_CPU_MILLISECONDS = 300
/** After this much work the engine has compiled what is called often; before, it is busier with that. */
const WARM_UP_CPU_MILLISECONDS = 3000

function cpuMilliseconds(): number {
  const { user, system } = process.cpuUsage()
  return (user + system) / 1000
}

function median(values: readonly number[]): number {
  return [...values].sort((one, other) => one - other)[Math.floor(values.length / 2)] ?? NaN
}

/** Integer work and short-lived objects, as the core does them, but code that never changes. */
function yardstick(): number {
  let sum = 0
  for (let round = 0; round < 200; round += 1) {
    const seen = new Map<number, { at: number }>()
    for (let at = 0; at < 50; at += 1) seen.set((at * 2_654_435_761) % 1_009, { at })
    for (const { at } of seen.values()) sum = (sum + at * round) % 1_000_003
  }
  return sum
}

export interface Batches {
  /** Calls per second of CPU time, the median of nine batches. */
  perSecond: number
  /** Calls in the time that a thousand yardsticks take: this holds on a busy or a slower machine. */
  perThousandYardsticks: number
}

function callsPerSecond(
  work: (round: number) => unknown,
  firstRound: number,
  milliseconds = BATCH_CPU_MILLISECONDS,
) {
  const start = cpuMilliseconds()
  let calls = 0
  let spent = 0
  while (spent < milliseconds) {
    work(firstRound + calls)
    calls += 1
    // The clock is a system call, so it is not read at every call of quick work.
    if (calls % 8 === 0) spent = cpuMilliseconds() - start
  }
  return { calls, perSecond: (calls * 1000) / spent }
}

/** Batches of the work and of the yardstick in turn, after both are warm. */
export function medianOfBatches(work: (round: number) => unknown): Batches {
  let round = callsPerSecond(work, 0, WARM_UP_CPU_MILLISECONDS).calls
  callsPerSecond(yardstick, 0)
  const rates: number[] = []
  const ratios: number[] = []
  for (let batch = 0; batch < BATCHES; batch += 1) {
    const { calls, perSecond } = callsPerSecond(work, round)
    round += calls
    rates.push(perSecond)
    ratios.push((1000 * perSecond) / callsPerSecond(yardstick, 0).perSecond)
  }
  return { perSecond: median(rates), perThousandYardsticks: median(ratios) }
}
