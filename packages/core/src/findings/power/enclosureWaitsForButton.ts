import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  enclosureId: PieceId
  drives: number
}

/** After a power cut the drives of an enclosure are away until somebody presses its button, while the machine runs. */
export const enclosureWaitsForButton: Rule<'enclosure-waits-for-button', Facts> = {
  code: 'enclosure-waits-for-button',
  step: 'power',
  find: ({ machine }) =>
    piecesOf(machine, 'enclosure').flatMap((enclosure) => {
      const { startsByItself } = enclosure.dataSheet
      const parts = [enclosure]
      if (startsByItself === true) return []
      if (startsByItself === null) return lack(missingOf(enclosure, 'startsByItself'), { parts })
      const drives = machine.bays.filter(
        ({ id, pieceId }) => pieceId === enclosure.id && machine.driveIn.has(id),
      ).length
      return found('risks', { parts }, { enclosureId: enclosure.id, drives })
    }),
  sentence: ({ enclosureId, drives }, { piece, format }) =>
    drives === 0
      ? `${piece(enclosureId)} stays off after a power cut until somebody presses its button.`
      : `${piece(enclosureId)} stays off after a power cut until somebody presses its button; the machine starts without its ${format.counted(drives, 'drive')}.`,
  question: 'whether the drives of an enclosure come back by themselves after a power cut',
}
