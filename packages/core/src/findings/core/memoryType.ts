import { found, lack } from '../../judging/finding'
import { lacking, missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  moduleId: PieceId
  moduleType: string
  boardType: string
}

/** Memory modules of another type than the board takes. */
export const memoryType: Rule<'memory-type', Facts> = {
  code: 'memory-type',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    const modules = piecesOf(machine, 'memory')
    if (!board || modules.length === 0) return []
    const { memoryType: boardType } = board.dataSheet
    const missing = [
      ...(boardType === null ? missingOf(board, 'memoryType') : []),
      ...modules.flatMap((module) => lacking(module, 'type')),
    ]
    if (missing.length > 0 || boardType === null) {
      return [lack(missing, { parts: [board, ...modules] })]
    }
    const wrong = modules.filter(({ dataSheet }) => dataSheet.type !== boardType)
    const [first] = wrong
    if (!first?.dataSheet.type) return []
    const facts = { moduleId: first.id, moduleType: first.dataSheet.type, boardType }
    return [found('blocks', { parts: [board, ...wrong] }, facts)]
  },
  sentence: ({ moduleId, moduleType, boardType }, { piece }) =>
    `The board takes ${boardType}; ${piece(moduleId)} is ${moduleType}.`,
  question: 'whether the memory fits the board',
}
