import { found, lack } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { freeSlotsLimit } from '../../limits/freeSlotsLimit'
import { pieceOf } from '../../machine/machine'

interface Facts {
  free: number
  freeSlotsWanted: number
}

/** Fewer slots are left for a later card than the brief wants. */
export const tooFewFreeSlots: Rule<'too-few-free-slots', Facts> = {
  code: 'too-few-free-slots',
  step: 'core',
  find: ({ machine, judged }) => {
    const board = pieceOf(machine, 'board')
    const limit = judged(freeSlotsLimit)
    if (!board || !limit) return []
    const parts = [board]
    if (limit.status === 'missed') {
      const { freeSlotsWanted } = limit.facts
      return [found('risks', { parts }, { free: limit.has?.low ?? 0, freeSlotsWanted })]
    }
    const missing = limit.has?.missing ?? []
    return missing.length > 0 ? [lack(missing, { parts })] : []
  },
  sentence: ({ free, freeSlotsWanted }, { format }) =>
    `${free === 0 ? 'No slot is' : format.counted(free, 'slot is', 'slots are')} left free; the brief wants ${freeSlotsWanted}.`,
  question: 'whether a slot stays free',
}
