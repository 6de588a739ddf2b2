import { fitFinding } from '../../judging/fitFinding'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'

/** Fewer coolers than CPUs in sockets; that there is none at all is another rule's matter. */
export const cpuWithoutCooler: Rule = ({ machine }, format) => {
  const sockets = pieceOf(machine, 'board')?.dataSheet.cpuSockets ?? 1
  const cpus = piecesOf(machine, 'cpu')
  const coolers = piecesOf(machine, 'cooler')
  const seated = Math.min(cpus.length, sockets)
  if (coolers.length === 0 || coolers.length >= seated) return []
  return [
    fitFinding({
      code: 'cpu-without-cooler',
      severity: 'blocks',
      step: 'core',
      parts: [...cpus, ...coolers],
      sentence: `${format.counted(coolers.length, 'cooler')} for ${format.counted(seated, 'CPU')}: each CPU needs one of its own.`,
      numbers: { coolers: coolers.length, cpus: seated },
    }),
  ]
}
