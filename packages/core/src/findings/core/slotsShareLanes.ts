import { fittedOne } from '../../design/fittedParts'
import { cardsOf } from '../../fit/cards'
import { m2DevicesOf, placeInM2 } from '../../fit/m2Devices'
import { lossesOfSharing } from '../../fit/sharedSlots'
import { slotsForCards } from '../../fit/slotsForCards'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** Slots and sockets that share lanes: with all cards in, one of them loses some or goes dead. */
export const slotsShareLanes: Rule = (document) => {
  const board = fittedOne(document, 'board')
  const cards = cardsOf(document)
  if (!board || cards.length === 0) return []
  const { slots, sharing, m2Sockets } = board.sheet
  const edges = cards.map(({ sheet }) => sheet.lanes)
  // That a card finds no slot, or that its lanes are not known, is said by the rule on slots.
  if (slots === null || edges.includes(null)) return []
  const lanes = edges.flatMap((edge) => edge ?? [])
  if (slotsForCards(slots, lanes).length > 0) return []
  const devices = m2DevicesOf(document)
  const base = { code: 'slots-share-lanes', step: 'core' } as const
  if (sharing === null) {
    if (cards.length + devices.length < 2) return []
    return [
      notKnown({
        ...base,
        partIds: [board.part.id],
        question: 'whether cards take lanes from each other',
        missing: `what the slots of ${sheetName(board.sheet)} share`,
      }),
    ]
  }
  const usedM2 = placeInM2(m2Sockets ?? [], devices).socketOf.flatMap((socket) =>
    socket === null ? [] : [`m2-${socket + 1}`],
  )
  const [lost] = lossesOfSharing(slots, lanes, sharing, usedM2)
  if (!lost) return []
  return [
    fitFinding({
      ...base,
      severity: lost.lanesLeft === 0 ? 'blocks' : 'risks',
      parts: [board, ...cards],
      sentence: `However the cards are placed, ${placeWords(lost.loses)} ${lost.lanesLeft === 0 ? 'is dead' : `has ${lost.lanesLeft} ${lost.lanesLeft === 1 ? 'lane' : 'lanes'} left`} while ${placeWords(lost.inUse)} is used.`,
      numbers: { lanesLeft: lost.lanesLeft },
    }),
  ]
}

const placeWords = (place: string): string =>
  place.startsWith('m2-') ? `M.2 socket ${place.slice(3)}` : `slot ${place.slice(5)}`
