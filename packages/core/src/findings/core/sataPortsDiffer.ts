import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../finding'
import { fitFinding } from '../fitFinding'
import { sheetName } from '../sheetName'

/** Ports of different speed on one board look alike. */
export const sataPortsDiffer: Rule = (document, _figures, say) => {
  const board = fittedOne(document, 'board')
  const generations = board?.sheet.sataGenerations
  if (!board || !generations) return []
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
