import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import type { Finding } from '../finding'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** The board does not see the controller or adapter until its firmware is newer. */
export const controllerNeedsBios: Rule = (document) => {
  const board = fittedOne(document, 'board')
  if (!board) return []
  const { biosFamily, biosVersion } = board.sheet
  return fittedOfKind(document, 'controller').flatMap((card): Finding[] => {
    const parts = [board, card]
    const { biosNeeds } = card.sheet
    if (biosNeeds?.length === 0) return []
    if (biosNeeds === null || biosFamily === null || biosVersion === null) {
      return [
        notKnown({
          code: 'controller-needs-bios',
          step: 'core',
          partIds: parts.map(({ part }) => part.id),
          question: `whether the board sees ${sheetName(card.sheet)}`,
          missing: `firmware versions for ${sheetName(biosNeeds === null ? card.sheet : board.sheet)}`,
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
          ? `The board sees ${sheetName(card.sheet)} from firmware ${need.version} on and ships with ${biosVersion}: update it before the card goes in.`
          : `${sheetName(card.sheet)} is not known to work with firmware ${biosFamily}: its maker names ${biosNeeds.map(({ family }) => family).join(', ')}.`,
        numbers: { neededVersion: need?.version ?? 0, biosVersion },
      }),
    ]
  })
}
