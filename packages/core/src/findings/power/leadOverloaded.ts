import { fitFinding } from '../../judging/fitFinding'
import type { Finding } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { isOverloaded } from '../../machine/wiring/wirePower'

/** A lead of the supply whose wire carries more than it is made for while everything starts, or at work. */
export const leadOverloaded: Rule = ({ machine }, format) =>
  (machine.wiring.power?.leads ?? []).flatMap((load): Finding[] => {
    // A current that is not known is told of by the rules on plugs and on the start of all drives.
    if (!isOverloaded(load)) return []
    const amps = Math.max(load.startAmps ?? 0, load.runningAmps ?? 0)
    return [
      fitFinding({
        code: 'lead-overloaded',
        severity: 'risks',
        step: 'paths',
        parts: [{ id: load.lead.ref.supplyId }],
        sentence: `${format.counted(load.driveIds.length, 'drive')} on the ${load.lead.name} draw up to ${format.number(amps, 1)} A at 12 V; its wire is made for about ${format.number(load.ratedAmps)} A. Spread them over other leads, or start them one after the other.`,
        numbers: { amps, ratedAmps: load.ratedAmps, drives: load.driveIds.length },
      }),
    ]
  })
