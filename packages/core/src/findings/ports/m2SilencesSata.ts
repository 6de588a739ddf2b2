import { piecesOf, pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** A device in an M.2 socket turns SATA ports of the board off. */
export const m2SilencesSata: Rule = ({ machine }, format) => {
  const board = pieceOf(machine, 'board')
  if (!board) return []
  const { sataPorts } = board.dataSheet
  const silenced = Math.min(machine.placement.silencedSataPorts, sataPorts)
  const working = sataPorts - silenced
  if (silenced === 0) {
    const silencing = (board.dataSheet.m2Sockets ?? []).some(
      (socket) => socket.silencesSataPorts > 0,
    )
    const withoutValue = [
      ...piecesOf(machine, 'boot').filter(({ dataSheet }) => dataSheet.attaches === null),
      ...piecesOf(machine, 'drive').filter(
        ({ dataSheet }) => dataSheet.formFactor === 'M.2' && dataSheet.plug === null,
      ),
    ]
    const [first] = withoutValue
    if (!silencing || !first) return []
    return [
      notKnown({
        code: 'm2-silences-sata',
        step: 'core',
        partIds: withoutValue.map(({ id }) => id),
        question: 'whether SATA ports of the board are turned off',
        missing: `what ${sheetName(first.dataSheet)} is attached to`,
      }),
    ]
  }
  return [
    fitFinding({
      code: 'm2-silences-sata',
      severity: 'note',
      step: 'core',
      parts: [board],
      sentence: `With its M.2 socket used, ${format.counted(silenced, 'SATA port is', 'SATA ports are')} off: ${working} of ${sataPorts} work.`,
      numbers: { working, silenced },
    }),
  ]
}
