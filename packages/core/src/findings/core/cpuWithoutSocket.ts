import { fitFinding } from '../../judging/fitFinding'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { pieceOf, piecesOf } from '../../machine/machine'

/** More CPUs than the board has sockets, or more CPUs than coolers. */
export const cpuWithoutSocket: Rule = ({ machine }, format) => {
  const board = pieceOf(machine, 'board')
  const cpus = piecesOf(machine, 'cpu')
  if (!board || cpus.length === 0) return []
  const sockets = board.dataSheet.cpuSockets ?? 1
  const base = { severity: 'blocks', step: 'core' } as const
  const coolers = piecesOf(machine, 'cooler')
  const seated = Math.min(cpus.length, sockets)
  return [
    ...(cpus.length > sockets
      ? [
          fitFinding({
            ...base,
            code: 'cpu-without-socket',
            parts: [board, ...cpus],
            sentence: `${format.counted(cpus.length, 'CPU')} for ${format.counted(sockets, 'socket')} of ${sheetName(board.dataSheet)}.`,
            numbers: { cpus: cpus.length, sockets },
          }),
        ]
      : []),
    ...(coolers.length > 0 && coolers.length < seated
      ? [
          fitFinding({
            ...base,
            code: 'cpu-without-cooler',
            parts: [...cpus, ...coolers],
            sentence: `${format.counted(coolers.length, 'cooler')} for ${format.counted(seated, 'CPU')}: each CPU needs one of its own.`,
            numbers: { coolers: coolers.length, cpus: seated },
          }),
        ]
      : []),
  ]
}
