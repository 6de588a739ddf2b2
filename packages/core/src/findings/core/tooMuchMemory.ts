import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { pieceOf, piecesOf } from '../../machine/machine'

/** More memory than the board addresses. */
export const tooMuchMemory: Rule = ({ machine }, format) => {
  const board = pieceOf(machine, 'board')
  const modules = piecesOf(machine, 'memory')
  if (!board || modules.length === 0) return []
  const { memoryMaxBytes } = board.dataSheet
  const base = { code: 'too-much-memory', step: 'core' } as const
  if (memoryMaxBytes === null) {
    return [
      notKnown({
        ...base,
        partIds: [board.id],
        question: 'whether the board addresses all the memory',
        missing: `the most that ${sheetName(board.dataSheet)} takes`,
      }),
    ]
  }
  const bytes = modules.reduce((sum, { dataSheet }) => sum + dataSheet.capacityBytes, 0)
  if (bytes <= memoryMaxBytes) return []
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts: [board, ...modules],
      sentence: `${format.space(bytes)} of memory; the board addresses ${format.space(memoryMaxBytes)}.`,
      numbers: { bytes, memoryMaxBytes },
    }),
  ]
}
