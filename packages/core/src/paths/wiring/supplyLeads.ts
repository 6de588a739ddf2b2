import { AMPS_PER_POWER_PLUG, type PowerPlug } from '../../catalogue/plugs'
import type { DesignDocument } from '../../design/document'
import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import { isPowerPlug } from '../../fit/powerPlugs'

/** A lead of the supply with its plugs one behind the other. */
export interface SupplyLead {
  /** `sata-1`, `peripheral-2`. */
  id: string
  name: string
  /** Plugs of each kind, with adapters of the design already on it. */
  plugs: Record<PowerPlug, number>
  /** Adapters of the design that sit on it, and how many plugs each makes of one. */
  adapters: { partId: string; name: string; plugs: number }[]
  /** False when the number of leads was assumed. */
  known: boolean
}

/** Plugs on one lead, where no data sheet gives the leads. Common practice, no source. */
const USUAL_PLUGS_PER_LEAD = 4

/** What the 12 V contacts of the plug that feeds an adapter carry, whatever the adapter makes of it. */
export const ADAPTER_AMPS = AMPS_PER_POWER_PLUG['peripheral power']

/**
 * The leads of the supply that feed drives, with the adapters of the design on those that have most plugs.
 *
 * @returns null without a supply or when its data sheet lacks the plugs
 */
export function supplyLeads(document: DesignDocument): SupplyLead[] | null {
  const supply = fittedOne(document, 'supply')?.sheet
  if (!supply) return null
  const { sataPlugs, sataLeads, peripheralPlugs, peripheralLeads } = supply
  if (sataPlugs === null || peripheralPlugs === null) return null
  const leads = [
    ...leadsOf('SATA power', 'sata', sataPlugs, sataLeads),
    ...leadsOf('peripheral power', 'peripheral', peripheralPlugs, peripheralLeads),
  ]
  for (const { part, sheet } of fittedOfKind(document, 'cable')) {
    const { nearPlug, farPlug, nearEnds, farEnds, model } = sheet
    if (!isPowerPlug(nearPlug) || !isPowerPlug(farPlug)) continue
    const [widest] = [...leads].sort((one, other) => other.plugs[nearPlug] - one.plugs[nearPlug])
    if (!widest || widest.plugs[nearPlug] < nearEnds) continue
    widest.plugs[nearPlug] -= nearEnds
    widest.plugs[farPlug] += farEnds
    widest.adapters.push({ partId: part.id, name: model, plugs: farEnds })
  }
  return leads
}

function leadsOf(
  kind: PowerPlug,
  prefix: string,
  plugs: number,
  said: number | null,
): SupplyLead[] {
  if (plugs === 0) return []
  const count = Math.min(plugs, Math.max(1, said ?? Math.ceil(plugs / USUAL_PLUGS_PER_LEAD)))
  return Array.from({ length: count }, (_, index) => {
    // The first leads have one more where plugs do not come out even.
    const own = Math.floor(plugs / count) + (index < plugs % count ? 1 : 0)
    const none = { 'SATA power': 0, 'peripheral power': 0 }
    return {
      id: `${prefix}-${index + 1}`,
      name: `${kind === 'SATA power' ? 'SATA' : 'four-pole'} lead ${index + 1}`,
      plugs: { ...none, [kind]: own },
      adapters: [],
      known: said !== null,
    }
  })
}
