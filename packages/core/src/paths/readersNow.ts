import type { Reader } from '../design/readers'
import type { Link } from '../machine/links/link'
import type { Machine } from '../machine/machine'
import type { Missing } from '../units/amount'
import { largestPool, poolOfReader } from './largestPool'
import { readersOf } from './readersOf'
import { scenarioRates } from './scenarioRates'
import type { ScenarioDesign } from './scenarios/scenario'
import { readers as readersScenario } from './scenarios/readers'

export interface ReaderNow {
  reader: Reader
  /** Where it reads from. */
  poolId: string | null
  /** While all of them read; 0 for one whom nothing reaches. */
  bytesPerSecond: number
  heldBackBy: Link | null
  wantsBytesPerSecond: number
}

export interface ReadersNow {
  /** Network ports that anything can be read through. */
  ports: number
  /** In their order; empty where nothing can be read yet. */
  readers: ReaderNow[]
  /** Ports of boards and cards that no data sheet gives. */
  missing: Missing[]
}

/**
 * What does each reader get while all of them read, over drives, slots, network ports and their own links?
 *
 * @param count how many; null for as many as the brief has
 * @param poolId the pool that all read from; null for the one that each of them says, or the largest
 */
export function readersNow(
  design: ScenarioDesign,
  machine: Machine,
  count: number | null,
  poolId: string | null = null,
): ReadersNow {
  const { flows } = scenarioRates(design, machine, readersScenario, {
    groupId: null,
    readers: count,
    poolId,
  })
  const flowOf = new Map(flows.map((flow) => [flow.id, flow]))
  const largest = largestPool(design, machine)
  const all = flows.length === 0 ? [] : readersOf(design.brief, count)
  return {
    ports: machine.networkPaths.length,
    readers: all.map((reader) => {
      const flow = flowOf.get(reader.id)
      return {
        reader,
        poolId:
          poolOfReader({ poolId: poolId ?? reader.poolId }, design.pools, largest)?.id ?? null,
        bytesPerSecond: flow?.bytesPerSecond ?? 0,
        heldBackBy: flow?.heldBackBy ?? null,
        wantsBytesPerSecond: reader.wantsBytesPerSecond ?? design.brief.readerBytesPerSecond,
      }
    }),
    missing: machine.inOrder.flatMap(({ id, dataSheet, offers }): Missing[] => {
      if (dataSheet.kind === 'board' && dataSheet.networkPorts === null) {
        return [{ pieceId: id, field: 'networkPorts' }]
      }
      const isSilent = offers.some(
        (offer) => offer.kind === 'network port' && offer.bitsPerSecond === null,
      )
      return isSilent ? [{ pieceId: id, field: 'bitsPerSecond' }] : []
    }),
  }
}

/** How far a reader is from what it wants: 1 for just enough. */
export function shareOfWanted({
  bytesPerSecond,
  wantsBytesPerSecond,
}: Pick<ReaderNow, 'bytesPerSecond' | 'wantsBytesPerSecond'>): number {
  return bytesPerSecond / wantsBytesPerSecond
}
