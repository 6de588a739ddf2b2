import { CPU_PLUG_WATTS } from '../../catalogue/standards'
import { found, lack } from '../../judging/finding'
import { lacking } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { cameIn } from '../../machine/cameIn'
import { pieceOf, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  cpuId: PieceId
  cpus: number
  peakWatts: number
  plugs: number
  carriedWatts: number
}

/** The CPUs together draw more than the board's CPU plugs carry, or the supplies have too few of them. */
export const cpuTooHungry: Rule<'cpu-too-hungry', Facts> = {
  code: 'cpu-too-hungry',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    // What is soldered on is fed by its board.
    const cpus = piecesOf(machine, 'cpu').filter((cpu) => !board || !cameIn(machine, cpu, board))
    const [first] = cpus
    if (!board || !first) return []
    const peakWatts = cpus.reduce((sum, { dataSheet }) => sum + (dataSheet.peakWatts ?? 0), 0)
    const supplies = piecesOf(machine, 'supply')
    const { cpuPowerPlugs } = board.dataSheet
    const parts = [board, ...cpus]
    // Every supply has one such plug at least, so how many it has matters only beyond that.
    const missing = [
      ...cpus.flatMap((cpu) => lacking(cpu, 'peakWatts')),
      ...lacking(board, 'cpuPowerPlugs'),
      ...supplies.flatMap((supply) =>
        peakWatts > CPU_PLUG_WATTS ? lacking(supply, 'cpuPlugs') : [],
      ),
    ]
    if (missing.length > 0 || cpuPowerPlugs === null) return [lack(missing, { parts })]
    const ofSupplies = supplies.reduce((sum, { dataSheet }) => sum + (dataSheet.cpuPlugs ?? 1), 0)
    const plugs = supplies.length === 0 ? cpuPowerPlugs : Math.min(cpuPowerPlugs, ofSupplies)
    const carriedWatts = plugs * CPU_PLUG_WATTS
    if (peakWatts <= carriedWatts) return []
    const facts = { cpuId: first.id, cpus: cpus.length, peakWatts, plugs, carriedWatts }
    return [found('blocks', { parts }, facts)]
  },
  sentence: ({ cpuId, cpus, peakWatts, plugs, carriedWatts }, { piece, format }) => {
    const subject =
      cpus === 1 ? `${piece(cpuId)} draws` : `${format.counted(cpus, 'CPU')} together draw`
    const [peak, carried] = format.apart(peakWatts, carriedWatts, format.watts)
    return `${subject} up to ${peak}; ${format.counted(plugs, 'CPU plug carries', 'CPU plugs carry')} ${carried}.`
  },
  question: 'whether the CPU plugs carry the CPU',
}
