import type { Limit } from '../judging/limit'
import { missingOf } from '../judging/missing'
import { pieceOf } from '../machine/machine'
import { freeSlots } from '../machine/placement/freeSlots'
import { exactly, exactOf } from '../units/amount'

interface Facts {
  freeSlotsWanted: number
  hasBoard: boolean
}

/** Slots that must stay free for a later card; a slot that is dead beside what is used is no use. */
export const freeSlotsLimit: Limit<'free-slots', Facts> = {
  id: 'free-slots',
  title: 'Slots free',
  dependsOn: ['board', 'boot'],
  judge: ({ brief: { freeSlotsWanted }, machine }) => {
    if (freeSlotsWanted === 0) return null
    const board = pieceOf(machine, 'board')
    const free = freeSlots(machine)?.length ?? null
    const missing = board && free === null ? missingOf(board, 'slots') : []
    return {
      bound: { least: freeSlotsWanted },
      has: board ? exactly(free ?? 0, 'pieces', missing) : null,
      facts: { freeSlotsWanted, hasBoard: board !== undefined },
    }
  },
  wanted: ({ facts }, { format }) => `at least ${format.counted(facts.freeSlotsWanted, 'slot')}`,
  has: ({ has }, { format }) => {
    if (!has) return 'no board yet'
    return has.missing.length > 0 ? 'not known' : format.counted(exactOf(has), 'slot')
  },
}
