import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  boardId: PieceId
  cpuId: PieceId
  /** Null when no version of the board's firmware knows the CPU. */
  neededVersion: number | null
  biosVersion: number
  flashesWithoutCpu: boolean | null
}

/** The CPU needs newer firmware than the board ships with, and perhaps another CPU to put it in. */
export const cpuNeedsBios: Rule<'cpu-needs-bios', Facts> = {
  code: 'cpu-needs-bios',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    const cpu = pieceOf(machine, 'cpu')
    // A wrong socket is said by another rule; firmware cannot mend it.
    if (!board || cpu?.dataSheet.socket !== board.dataSheet.socket) return []
    const { biosFamily, biosVersion, flashesWithoutCpu } = board.dataSheet
    const { biosNeeds } = cpu.dataSheet
    const parts = [board, cpu]
    if (biosNeeds === null) return [lack(missingOf(cpu, 'biosNeeds'), { parts })]
    if (biosFamily === null) return [lack(missingOf(board, 'biosFamily'), { parts })]
    if (biosVersion === null) return [lack(missingOf(board, 'biosVersion'), { parts })]
    const need = biosNeeds.find(({ family }) => family === biosFamily)
    if (need && need.version <= biosVersion) return []
    const facts = {
      boardId: board.id,
      cpuId: cpu.id,
      neededVersion: need?.version ?? null,
      biosVersion,
      flashesWithoutCpu,
    }
    const severity = need ? (flashesWithoutCpu === true ? 'note' : 'risks') : 'blocks'
    return [found(severity, { parts }, facts)]
  },
  sentence: ({ boardId, cpuId, neededVersion, biosVersion, flashesWithoutCpu }, { piece }) => {
    if (neededVersion === null) return `No firmware of ${piece(boardId)} knows ${piece(cpuId)}.`
    const how =
      flashesWithoutCpu === true
        ? 'it can be flashed without a CPU'
        : flashesWithoutCpu === false
          ? 'it cannot be flashed without a CPU, so another CPU is needed to flash it'
          : 'whether it can be flashed without a CPU is not known'
    return `${piece(cpuId)} needs firmware ${neededVersion}; the board ships with ${biosVersion}, and ${how}.`
  },
  question: 'whether the board starts with this CPU',
}
