import type { DesignDocument } from '../design/document'
import { maxMinFair } from './maxMinFair'
import { networkFlows } from './networkFlows'
import type { Topology } from './topology'

/**
 * What do drives, slots and chipset give some readers together, were the network ports endless?
 *
 * @returns bytes a second; null without a pool, a network port or a drive that is reached
 * @example four drives of 200 MB/s that all carry data: 800 MB/s
 */
export function machineReadRate(
  document: DesignDocument,
  topology: Topology,
  readers: number,
): number | null {
  const flows = networkFlows(document, topology, readers)
  if (flows.length === 0) return null
  const capacityOf = new Map(
    topology.links.map(({ id, bytesPerSecond }) => [
      id,
      id.startsWith('network-') ? Infinity : bytesPerSecond,
    ]),
  )
  return [...maxMinFair(capacityOf, flows).rateOf.values()].reduce((sum, rate) => sum + rate, 0)
}
