import type { HouseRules } from '../../design/houseRules'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'
import { FLOOR_BYTES, memoryWanted } from '../../services/memoryWanted'

interface Facts {
  bytes: number
  wantedBytes: number
  rule: HouseRules['memory']
}

/** How much memory a storage server wants is a question on which builders disagree. */
export const littleMemory: Rule<'little-memory', Facts> = {
  code: 'little-memory',
  step: 'core',
  find: ({ houseRules, machine, capacity }) => {
    const board = pieceOf(machine, 'board')
    const modules = piecesOf(machine, 'memory')
    if (!board) return []
    const bytes = modules.reduce((sum, { dataSheet }) => sum + dataSheet.capacityBytes, 0)
    const { memory: rule } = houseRules
    const { memoryMaxBytes } = board.dataSheet
    const wantedBytes = memoryWanted(capacity.rawBytes, memoryMaxBytes)[rule] ?? FLOOR_BYTES
    if (bytes < wantedBytes) {
      const severity = bytes < FLOOR_BYTES ? 'risks' : 'note'
      return [found(severity, { parts: [board, ...modules] }, { bytes, wantedBytes, rule })]
    }
    return rule === 'as much as fits' && memoryMaxBytes === null
      ? [lack(missingOf(board, 'memoryMaxBytes'), { parts: [board] })]
      : []
  },
  sentence: ({ bytes, wantedBytes }, { format }) => {
    const [has, wanted] = format.apart(bytes, wantedBytes, format.space)
    return `${bytes === 0 ? 'No memory' : `${has} of memory`}, ${wanted} wanted.`
  },
  houseRule: ({ rule }) =>
    ({
      '1 GiB per TB':
        'House rule: 1 GiB of memory for each TB of drives. Others go without it for plain file serving.',
      'floor of 8 GiB': 'House rule: at least 8 GiB, what is left over serves as cache.',
      'as much as fits': 'House rule: as much memory as the board takes, before any read cache.',
    })[rule],
  question: 'whether more memory would fit',
}
