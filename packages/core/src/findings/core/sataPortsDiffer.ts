import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** Ports of different speed on one board look alike. */
export const sataPortsDiffer: Rule = (document, _figures, say) => {
  const board = fittedOne(document, 'board')
  const generations = board?.sheet.sataGenerations
  if (!board || board.sheet.sataPorts < 2) return []
  if (!generations) {
    return [
      notKnown({
        code: 'sata-ports-differ',
        step: 'core',
        partIds: [board.part.id],
        question: 'whether the SATA ports are equally fast',
        missing: `the generation of each port of ${sheetName(board.sheet)}`,
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
      sentence: `${say.number(slow)} of ${sheetName(board.sheet)}'s ${say.counted(generations.length, 'SATA port')} are of an older generation than the others.`,
      numbers: { slow, ports: generations.length },
    }),
  ]
}
