import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** The CPU needs newer firmware than the board ships with, and perhaps another CPU to put it in. */
export const cpuNeedsBios: Rule = (document) => {
  const board = fittedOne(document, 'board')
  const cpu = fittedOne(document, 'cpu')
  // A wrong socket is said by another rule; firmware cannot mend it.
  if (!board || cpu?.sheet.socket !== board.sheet.socket) return []
  const { biosFamily, biosVersion, flashesWithoutCpu } = board.sheet
  const { biosNeeds } = cpu.sheet
  const parts = [board, cpu]
  if (biosFamily === null || biosVersion === null || biosNeeds === null) {
    return [
      notKnown({
        code: 'cpu-needs-bios',
        step: 'core',
        partIds: parts.map(({ part }) => part.id),
        question: 'whether the board starts with this CPU',
        missing: `firmware versions for ${sheetName(biosNeeds === null ? cpu.sheet : board.sheet)}`,
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
        sentence: `No firmware of ${sheetName(board.sheet)} knows ${sheetName(cpu.sheet)}.`,
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
      sentence: `${sheetName(cpu.sheet)} needs firmware ${need.version}; the board ships with ${biosVersion}, and ${how}.`,
      numbers: { neededVersion: need.version, biosVersion },
    }),
  ]
}
