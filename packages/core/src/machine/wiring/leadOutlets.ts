import type { PowerPlug } from '../../catalogue/plugs'
import { type Adapter, type SupplyLead, USUAL_ADAPTER } from './supplyLeads'

/** How a lead comes to the plugs that are wanted of it. */
export interface LeadOutlets {
  /** Plugs of its own that are left for drives. */
  ownPlugs: number
  /** Adapters that are needed, those of the design before any that must be bought. */
  adapters: Adapter[]
}

/** What is bought costs more than everything that is there. */
const BOUGHT_COSTS = 1_000

const otherPlug = (plug: PowerPlug): PowerPlug =>
  plug === 'SATA power' ? 'peripheral power' : 'SATA power'

/**
 * Which adapters does a lead need to give so many plugs of each kind?
 *
 * Own plugs go first, then adapters of the design, the widest first, then bought ones. Bought ones make two SATA
 * plugs of a four-pole one; the other way round a SATA plug would have to carry what it is not made for.
 *
 * @returns null when it cannot
 * A lead of 4 four-pole plugs, of which 1 four-pole and 3 SATA plugs are wanted: two bought adapters.
 */
export function leadOutlets(
  { plug, plugs, adapters }: SupplyLead,
  wanted: Readonly<Record<PowerPlug, number>>,
): LeadOutlets | null {
  const other = otherPlug(plug)
  const widestFirst = [...adapters].sort((one, another) => another.farEnds - one.farEnds)
  const used: Adapter[] = []
  let ownPlugs = plugs
  let missing = wanted[other]
  for (const adapter of widestFirst) {
    if (missing <= 0 || adapter.farPlug !== other) continue
    used.push(adapter)
    ownPlugs -= adapter.nearEnds
    missing -= adapter.farEnds
  }
  while (missing > 0) {
    if (USUAL_ADAPTER.nearPlug !== plug || USUAL_ADAPTER.farPlug !== other) return null
    used.push(USUAL_ADAPTER)
    ownPlugs -= USUAL_ADAPTER.nearEnds
    missing -= USUAL_ADAPTER.farEnds
  }
  let gained = 0
  for (const adapter of widestFirst) {
    if (wanted[plug] <= ownPlugs + gained || adapter.farPlug !== plug) continue
    used.push(adapter)
    ownPlugs -= adapter.nearEnds
    gained += adapter.farEnds
  }
  return ownPlugs >= 0 && wanted[plug] <= ownPlugs + gained ? { ownPlugs, adapters: used } : null
}

/** How far a lead is from feeding with its own plugs alone: each adapter counts, one to be bought most. */
export function adapterCost({ adapters }: LeadOutlets): number {
  return adapters.reduce((sum, { partId }) => sum + (partId === null ? BOUGHT_COSTS : 1), 0)
}
