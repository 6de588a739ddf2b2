import { pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** Ports of different speed on one board look alike. */
export const sataPortsDiffer: Rule = ({ machine }, format) => {
  const board = pieceOf(machine, 'board')
  const generations = board?.dataSheet.sataGenerations
  if (!board || board.dataSheet.sataPorts < 2) return []
  if (!generations) {
    return [
      notKnown({
        code: 'sata-ports-differ',
        step: 'core',
        partIds: [board.id],
        question: 'whether the SATA ports are equally fast',
        missing: `the generation of each port of ${sheetName(board.dataSheet)}`,
      }),
    ]
  }
  const fastest = Math.max(...generations)
  const slow = generations.filter((generation) => generation < fastest).length
  if (slow === 0) return []
  return [
    fitFinding({
      code: 'sata-ports-differ',
      severity: 'note',
      step: 'core',
      parts: [board],
      sentence: `${format.number(slow)} of ${sheetName(board.dataSheet)}'s ${format.counted(generations.length, 'SATA port')} are of an older generation than the others.`,
      numbers: { slow, ports: generations.length },
    }),
  ]
}
