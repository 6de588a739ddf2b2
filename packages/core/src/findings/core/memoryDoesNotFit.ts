import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import type { Finding } from '../finding'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** Modules of another type than the board takes, too many of them, or more than it addresses. */
export const memoryDoesNotFit: Rule = (document, _figures, say) => {
  const board = fittedOne(document, 'board')
  const modules = fittedOfKind(document, 'memory')
  if (!board || modules.length === 0) return []
  const { memoryType, memorySlots, memoryMaxBytes } = board.sheet
  const findings: Finding[] = []
  const silent = modules.find(({ sheet }) => sheet.type === null)
  if (memoryType === null || silent) {
    findings.push(
      notKnown({
        code: 'memory-type',
        step: 'core',
        partIds: [board.part.id, ...modules.map(({ part }) => part.id)],
        question: 'whether the memory fits the board',
        missing: `the memory type of ${sheetName(silent?.sheet ?? board.sheet)}`,
      }),
    )
  } else {
    const wrong = modules.filter(({ sheet }) => sheet.type !== memoryType)
    const [first] = wrong
    if (first) {
      findings.push(
        fitFinding({
          code: 'memory-type',
          severity: 'blocks',
          step: 'core',
          parts: [board, ...wrong],
          sentence: `The board takes ${memoryType}; ${sheetName(first.sheet)} is ${first.sheet.type ?? ''}.`,
        }),
      )
    }
  }
  const bytes = modules.reduce((sum, { sheet }) => sum + sheet.capacityBytes, 0)
  if (modules.length > memorySlots) {
    findings.push(
      fitFinding({
        code: 'too-many-modules',
        severity: 'blocks',
        step: 'core',
        parts: [board, ...modules],
        sentence: `${say.counted(modules.length, 'memory module')} for ${say.counted(memorySlots, 'slot')}.`,
        numbers: { modules: modules.length, memorySlots },
      }),
    )
  }
  if (memoryMaxBytes === null) {
    findings.push(
      notKnown({
        code: 'too-much-memory',
        step: 'core',
        partIds: [board.part.id],
        question: 'whether the board addresses all the memory',
        missing: `the most that ${sheetName(board.sheet)} takes`,
      }),
    )
  } else if (bytes > memoryMaxBytes) {
    findings.push(
      fitFinding({
        code: 'too-much-memory',
        severity: 'blocks',
        step: 'core',
        parts: [board, ...modules],
        sentence: `${say.space(bytes)} of memory; the board addresses ${say.space(memoryMaxBytes)}.`,
        numbers: { bytes, memoryMaxBytes },
      }),
    )
  }
  return findings
}
