import { pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** The CPU needs newer firmware than the board ships with, and perhaps another CPU to put it in. */
export const cpuNeedsBios: Rule = ({ machine }) => {
  const board = pieceOf(machine, 'board')
  const cpu = pieceOf(machine, 'cpu')
  // A wrong socket is said by another rule; firmware cannot mend it.
  if (!board || cpu?.dataSheet.socket !== board.dataSheet.socket) return []
  const { biosFamily, biosVersion, flashesWithoutCpu } = board.dataSheet
  const { biosNeeds } = cpu.dataSheet
  const parts = [board, cpu]
  if (biosFamily === null || biosVersion === null || biosNeeds === null) {
    return [
      notKnown({
        code: 'cpu-needs-bios',
        step: 'core',
        partIds: parts.map(({ id }) => id),
        question: 'whether the board starts with this CPU',
        missing: `firmware versions for ${sheetName(biosNeeds === null ? cpu.dataSheet : board.dataSheet)}`,
      }),
    ]
  }
  const need = biosNeeds.find(({ family }) => family === biosFamily)
  if (!need) {
    return [
      fitFinding({
        code: 'cpu-needs-bios',
        severity: 'blocks',
        step: 'core',
        parts,
        sentence: `No firmware of ${sheetName(board.dataSheet)} knows ${sheetName(cpu.dataSheet)}.`,
      }),
    ]
  }
  if (need.version <= biosVersion) return []
  const how =
    flashesWithoutCpu === true
      ? 'it can be flashed without a CPU'
      : flashesWithoutCpu === false
        ? 'it cannot be flashed without a CPU, so a helper CPU is needed'
        : 'whether it can be flashed without a CPU is not known'
  return [
    fitFinding({
      code: 'cpu-needs-bios',
      severity: flashesWithoutCpu === true ? 'note' : 'risks',
      step: 'core',
      parts,
      sentence: `${sheetName(cpu.dataSheet)} needs firmware ${need.version}; the board ships with ${biosVersion}, and ${how}.`,
      numbers: { neededVersion: need.version, biosVersion },
    }),
  ]
}
