import { fittedOne } from '../../design/fittedParts'
import { boardSataPorts } from '../../fit/m2Devices'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'

/** A device in an M.2 socket turns SATA ports of the board off. */
export const m2SilencesSata: Rule = (document, _figures, say) => {
  const board = fittedOne(document, 'board')
  const { working, silenced } = boardSataPorts(document)
  if (!board || silenced === 0) return []
  return [
    fitFinding({
      code: 'm2-silences-sata',
      severity: 'note',
      step: 'core',
      parts: [board],
      sentence: `With its M.2 socket used, ${say.counted(silenced, 'SATA port is', 'SATA ports are')} off: ${working} of ${board.sheet.sataPorts} work.`,
      numbers: { working, silenced },
    }),
  ]
}
