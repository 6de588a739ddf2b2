import { piecesOf, pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** Nothing to look at while the machine is set up. */
export const noDisplayOutput: Rule = ({ machine }) => {
  const board = pieceOf(machine, 'board')
  const cpu = pieceOf(machine, 'cpu')
  if (!board || !cpu || piecesOf(machine, 'display').length > 0) return []
  const { displayOutput } = board.dataSheet
  const { hasGraphics } = cpu.dataSheet
  if (displayOutput === 'always') return []
  const parts = [board, cpu]
  const base = { code: 'no-display-output', step: 'core' } as const
  if (displayOutput === 'none') {
    return [
      fitFinding({
        ...base,
        severity: 'risks',
        parts,
        sentence: `${sheetName(board.dataSheet)} has no display socket: setting it up takes a display card in a slot.`,
      }),
    ]
  }
  if (displayOutput === null || hasGraphics === null) {
    return [
      notKnown({
        ...base,
        partIds: parts.map(({ id }) => id),
        question: 'whether there is a picture',
        missing: `display outputs for ${sheetName(displayOutput === null ? board.dataSheet : cpu.dataSheet)}`,
      }),
    ]
  }
  if (hasGraphics) return []
  return [
    fitFinding({
      ...base,
      severity: 'risks',
      parts,
      sentence: `${sheetName(cpu.dataSheet)} has no graphics, so the board's display sockets are dead: setting it up takes a display card in a slot.`,
    }),
  ]
}
