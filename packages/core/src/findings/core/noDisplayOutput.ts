import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** Nothing to look at while the machine is set up. */
export const noDisplayOutput: Rule = (document) => {
  const board = fittedOne(document, 'board')
  const cpu = fittedOne(document, 'cpu')
  if (!board || !cpu || fittedOfKind(document, 'display').length > 0) return []
  const { displayOutput } = board.sheet
  const { hasGraphics } = cpu.sheet
  if (displayOutput === 'always') return []
  const parts = [board, cpu]
  const base = { code: 'no-display-output', step: 'core' } as const
  if (displayOutput === 'none') {
    return [
      fitFinding({
        ...base,
        severity: 'risks',
        parts,
        sentence: `${sheetName(board.sheet)} has no display socket: setting it up takes a display card in a slot.`,
      }),
    ]
  }
  if (displayOutput === null || hasGraphics === null) {
    return [
      notKnown({
        ...base,
        partIds: parts.map(({ part }) => part.id),
        question: 'whether there is a picture',
        missing: `display outputs for ${sheetName(displayOutput === null ? board.sheet : cpu.sheet)}`,
      }),
    ]
  }
  if (hasGraphics) return []
  return [
    fitFinding({
      ...base,
      severity: 'risks',
      parts,
      sentence: `${sheetName(cpu.sheet)} has no graphics, so the board's display sockets are dead: setting it up takes a display card in a slot.`,
    }),
  ]
}
