import { fittedOne } from '../../design/fittedParts'
import { isOverloaded } from '../../paths/wiring/wirePower'
import { ADAPTER_AMPS } from '../../paths/wiring/supplyLeads'
import { wiringOf } from '../../paths/wiring/wiring'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'

/** An adapter whose one four-pole plug carries more starting drives than its contact is made for. */
export const adapterOverloaded: Rule = (document, { bays }, say) => {
  const supply = fittedOne(document, 'supply')
  const { power } = wiringOf(document, bays)
  if (!supply || !power) return []
  const base = { code: 'adapter-overloaded', step: 'paths' } as const
  const adapted = power.leads.filter(
    ({ adaptersWanted, lead }) => adaptersWanted + lead.adapters.length > 0,
  )
  return adapted.flatMap((load) => {
    const { lead, adapterAmps, onAdapters, startAmps } = load
    if (onAdapters === 0) return []
    if (adapterAmps === null || startAmps === null) {
      return [
        notKnown({
          ...base,
          partIds: lead.adapters.map(({ partId }) => partId),
          question: `whether the adapter on ${lead.name} carries its drives`,
          missing: 'the starting current of every drive',
        }),
      ]
    }
    if (!isOverloaded(load)) return []
    return [
      fitFinding({
        ...base,
        severity: 'risks',
        parts: [supply],
        sentence: `The adapter on ${lead.name} carries up to ${say.number(adapterAmps, 1)} A while its drives start; the one four-pole plug it hangs on is made for ${say.number(ADAPTER_AMPS)} A. Use fewer of its plugs, or start the drives one after the other.`,
        numbers: { adapterAmps, ratedAmps: ADAPTER_AMPS },
      }),
    ]
  })
}
