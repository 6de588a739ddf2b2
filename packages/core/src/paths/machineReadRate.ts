import type { Pool } from '../design/design'
import { directedLinks } from './directedLinks'
import { maxMinFair } from './maxMinFair'
import { networkFlows } from './networkFlows'
import type { Machine } from '../machine/machine'

/**
 * What do drives, slots and chipset give some readers together, were the network ports endless?
 *
 * @returns bytes a second; null without a pool, a network port or a drive that is reached
 * Four drives of 200 MB/s that all carry data give 800 MB/s.
 */
export function machineReadRate(
  design: { pools: readonly Pool[] },
  machine: Machine,
  readers: number,
): number | null {
  const flows = networkFlows(design, machine, readers)
  if (flows.length === 0) return null
  const { capacityOf: capacities, linkOf } = directedLinks(machine.links)
  const capacityOf = new Map(
    [...capacities].map(([name, capacity]) => [
      name,
      linkOf.get(name)?.kind === 'network' ? Infinity : capacity,
    ]),
  )
  return [...maxMinFair(capacityOf, flows).rateOf.values()].reduce((sum, rate) => sum + rate, 0)
}
