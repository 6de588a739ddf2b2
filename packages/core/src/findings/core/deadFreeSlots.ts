import { found } from '../../judging/finding'
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
    const slots = board ? deadSlots(machine) : []
    return board && slots.length > 0 ? [found('note', { parts: [board] }, { slots })] : []
  },
  sentence: ({ slots }) =>
    `${slots.length === 1 ? `Slot ${slots.join()} looks free and is` : `Slots ${listed(slots.map(String))} look free and are`} dead beside what is used: no later card works there.`,
}
