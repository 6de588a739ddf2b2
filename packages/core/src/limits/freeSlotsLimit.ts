import { pieceOf } from '../machine/machine'
import { freeSlots } from '../machine/placement/freeSlots'
import { notKnown } from '../judging/notKnown'
import { sheetName } from '../judging/sheetName'
import { type Limit, statusOf } from '../judging/limit'

/** Slots that must stay free for a later card. */
export const freeSlotsLimit: Limit = ({ design, machine }, format) => {
  const { freeSlotsWanted } = design.brief
  if (freeSlotsWanted === 0) return null
  const board = pieceOf(machine, 'board')
  const free = freeSlots(machine)?.length ?? null
  const standing = statusOf(free, (one) => one >= freeSlotsWanted)
  const base = { code: 'too-few-free-slots', step: 'core' } as const
  return {
    id: 'free-slots',
    title: 'Slots free',
    standing,
    wanted: format.counted(freeSlotsWanted, 'slot'),
    has: free === null ? (board ? 'not known' : 'no board yet') : format.counted(free, 'slot'),
    finding:
      standing === 'missed' && board
        ? {
            ...base,
            severity: 'risks',
            partIds: [board.id],
            groupIds: [],
            sentence: `${free === 0 ? 'No slot is' : format.counted(free ?? 0, 'slot is', 'slots are')} left free; the brief wants ${freeSlotsWanted}.`,
            numbers: { free: free ?? 0, freeSlotsWanted },
          }
        : standing === 'not known' && board
          ? notKnown({
              ...base,
              partIds: [board.id],
              question: 'whether a slot stays free',
              missing: `the slots of ${sheetName(board.dataSheet)}`,
            })
          : null,
  }
}
