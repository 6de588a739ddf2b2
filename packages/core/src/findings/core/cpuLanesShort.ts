import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { laneBudget } from '../../machine/laneBudget'
import { pieceOf, piecesOf } from '../../machine/machine'

interface Facts {
  cpuLanes: number
  boardLanes: number
}

/** A CPU with fewer lanes than the board has places for: some of those fall or go dead. */
export const cpuLanesShort: Rule<'cpu-lanes-short', Facts> = {
  code: 'cpu-lanes-short',
  step: 'core',
  find: ({ machine }) => {
    const budget = laneBudget(machine)
    const board = pieceOf(machine, 'board')
    if (!board) return []
    if (!budget) {
      const isKnown = piecesOf(machine, 'cpu').some(({ dataSheet }) => dataSheet.pcieLanes !== null)
      return isKnown ? [lack(missingOf(board, 'slots'), { parts: [board] })] : []
    }
    if (budget.cpuLanes === null) return []
    const boardLanes = budget.places.reduce((sum, { lanes }) => sum + lanes, 0)
    if (boardLanes <= budget.cpuLanes) return []
    const parts = [board, ...piecesOf(machine, 'cpu')]
    return [found('risks', { parts }, { cpuLanes: budget.cpuLanes, boardLanes })]
  },
  sentence: ({ cpuLanes, boardLanes }, { format }) =>
    `The CPU has ${format.counted(cpuLanes, 'lane')} for slots and sockets, and the board would take ${boardLanes}: with it some place is narrower or dead. The manual of the board says which.`,
  question: 'whether the CPU has lanes for all slots and sockets',
}
