import { piecesOf, pieceOf } from '../../machine/machine'
import { GIB, TB } from '../../units/bytes'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

const FLOOR_BYTES = 8 * GIB

/** How much memory a storage server wants is a question on which builders disagree. */
export const littleMemory: Rule = ({ design, machine, capacity }, format) => {
  const board = pieceOf(machine, 'board')
  const modules = piecesOf(machine, 'memory')
  if (!board) return []
  const bytes = modules.reduce((sum, { dataSheet }) => sum + dataSheet.capacityBytes, 0)
  const { memory: rule } = design.houseRules
  const { memoryMaxBytes } = board.dataSheet
  const mostNotKnown = rule === 'as much as fits' && memoryMaxBytes === null
  const wanted = {
    '1 GiB per TB': Math.max(FLOOR_BYTES, (capacity.rawBytes / TB) * GIB),
    'floor of 8 GiB': FLOOR_BYTES,
    'as much as fits': memoryMaxBytes ?? FLOOR_BYTES,
  }[rule]
  if (bytes >= wanted) {
    if (!mostNotKnown) return []
    return [
      notKnown({
        code: 'little-memory',
        step: 'core',
        partIds: [board.id],
        question: 'whether more memory would fit',
        missing: `the most that ${sheetName(board.dataSheet)} takes`,
      }),
    ]
  }
  const houseRule = {
    '1 GiB per TB':
      'House rule: 1 GiB of memory for each TB of drives. Others go without it for plain file serving.',
    'floor of 8 GiB': 'House rule: at least 8 GiB, what is left over serves as cache.',
    'as much as fits': 'House rule: as much memory as the board takes, before any read cache.',
  }[rule]
  return [
    fitFinding({
      code: 'little-memory',
      severity: bytes < FLOOR_BYTES ? 'risks' : 'note',
      step: 'core',
      parts: [board, ...modules],
      sentence: `${format.space(bytes)} of memory, ${format.space(wanted)} wanted.`,
      numbers: { bytes, wantedBytes: wanted },
      houseRule,
    }),
  ]
}
