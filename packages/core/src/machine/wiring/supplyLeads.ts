import { AMPS_PER_POWER_PLUG, isPowerPlug, type PowerPlug } from '../../catalogue/plugs'
import type { LeadRef } from '../../design/pathChoices'
import type { Piece, PiecesByKind, PieceId } from '../piece'

/** A lead of a supply with its plugs one behind the other. */
export interface SupplyLead {
  ref: LeadRef
  /** The same as a text, for looking it up; never taken apart. */
  key: string
  name: string
  plug: PowerPlug
  plugs: number
  /** False when the number of leads was assumed. */
  known: boolean
  /** Adapters of the design that sit on it when it takes them. */
  adapters: Adapter[]
}

/** An adapter or splitter: what it takes, and what it makes of that. */
export interface Adapter {
  /** The cable of the design; null for one that is still to be bought. */
  partId: PieceId | null
  name: string
  nearPlug: PowerPlug
  nearEnds: number
  farPlug: PowerPlug
  farEnds: number
  /** What it carries at 12 V: no more than the plugs it hangs on, or than it is made for. */
  ratedAmps: number
}

/** Plugs on one lead, where no data sheet gives the leads. Common practice, no source. */
const USUAL_PLUGS_PER_LEAD = 4

/**
 * The adapter that is bought when plugs are short: one four-pole plug to two SATA plugs. Two 3.5" drives
 * starting at under 2 A each stay within the 5 A of its contact, four do not.
 */
export const USUAL_ADAPTER: Adapter = {
  partId: null,
  name: 'adapter to buy',
  nearPlug: 'peripheral power',
  nearEnds: 1,
  farPlug: 'SATA power',
  farEnds: 2,
  ratedAmps: AMPS_PER_POWER_PLUG['peripheral power'],
}

/**
 * The leads of all supplies that feed drives, with the adapters of the design on those that have most plugs for
 * them.
 *
 * @returns null without a supply or when a data sheet lacks the plugs
 */
export function supplyLeads(pieces: PiecesByKind): SupplyLead[] | null {
  const { supply: supplies = [], cable = [] } = pieces
  if (supplies.length === 0) return null
  const leads: SupplyLead[] = []
  for (const supply of supplies) {
    for (const offer of supply.offers) {
      if (offer.kind !== 'power lead') continue
      if (offer.plugs === null) return null
      leads.push(...leadsOf(supply, supplies.length > 1, offer.plug, offer.plugs, offer.leads))
    }
  }
  for (const piece of cable) {
    const adapter = adapterOf(piece)
    if (!adapter) continue
    const [widest] = leads
      .filter((lead) => lead.plug === adapter.nearPlug)
      .sort((one, other) => plugsLeft(other) - plugsLeft(one))
    if (widest && plugsLeft(widest) >= adapter.nearEnds) widest.adapters.push(adapter)
  }
  return leads
}

/** Plugs of a lead that no adapter of the design would take. */
const plugsLeft = ({ plugs, adapters }: SupplyLead): number =>
  plugs - adapters.reduce((sum, { nearEnds }) => sum + nearEnds, 0)

function adapterOf({ id, dataSheet }: Piece<'cable'>): Adapter | null {
  const { nearPlug, farPlug, nearEnds, farEnds, model, rated12VAmps } = dataSheet
  if (!isPowerPlug(nearPlug) || !isPowerPlug(farPlug)) return null
  const plugsAmps = nearEnds * AMPS_PER_POWER_PLUG[nearPlug]
  const ratedAmps = Math.min(plugsAmps, rated12VAmps ?? Infinity)
  return { partId: id, name: model, nearPlug, nearEnds, farPlug, farEnds, ratedAmps }
}

/** A lead as a text, for looking it up. */
export function leadKey({ supplyId, plug, number }: LeadRef): string {
  return `${supplyId} ${plug} ${number}`
}

function leadsOf(
  { id: supplyId, dataSheet }: Piece<'supply'>,
  isOneOfSeveral: boolean,
  plug: PowerPlug,
  plugs: number,
  said: number | null,
): SupplyLead[] {
  if (plugs === 0) return []
  const count = Math.min(plugs, Math.max(1, said ?? Math.ceil(plugs / USUAL_PLUGS_PER_LEAD)))
  return Array.from({ length: count }, (_, index) => {
    const ref = { supplyId, plug, number: index + 1 }
    const name = `${plug === 'SATA power' ? 'SATA' : 'four-pole'} lead ${index + 1}`
    return {
      ref,
      key: leadKey(ref),
      name: isOneOfSeveral ? `${name} of ${dataSheet.model}` : name,
      plug,
      // The first leads have one more where plugs do not come out even.
      plugs: Math.floor(plugs / count) + (index < plugs % count ? 1 : 0),
      known: said !== null,
      adapters: [],
    }
  })
}
