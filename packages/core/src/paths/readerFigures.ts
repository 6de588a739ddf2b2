import type { Pool } from '../design/pools/pools'
import type { Reader } from '../design/readers'
import type { Link, NetworkPath } from '../machine/links/link'
import type { Machine } from '../machine/machine'
import { fileFlows } from './fileFlows'
import { machineReadRate } from './machineReadRate'
import { readerPaths } from './readerPaths'
import { readersNow } from './readersNow'
import { readersOf } from './readersOf'
import { scenarioRates } from './scenarioRates'
import type { ScenarioDesign } from './scenarios/scenario'

export interface ReaderFigures {
  reader: Reader
  wantsBytesPerSecond: number
  /** The port that it comes through, and the pool; null where none is left, or none is there. */
  path: NetworkPath | null
  pool: Pool | null
  /** Reading alone, and while all read. */
  aloneBytesPerSecond: number
  togetherBytesPerSecond: number
  /** What holds it back when it reads alone. */
  heldBackBy: Link | null
  /** What drives and slots would give it, were the network endless; null where nothing can be read. */
  poolBytesPerSecond: number | null
}

/**
 * What does each reader get, through what, and what holds it back?
 *
 * @param count how many read; null for as many as the brief has
 * @param most of how many of them it is told: each is worked out by itself
 */
export function readerFigures(
  design: ScenarioDesign,
  machine: Machine,
  count: number | null = null,
  most = Infinity,
): ReaderFigures[] {
  const readers = readersOf(design.brief, count)
  const paths = readerPaths(readers, machine.networkPaths, design.network)
  const together = new Map(
    readersNow(design, machine, count).readers.map((one) => [one.reader.id, one.bytesPerSecond]),
  )
  return readers.slice(0, most).map((reader, index): ReaderFigures => {
    const path = paths[index] ?? null
    // Alone it comes through the very port that it has while all read.
    const at = path && { ...reader, port: { pieceId: path.port.partId, number: path.port.number } }
    const job = at ? fileFlows(design, machine, [at]) : { flows: [], links: [] }
    const [flow] = job.flows
    const rates = flow && scenarioRates(design, machine, { flowsOf: () => job })
    return {
      reader,
      wantsBytesPerSecond: reader.wantsBytesPerSecond ?? design.brief.readerBytesPerSecond,
      path,
      pool: flow?.pool ?? null,
      aloneBytesPerSecond: rates?.bytesPerSecond ?? 0,
      togetherBytesPerSecond: together.get(reader.id) ?? 0,
      heldBackBy: rates?.flows[0]?.heldBackBy ?? null,
      poolBytesPerSecond: at ? machineReadRate(design, machine, [at]) : null,
    }
  })
}
