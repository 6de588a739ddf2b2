import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** After a power cut the machine waits for somebody to press its button. */
export const staysOffAfterOutage: Rule = (document) => {
  const board = fittedOne(document, 'board')
  if (!board || board.sheet.startsAfterOutage === true) return []
  const base = { code: 'stays-off-after-outage', step: 'core' } as const
  if (board.sheet.startsAfterOutage === null) {
    return [
      notKnown({
        ...base,
        partIds: [board.part.id],
        question: 'whether the machine starts by itself after a power cut',
        missing: `that for ${sheetName(board.sheet)}`,
      }),
    ]
  }
  return [
    fitFinding({
      ...base,
      severity: 'note',
      parts: [board],
      sentence: `${sheetName(board.sheet)} stays off after a power cut until somebody presses the button.`,
    }),
  ]
}
