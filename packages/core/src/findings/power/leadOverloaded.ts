import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { type LeadLoad, isOverloaded } from '../../machine/wiring/wirePower'

interface Facts {
  lead: string
  drives: number
  amps: number
  ratedAmps: number
  /** Other leads that carry too much as well. */
  others: number
}

/** Leads of the supply whose wire carries more than it is made for while everything starts, or at work. */
export const leadOverloaded: Rule<'lead-overloaded', Facts> = {
  code: 'lead-overloaded',
  step: 'paths',
  find: ({ stagedPower }) => {
    // A current that is not known is told of by the rules on plugs and on the start of all drives.
    const over = (stagedPower?.leads ?? []).filter(isOverloaded)
    const [worst] = [...over].sort((one, other) => ampsOf(other) - ampsOf(one))
    if (!worst) return []
    const partIds = [...new Set(over.map(({ lead }) => lead.ref.supplyId))]
    const facts = {
      lead: worst.lead.name,
      drives: worst.driveIds.length,
      amps: ampsOf(worst),
      ratedAmps: worst.ratedAmps,
      others: over.length - 1,
    }
    return [found('risks', { partIds }, facts)]
  },
  sentence: ({ lead, drives, amps, ratedAmps, others }, { format }) => {
    const [draw, rated] = format.apart(amps, ratedAmps, format.amps, 1)
    return `${format.counted(drives, 'drive')} on the ${lead} ${drives === 1 ? 'draws' : 'draw'} up to ${draw} at 12 V; its wire is made for about ${rated}.${others > 0 ? ` ${format.counted(others, 'other lead carries', 'other leads carry')} too much as well.` : ''} Spread the drives over more leads, or start them one after the other.`
  },
}

const ampsOf = ({ startAmps, runningAmps }: LeadLoad): number =>
  Math.max(startAmps ?? 0, runningAmps ?? 0)
