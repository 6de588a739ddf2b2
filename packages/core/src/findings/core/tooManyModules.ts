import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'

interface Facts {
  modules: number
  memorySlots: number
}

/** More memory modules than the board has slots. */
export const tooManyModules: Rule<'too-many-modules', Facts> = {
  code: 'too-many-modules',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    const modules = piecesOf(machine, 'memory')
    if (!board || machine.unplaced['memory slot'].length === 0) return []
    const { memorySlots } = board.dataSheet
    return [
      found('blocks', { parts: [board, ...modules] }, { modules: modules.length, memorySlots }),
    ]
  },
  sentence: ({ modules, memorySlots }, { format }) =>
    `${format.counted(modules, 'memory module')} for ${format.counted(memorySlots, 'slot')}.`,
}
