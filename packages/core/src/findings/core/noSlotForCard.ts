import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { slotNeedOf } from '../../machine/cards'
import { pieceOf, type Machine } from '../../machine/machine'
import { type Piece } from '../../machine/piece'

/** Cards and risers that find no slot which takes their edge. */
export const noSlotForCard: Rule = ({ machine }, format) => {
  const board = pieceOf(machine, 'board')
  const all = machine.inOrder.filter(({ dataSheet }) => slotNeedOf(dataSheet))
  if (!board || all.length === 0) return []
  const { slots } = board.dataSheet
  const base = { code: 'no-slot-for-card', step: 'core' } as const
  const edgeNotKnown = all.some(({ dataSheet }) => slotNeedOf(dataSheet)?.lanes === null)
  const placesNotKnown = all.some(
    ({ dataSheet }) => dataSheet.kind === 'riser' && dataSheet.gives === null,
  )
  if (slots === null || edgeNotKnown || placesNotKnown) {
    return [
      notKnown({
        ...base,
        partIds: [board.id, ...all.map(({ id }) => id)],
        question: 'whether every card finds a slot',
        missing:
          slots === null
            ? `the slots of ${sheetName(board.dataSheet)}`
            : 'the lanes of every card and riser',
      }),
    ]
  }
  const homeless = all.filter(({ id }) => machine.placement.leftIds.includes(id))
  if (homeless.length === 0) return []
  const places = slots.length + placesPassedOn(all)
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts: [board, ...homeless],
      sentence: `No slot is left for ${homeless.map(({ dataSheet }) => sheetName(dataSheet)).join(' and ')}: ${format.counted(places, 'slot')}, ${format.counted(all.length, 'card')}, and a closed slot takes no longer edge than its own.${conflictWords(machine, homeless)}`,
      numbers: { slots: places, cards: all.length },
    }),
  ]
}

function placesPassedOn(pieces: readonly Piece[]): number {
  return pieces
    .flatMap(({ offers }) => offers)
    .flatMap((offer) => (offer.kind === 'passed on' ? offer.places : []))
    .filter(({ kind }) => kind === 'slot').length
}

/** Which others want the same, when fewer than all cards are in each other's way. */
function conflictWords({ unplaced, pieces }: Machine, homeless: readonly Piece[]): string {
  const ids = unplaced.find(
    ({ pieceId, need, conflictIds }) =>
      need === 'slot' && conflictIds.length > 1 && homeless.some(({ id }) => id === pieceId),
  )?.conflictIds
  if (!ids) return ''
  const names = ids.map((id) => pieces.get(id)?.dataSheet.model ?? '')
  return ` In each other’s way are ${names.join(', ')}.`
}
