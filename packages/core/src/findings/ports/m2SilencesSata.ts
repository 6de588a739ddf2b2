import { found, lack } from '../../judging/finding'
import { lacking } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'

interface Facts {
  working: number
  silenced: number
  sataPorts: number
}

/** A device in an M.2 socket turns SATA ports of the board off. */
export const m2SilencesSata: Rule<'m2-silences-sata', Facts> = {
  code: 'm2-silences-sata',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    if (!board) return []
    const { sataPorts } = board.dataSheet
    const silenced = Math.min(machine.placement.silencedSataPorts, sataPorts)
    if (silenced > 0) {
      const facts = { working: sataPorts - silenced, silenced, sataPorts }
      return [found('note', { parts: [board] }, facts)]
    }
    const silencing = (board.dataSheet.m2Sockets ?? []).some(
      (socket) => socket.silencesSataPorts > 0,
    )
    const missing = [
      ...piecesOf(machine, 'boot').flatMap((boot) => lacking(boot, 'attaches')),
      ...piecesOf(machine, 'drive').flatMap((drive) =>
        drive.dataSheet.formFactor === 'M.2' ? lacking(drive, 'plug') : [],
      ),
    ]
    if (!silencing || missing.length === 0) return []
    return [lack(missing, { partIds: missing.flatMap(({ pieceId }) => pieceId ?? []) })]
  },
  sentence: ({ working, silenced, sataPorts }, { format }) =>
    `With its M.2 socket used, ${format.counted(silenced, 'SATA port is', 'SATA ports are')} off: ${working} of ${sataPorts} ${working === 1 ? 'works' : 'work'}.`,
  question: 'whether SATA ports of the board are turned off',
}
