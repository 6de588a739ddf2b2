import { pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** After a power cut the machine waits for somebody to press its button. */
export const staysOffAfterOutage: Rule = ({ machine }) => {
  const board = pieceOf(machine, 'board')
  if (!board || board.dataSheet.startsAfterOutage === true) return []
  const base = { code: 'stays-off-after-outage', step: 'core' } as const
  if (board.dataSheet.startsAfterOutage === null) {
    return [
      notKnown({
        ...base,
        partIds: [board.id],
        question: 'whether the machine starts by itself after a power cut',
        missing: `that for ${sheetName(board.dataSheet)}`,
      }),
    ]
  }
  return [
    fitFinding({
      ...base,
      severity: 'note',
      parts: [board],
      sentence: `${sheetName(board.dataSheet)} stays off after a power cut until somebody presses the button.`,
    }),
  ]
}
