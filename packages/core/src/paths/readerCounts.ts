import type { Machine } from '../machine/machine'
import { machineReadRate } from './machineReadRate'
import { readersNow } from './readersNow'
import { readersOf } from './readersOf'
import type { ScenarioDesign } from './scenarios/scenario'

/** Numbers of readers that are told beside that of the brief. */
const USUAL_COUNTS = [1, 2, 4, 8]

export interface ReaderCount {
  readers: number
  isOfTheBrief: boolean
  /** What the one that has least gets, and all of them together; null where nothing can be read. */
  eachBytesPerSecond: number | null
  togetherBytesPerSecond: number | null
  /** What drives and slots would give all of them, were the network endless; null where nothing can be read. */
  insideBytesPerSecond: number | null
}

/**
 * What do one and several readers get while all of them read? Those of the brief among them.
 *
 * @param poolId the pool that all read from; null for the one that each of them says, or the largest
 * @returns the fewest readers first
 */
export function readerCounts(
  design: ScenarioDesign,
  machine: Machine,
  poolId: string | null = null,
): ReaderCount[] {
  const ofTheBrief = readersOf(design.brief, null).length
  const counts = [...new Set([...USUAL_COUNTS, ofTheBrief])].sort((one, other) => one - other)
  return counts.map((readers) => {
    const rates = readersNow(design, machine, readers, poolId).readers.map(
      ({ bytesPerSecond }) => bytesPerSecond,
    )
    return {
      readers,
      isOfTheBrief: readers === ofTheBrief,
      eachBytesPerSecond: rates.length > 0 ? Math.min(...rates) : null,
      togetherBytesPerSecond: rates.length > 0 ? rates.reduce((sum, rate) => sum + rate, 0) : null,
      insideBytesPerSecond: machineReadRate(
        design,
        machine,
        readersOf(design.brief, readers),
        'as it is',
        poolId,
      ),
    }
  })
}
