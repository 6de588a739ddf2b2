import { fittedOne } from '../design/fittedParts'
import { cardsOf } from '../fit/cards'
import { notKnown } from '../findings/notKnown'
import { sheetName } from '../findings/sheetName'
import { type Limit, standingOf } from './limit'

/** Slots that must stay free for a later card. */
export const freeSlotsLimit: Limit = (document, _measured, say) => {
  const { freeSlotsWanted } = document.brief
  if (freeSlotsWanted === 0) return null
  const board = fittedOne(document, 'board')
  const slots = board?.sheet.slots?.length ?? null
  const free = slots === null ? null : Math.max(0, slots - cardsOf(document).length)
  const standing = standingOf(free, (one) => one >= freeSlotsWanted)
  const base = { code: 'too-few-free-slots', step: 'core' } as const
  return {
    id: 'free-slots',
    title: 'Slots free',
    standing,
    wanted: say.counted(freeSlotsWanted, 'slot'),
    has: free === null ? (board ? 'not known' : 'no board yet') : say.counted(free, 'slot'),
    finding:
      standing === 'missed' && board
        ? {
            ...base,
            severity: 'risks',
            partIds: [board.part.id],
            groupIds: [],
            sentence: `${free === 0 ? 'No slot is' : say.counted(free ?? 0, 'slot is', 'slots are')} left free; the brief wants ${freeSlotsWanted}.`,
            numbers: { free: free ?? 0, freeSlotsWanted },
          }
        : standing === 'not known' && board
          ? notKnown({
              ...base,
              partIds: [board.part.id],
              question: 'whether a slot stays free',
              missing: `the slots of ${sheetName(board.sheet)}`,
            })
          : null,
  }
}
