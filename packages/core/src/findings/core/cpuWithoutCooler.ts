import { hasSolderedCpu } from '../../catalogue/insides'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'

interface Facts {
  coolers: number
  cpus: number
}

/** Fewer coolers than CPUs in sockets; that there is none at all is another rule's matter. */
export const cpuWithoutCooler: Rule<'cpu-without-cooler', Facts> = {
  code: 'cpu-without-cooler',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')?.dataSheet
    if (hasSolderedCpu(board)) return []
    const sockets = board?.cpuSockets ?? 1
    const cpus = piecesOf(machine, 'cpu')
    const coolers = piecesOf(machine, 'cooler')
    const seated = Math.min(cpus.length, sockets)
    if (coolers.length === 0 || coolers.length >= seated) return []
    const facts = { coolers: coolers.length, cpus: seated }
    return [found('blocks', { parts: [...cpus, ...coolers] }, facts)]
  },
  sentence: ({ coolers, cpus }, { format }) =>
    `${format.counted(coolers, 'cooler')} for ${format.counted(cpus, 'CPU')}: each CPU needs one of its own.`,
}
