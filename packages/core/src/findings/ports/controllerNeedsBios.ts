import { piecesOf, pieceOf } from '../../machine/machine'
import type { Finding } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** The board does not see the controller or adapter until its firmware is newer. */
export const controllerNeedsBios: Rule = ({ machine }) => {
  const board = pieceOf(machine, 'board')
  if (!board) return []
  const { biosFamily, biosVersion } = board.dataSheet
  return piecesOf(machine, 'controller').flatMap((card): Finding[] => {
    const parts = [board, card]
    const { biosNeeds } = card.dataSheet
    if (biosNeeds?.length === 0) return []
    if (biosNeeds === null || biosFamily === null || biosVersion === null) {
      return [
        notKnown({
          code: 'controller-needs-bios',
          step: 'core',
          partIds: parts.map(({ id }) => id),
          question: `whether the board sees ${sheetName(card.dataSheet)}`,
          missing: `firmware versions for ${sheetName(biosNeeds === null ? card.dataSheet : board.dataSheet)}`,
        }),
      ]
    }
    const need = biosNeeds.find(({ family }) => family === biosFamily)
    if (need && need.version <= biosVersion) return []
    return [
      fitFinding({
        code: 'controller-needs-bios',
        severity: 'risks',
        step: 'core',
        parts,
        sentence: need
          ? `The board sees ${sheetName(card.dataSheet)} from firmware ${need.version} on and ships with ${biosVersion}: update it before the card goes in.`
          : `${sheetName(card.dataSheet)} is not known to work with firmware ${biosFamily}: its maker names ${biosNeeds.map(({ family }) => family).join(', ')}.`,
        numbers: { neededVersion: need?.version ?? 0, biosVersion },
      }),
    ]
  })
}
