import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { pieceOf, piecesOf } from '../../machine/machine'

/** Memory modules of another type than the board takes. */
export const memoryType: Rule = ({ machine }) => {
  const board = pieceOf(machine, 'board')
  const modules = piecesOf(machine, 'memory')
  if (!board || modules.length === 0) return []
  const { memoryType: type } = board.dataSheet
  const withoutValue = modules.find(({ dataSheet }) => dataSheet.type === null)
  const base = { code: 'memory-type', step: 'core' } as const
  if (type === null || withoutValue) {
    return [
      notKnown({
        ...base,
        partIds: [board.id, ...modules.map(({ id }) => id)],
        question: 'whether the memory fits the board',
        missing: `the memory type of ${sheetName(withoutValue?.dataSheet ?? board.dataSheet)}`,
      }),
    ]
  }
  const wrong = modules.filter(({ dataSheet }) => dataSheet.type !== type)
  const [first] = wrong
  if (!first) return []
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts: [board, ...wrong],
      sentence: `The board takes ${type}; ${sheetName(first.dataSheet)} is ${first.dataSheet.type ?? ''}.`,
    }),
  ]
}
