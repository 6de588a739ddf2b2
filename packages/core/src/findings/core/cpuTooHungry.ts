import { CPU_PLUG_WATTS } from '../../catalogue/standards'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { pieceOf, piecesOf } from '../../machine/machine'

/** The CPUs together draw more than the board's CPU plugs carry, or the supplies have too few of them. */
export const cpuTooHungry: Rule = ({ machine }, format) => {
  const board = pieceOf(machine, 'board')
  const cpus = piecesOf(machine, 'cpu')
  const [first] = cpus
  if (!board || !first) return []
  const peaks = cpus.map(({ dataSheet }) => dataSheet.peakWatts)
  const peakWatts = peaks.reduce<number>((sum, watts) => sum + (watts ?? 0), 0)
  const supplies = piecesOf(machine, 'supply')
  const withoutPeak = cpus.find(({ dataSheet }) => dataSheet.peakWatts === null)
  // Every supply has one such plug at least, so how many it has matters only beyond that.
  const withoutPlugs =
    peakWatts > CPU_PLUG_WATTS
      ? supplies.find(({ dataSheet }) => dataSheet.cpuPlugs === null)
      : undefined
  const { cpuPowerPlugs } = board.dataSheet
  const parts = [board, ...cpus]
  const missing = withoutPeak
    ? `the peak watts of ${sheetName(withoutPeak.dataSheet)}`
    : cpuPowerPlugs === null
      ? `the CPU plugs of ${sheetName(board.dataSheet)}`
      : withoutPlugs
        ? `the CPU plugs of ${sheetName(withoutPlugs.dataSheet)}`
        : null
  if (missing !== null || cpuPowerPlugs === null) {
    return [
      notKnown({
        code: 'cpu-too-hungry',
        step: 'core',
        partIds: parts.map(({ id }) => id),
        question: 'whether the CPU plugs carry the CPU',
        missing: missing ?? '',
      }),
    ]
  }
  const ofSupplies = supplies.reduce((sum, { dataSheet }) => sum + (dataSheet.cpuPlugs ?? 1), 0)
  const usedPlugs = supplies.length === 0 ? cpuPowerPlugs : Math.min(cpuPowerPlugs, ofSupplies)
  const carriedWatts = usedPlugs * CPU_PLUG_WATTS
  if (peakWatts <= carriedWatts) return []
  const subject =
    cpus.length === 1
      ? `${sheetName(first.dataSheet)} draws`
      : `${format.counted(cpus.length, 'CPU')} together draw`
  return [
    fitFinding({
      code: 'cpu-too-hungry',
      severity: 'blocks',
      step: 'core',
      parts,
      sentence: `${subject} up to ${format.watts(peakWatts)}; ${format.counted(usedPlugs, 'CPU plug')} ${usedPlugs === 1 ? 'carries' : 'carry'} ${format.watts(carriedWatts)}.`,
      numbers: { peakWatts, carriedWatts },
    }),
  ]
}
