import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import { boardSataPorts } from '../../fit/m2Devices'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** A device in an M.2 socket turns SATA ports of the board off. */
export const m2SilencesSata: Rule = (document, _figures, say) => {
  const board = fittedOne(document, 'board')
  const { working, silenced } = boardSataPorts(document)
  if (!board) return []
  if (silenced === 0) {
    const silencing = (board.sheet.m2Sockets ?? []).some((socket) => socket.silencesSataPorts > 0)
    const silent = [
      ...fittedOfKind(document, 'boot').filter(({ sheet }) => sheet.attaches === null),
      ...fittedOfKind(document, 'drive').filter(
        ({ sheet }) => sheet.formFactor === 'M.2' && sheet.plug === null,
      ),
    ]
    const [first] = silent
    if (!silencing || !first) return []
    return [
      notKnown({
        code: 'm2-silences-sata',
        step: 'core',
        partIds: silent.map(({ part }) => part.id),
        question: 'whether SATA ports of the board are turned off',
        missing: `what ${sheetName(first.sheet)} is attached to`,
      }),
    ]
  }
  return [
    fitFinding({
      code: 'm2-silences-sata',
      severity: 'note',
      step: 'core',
      parts: [board],
      sentence: `With its M.2 socket used, ${say.counted(silenced, 'SATA port is', 'SATA ports are')} off: ${working} of ${board.sheet.sataPorts} work.`,
      numbers: { working, silenced },
    }),
  ]
}
