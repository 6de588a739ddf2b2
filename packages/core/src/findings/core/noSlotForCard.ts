import { found, lack } from '../../judging/finding'
import { lacking, missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { slotNeedOf } from '../../machine/cards'
import { type Machine, pieceOf } from '../../machine/machine'
import type { Piece, PieceId } from '../../machine/piece'

interface Facts {
  homelessIds: readonly PieceId[]
  /** Those for plain PCI, on a board without any slot of it. */
  plainPciIds: readonly PieceId[]
  slots: number
  cards: number
  /** Those in each other's way, when they are fewer than all. */
  conflictIds: readonly PieceId[]
}

/** Cards and risers that find no slot which takes their edge. */
export const noSlotForCard: Rule<'no-slot-for-card', Facts> = {
  code: 'no-slot-for-card',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    const all = machine.inOrder.filter(({ dataSheet }) => slotNeedOf(dataSheet))
    if (!board || all.length === 0) return []
    const { slots } = board.dataSheet
    const missing = [
      ...lacking(board, 'slots'),
      ...all.flatMap((one) =>
        slotNeedOf(one.dataSheet)?.lanes === null ? missingOf(one, 'lanes') : [],
      ),
      ...all.flatMap((one) =>
        one.dataSheet.kind === 'riser' && one.dataSheet.gives === null
          ? missingOf(one, 'gives')
          : [],
      ),
    ]
    if (missing.length > 0 || slots === null) return [lack(missing, { parts: [board, ...all] })]
    const homeless = all.filter(({ id }) => machine.placement.leftIds.includes(id))
    if (homeless.length === 0) return []
    const facts = {
      homelessIds: homeless.map(({ id }) => id),
      plainPciIds: slots.some(({ bus }) => bus === 'PCI')
        ? []
        : homeless
            .filter(({ dataSheet }) => slotNeedOf(dataSheet)?.bus === 'PCI')
            .map(({ id }) => id),
      slots: slots.length + placesPassedOn(all),
      cards: all.length,
      conflictIds: conflictOf(machine, homeless),
    }
    return [found('blocks', { parts: [board, ...homeless] }, facts)]
  },
  sentence: (
    { homelessIds, plainPciIds, slots, cards, conflictIds },
    { pieces, model, format },
  ) => {
    const inTheWay =
      conflictIds.length === 0
        ? ''
        : ` In each other’s way are ${conflictIds.map(model).join(', ')}.`
    const plainPci =
      plainPciIds.length === 0
        ? ''
        : ` The board has no plain PCI slot for ${plainPciIds.map(model).join(', ')}.`
    return `No slot is left for ${pieces(homelessIds)}: ${format.counted(slots, 'slot')}, ${format.counted(cards, 'card')}, and a closed slot takes no longer edge than its own.${plainPci}${inTheWay}`
  },
  question: 'whether every card finds a slot',
}

function placesPassedOn(pieces: readonly Piece[]): number {
  return pieces
    .flatMap(({ offers }) => offers)
    .flatMap((offer) => (offer.kind === 'passed on' ? offer.places : []))
    .filter(({ kind }) => kind === 'slot').length
}

function conflictOf({ unplaced }: Machine, homeless: readonly Piece[]): readonly PieceId[] {
  return (
    unplaced.slot.find(
      ({ pieceId, conflictIds }) =>
        conflictIds.length > 1 && homeless.some(({ id }) => id === pieceId),
    )?.conflictIds ?? []
  )
}
