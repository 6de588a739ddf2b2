import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'

interface Facts {
  bytes: number
  memoryMaxBytes: number
}

/** More memory than the board addresses. */
export const tooMuchMemory: Rule<'too-much-memory', Facts> = {
  code: 'too-much-memory',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    const modules = piecesOf(machine, 'memory')
    if (!board || modules.length === 0) return []
    const { memoryMaxBytes } = board.dataSheet
    if (memoryMaxBytes === null) {
      return [lack(missingOf(board, 'memoryMaxBytes'), { parts: [board] })]
    }
    const bytes = modules.reduce((sum, { dataSheet }) => sum + dataSheet.capacityBytes, 0)
    if (bytes <= memoryMaxBytes) return []
    return [found('blocks', { parts: [board, ...modules] }, { bytes, memoryMaxBytes })]
  },
  sentence: ({ bytes, memoryMaxBytes }, { format }) => {
    const [has, most] = format.apart(bytes, memoryMaxBytes, format.space)
    return `${has} of memory; the board addresses ${most}.`
  },
  question: 'whether the board addresses all the memory',
}
