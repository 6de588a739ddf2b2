import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import { GIB, TB } from '../../units/bytes'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

const FLOOR_BYTES = 8 * GIB

/** How much memory a storage server wants is a question on which builders disagree. */
export const memoryForCapacity: Rule = (document, { capacity }, say) => {
  const board = fittedOne(document, 'board')
  const modules = fittedOfKind(document, 'memory')
  if (!board) return []
  const bytes = modules.reduce((sum, { sheet }) => sum + sheet.capacityBytes, 0)
  const { memory: rule } = document.houseRules
  const { memoryMaxBytes } = board.sheet
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
        partIds: [board.part.id],
        question: 'whether more memory would fit',
        missing: `the most that ${sheetName(board.sheet)} takes`,
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
      sentence: `${say.space(bytes)} of memory, ${say.space(wanted)} wanted.`,
      numbers: { bytes, wantedBytes: wanted },
      houseRule,
    }),
  ]
}
