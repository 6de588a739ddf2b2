import { fitFinding } from '../../judging/fitFinding'
import type { Finding } from '../../judging/finding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { isOverloaded } from '../../machine/wiring/wirePower'

/** An adapter or splitter that carries more than the plug it hangs on, or than it is made for: it gets hot. */
export const adapterOverloaded: Rule = ({ machine }, format) => {
  const { power } = machine.wiring
  const base = { code: 'adapter-overloaded', step: 'paths' } as const
  return (power?.leads ?? []).flatMap(({ lead, adapters }) =>
    adapters.flatMap((load): Finding[] => {
      const { adapter, plugsUsed, startAmps, runningAmps, ratedAmps } = load
      if (plugsUsed === 0) return []
      const parts = [{ id: adapter.partId ?? lead.ref.supplyId }]
      if (startAmps === null) {
        return [
          notKnown({
            ...base,
            partIds: parts.map(({ id }) => id),
            question: `whether the adapter on ${lead.name} carries its drives`,
            missing: 'the starting current of every drive',
          }),
        ]
      }
      if (!isOverloaded(load)) return []
      const starts = startAmps > ratedAmps
      const amps = starts ? startAmps : (runningAmps ?? 0)
      return [
        fitFinding({
          ...base,
          severity: 'risks',
          parts,
          sentence: `The adapter on ${lead.name} carries up to ${format.number(amps, 1)} A ${starts ? 'while its drives start' : 'at work'}; it hangs on ${format.counted(adapter.nearEnds, `${adapter.nearPlug} plug`)} and is made for ${format.number(ratedAmps, 1)} A. Use fewer of its plugs, or start the drives one after the other.`,
          numbers: { adapterAmps: amps, ratedAmps },
        }),
      ]
    }),
  )
}
