import type { Reader } from '../design/readers'
import { directedLinks } from './directedLinks'
import { maxMinFair } from './maxMinFair'
import { fileFlows } from './fileFlows'
import type { Link } from '../machine/links/link'
import type { ScenarioDesign } from './scenarios/scenario'
import type { Machine } from '../machine/machine'

/**
 * What do drives, slots and chipset give some readers together, were the network and their own links endless?
 *
 * @param card whether the slots of the network cards that are there count, or any card in a slot that carries it
 * @param poolId the pool that all read from; null for the one that each of them says, or the largest
 * @returns bytes a second; null without a pool, a network port or a drive that is reached
 * Four drives of 200 MB/s that all carry data give 800 MB/s.
 */
export function machineReadRate(
  design: Pick<ScenarioDesign, 'pools' | 'network' | 'tenants'>,
  machine: Machine,
  readers: readonly Reader[],
  card: 'as it is' | 'any' = 'as it is',
  poolId: string | null = null,
): number | null {
  const { flows, links } = fileFlows(design, machine, readers, 'read', poolId)
  if (flows.length === 0) return null
  const underDrives = new Set(machine.drivePaths.flatMap(({ links }) => links))
  const ofCards = new Set(
    machine.networkPaths.flatMap(({ links }) => links.filter((id) => !underDrives.has(id))),
  )
  const isEndless = ({ id, kind }: Link): boolean =>
    kind === 'network' || kind === 'reader' || (card === 'any' && ofCards.has(id))
  const { capacityOf: capacities, linkOf } = directedLinks([...machine.links, ...links])
  const capacityOf = new Map(
    [...capacities].map(([name, capacity]) => {
      const link = linkOf.get(name)
      return [name, link && isEndless(link) ? Infinity : capacity]
    }),
  )
  return [...maxMinFair(capacityOf, flows).rateOf.values()].reduce((sum, rate) => sum + rate, 0)
}
