import { fitFinding } from '../../judging/fitFinding'
import type { Finding } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { isOverloaded, type LeadLoad } from '../../machine/wiring/wirePower'

/** Leads of the supply whose wire carries more than it is made for while everything starts, or at work. */
export const leadOverloaded: Rule = ({ machine }, format): Finding[] => {
  // A current that is not known is told of by the rules on plugs and on the start of all drives.
  const over = (machine.wiring.power?.leads ?? []).filter(isOverloaded)
  const [worst] = [...over].sort((one, other) => ampsOf(other) - ampsOf(one))
  if (!worst) return []
  const { lead, driveIds, ratedAmps } = worst
  const others = over.length - 1
  return [
    fitFinding({
      code: 'lead-overloaded',
      severity: 'risks',
      step: 'paths',
      parts: [...new Set(over.map((one) => one.lead.ref.supplyId))].map((id) => ({ id })),
      sentence: `${format.counted(driveIds.length, 'drive')} on the ${lead.name} draw up to ${format.number(ampsOf(worst), 1)} A at 12 V; its wire is made for about ${format.number(ratedAmps)} A.${others > 0 ? ` ${format.counted(others, 'other lead carries', 'other leads carry')} too much as well.` : ''} Spread the drives over more leads, or start them one after the other.`,
      numbers: { amps: ampsOf(worst), ratedAmps, drives: driveIds.length, leads: over.length },
    }),
  ]
}

const ampsOf = ({ startAmps, runningAmps }: LeadLoad): number =>
  Math.max(startAmps ?? 0, runningAmps ?? 0)
