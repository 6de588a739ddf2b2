import { fitFinding } from '../../judging/fitFinding'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'

/** More memory modules than the board has slots. */
export const tooManyModules: Rule = ({ machine }, format) => {
  const board = pieceOf(machine, 'board')
  const modules = piecesOf(machine, 'memory')
  if (!board || !machine.unplaced.some(({ need }) => need === 'memory slot')) return []
  const { memorySlots } = board.dataSheet
  return [
    fitFinding({
      code: 'too-many-modules',
      severity: 'blocks',
      step: 'core',
      parts: [board, ...modules],
      sentence: `${format.counted(modules.length, 'memory module')} for ${format.counted(memorySlots, 'slot')}.`,
      numbers: { modules: modules.length, memorySlots },
    }),
  ]
}
