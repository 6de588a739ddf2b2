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
  const { cpuPowerPlugs } = board.dataSheet
  const withoutValue = cpus.find(({ dataSheet }) => dataSheet.peakWatts === null)
  const parts = [board, ...cpus]
  if (cpuPowerPlugs === null || withoutValue) {
    return [
      notKnown({
        code: 'cpu-too-hungry',
        step: 'core',
        partIds: parts.map(({ id }) => id),
        question: 'whether the CPU plugs carry the CPU',
        missing: withoutValue
          ? `the peak watts of ${sheetName(withoutValue.dataSheet)}`
          : `the CPU plugs of ${sheetName(board.dataSheet)}`,
      }),
    ]
  }
  const peakWatts = cpus.reduce((sum, { dataSheet }) => sum + (dataSheet.peakWatts ?? 0), 0)
  const usedPlugs = Math.min(cpuPowerPlugs, cpuPlugsOfSupplies() ?? cpuPowerPlugs)
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

  /** Null without a supply, or when a data sheet lacks them. */
  function cpuPlugsOfSupplies(): number | null {
    const supplies = piecesOf(machine, 'supply')
    if (supplies.length === 0) return null
    return supplies.reduce<number | null>(
      (sum, { dataSheet }) =>
        sum === null || dataSheet.cpuPlugs === null ? null : sum + dataSheet.cpuPlugs,
      0,
    )
  }
}
