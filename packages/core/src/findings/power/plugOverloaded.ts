import { AMPS_PER_POWER_PLUG } from '../../catalogue/plugs'
import { fittedOne } from '../../design/fittedParts'
import { blockUses } from '../../fit/attachments'
import type { Finding } from '../finding'
import type { Rule } from '../rule'
import { notKnown } from '../notKnown'
import { fitFinding } from '../fitFinding'

/** The drives of one backplane draw more through its plugs, while starting, than these are rated for. */
export const plugOverloaded: Rule = (document, { bays }, say) => {
  const chassis = fittedOne(document, 'chassis')
  if (!chassis) return []
  return blockUses(document, bays).flatMap(({ drives, startAmps, backplane }): Finding[] => {
    if (!backplane || drives === 0) return []
    const base = { code: 'plug-overloaded', step: 'drives' } as const
    if (startAmps === null) {
      return [
        notKnown({
          ...base,
          partIds: [chassis.part.id],
          question: 'whether the power plugs of the backplane carry its drives',
          missing: 'the starting current of every drive',
        }),
      ]
    }
    const ratedAmps = AMPS_PER_POWER_PLUG[backplane.powerPlug] * backplane.powerPlugs
    if (startAmps <= ratedAmps) return []
    return [
      fitFinding({
        ...base,
        severity: 'risks',
        parts: [chassis],
        sentence: `${say.counted(drives, 'drive')} on one backplane draw ${say.number(startAmps, 1)} A while starting; ${say.counted(backplane.powerPlugs, `${backplane.powerPlug} plug is`, `${backplane.powerPlug} plugs are`)} rated for ${say.number(ratedAmps, 1)} A. Start them one after the other, or use every plug.`,
        numbers: { drives, startAmps, ratedAmps },
      }),
    ]
  })
}
