import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { listed } from '../../judging/words'
import { pieceOf } from '../../machine/machine'
import { deadSlots } from '../../machine/placement/freeSlots'

interface Facts {
  slots: readonly number[]
}

/** Slots that look free for a later card and are dead beside what is used. */
export const deadFreeSlots: Rule<'dead-free-slots', Facts> = {
  code: 'dead-free-slots',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    if (!board) return []
    const parts = [board]
    const { slots: all, sharing } = board.dataSheet
    if (all === null && sharing?.some(({ lanesLeft }) => lanesLeft === 0)) {
      return [lack(missingOf(board, 'slots'), { parts })]
    }
    const slots = deadSlots(machine)
    return slots.length > 0 ? [found('note', { parts }, { slots })] : []
  },
  sentence: ({ slots }) =>
    `${slots.length === 1 ? `Slot ${slots.join()} looks free and is` : `Slots ${listed(slots.map(String))} look free and are`} dead beside what is used: no later card works there.`,
  question: 'whether a slot that looks free is dead',
}
