import { CPU_PLUG_WATTS } from '../../catalogue/standards'
import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** The CPU draws more than the board's CPU plugs carry, or the supply has too few of them. */
export const cpuTooHungry: Rule = (document, _figures, say) => {
  const board = fittedOne(document, 'board')
  const cpu = fittedOne(document, 'cpu')
  const supply = fittedOne(document, 'supply')
  if (!board || !cpu) return []
  const { cpuPowerPlugs } = board.sheet
  const { peakWatts } = cpu.sheet
  const parts = [board, cpu]
  if (cpuPowerPlugs === null || peakWatts === null) {
    return [
      notKnown({
        code: 'cpu-too-hungry',
        step: 'core',
        partIds: parts.map(({ part }) => part.id),
        question: 'whether the CPU plugs carry the CPU',
        missing:
          peakWatts === null
            ? `the peak watts of ${sheetName(cpu.sheet)}`
            : `the CPU plugs of ${sheetName(board.sheet)}`,
      }),
    ]
  }
  const usedPlugs = Math.min(cpuPowerPlugs, supply?.sheet.cpuPlugs ?? cpuPowerPlugs)
  const carriedWatts = usedPlugs * CPU_PLUG_WATTS
  if (peakWatts <= carriedWatts) return []
  return [
    fitFinding({
      code: 'cpu-too-hungry',
      severity: 'blocks',
      step: 'core',
      parts,
      sentence: `${sheetName(cpu.sheet)} draws up to ${say.watts(peakWatts)}; ${say.counted(usedPlugs, 'CPU plug')} ${usedPlugs === 1 ? 'carries' : 'carry'} ${say.watts(carriedWatts)}.`,
      numbers: { peakWatts, carriedWatts },
    }),
  ]
}
