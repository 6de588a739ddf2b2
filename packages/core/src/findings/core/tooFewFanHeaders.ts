import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'

interface Facts {
  fans: number
  headers: number
  ofCase: number
  hasCages: boolean
  onCoolers: number
}

/** More fans than headers: the case's own, the coolers', those of cages and those added. */
export const tooFewFanHeaders: Rule<'too-few-fan-headers', Facts> = {
  code: 'too-few-fan-headers',
  step: 'core',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    const board = pieceOf(machine, 'board')
    if (!chassis || !board) return []
    const without = machine.unplaced['fan header']
    const unknown = without.find(({ why }) => why === 'not known')
    const silent = machine.pieces.get(unknown?.pieceId ?? '')
    const { fanHeaders } = board.dataSheet
    if (silent) {
      const missing =
        fanHeaders === null ? missingOf(board, 'fanHeaders') : missingOf(silent, 'fanCount')
      return [lack(missing, { parts: [board, chassis] })]
    }
    if (without.length === 0) return []
    const kinds = [...machine.placed['fan header'], ...without].map(
      ({ pieceId }) => machine.pieces.get(pieceId)?.kind,
    )
    const count = (...some: string[]): number =>
      kinds.filter((kind) => kind !== undefined && some.includes(kind)).length
    const partIds = [...new Set([board.id, chassis.id, ...without.map(({ pieceId }) => pieceId)])]
    const facts = {
      fans: kinds.length,
      headers: fanHeaders ?? 0,
      ofCase: count('chassis', 'cage'),
      hasCages: count('cage') > 0,
      onCoolers: count('cooler'),
    }
    return [found('risks', { partIds }, facts)]
  },
  sentence: ({ fans, headers, ofCase, hasCages, onCoolers }, { format }) => {
    const onCooler = onCoolers === 0 ? 'none' : onCoolers === 1 ? 'one' : String(onCoolers)
    const whose = `${format.counted(ofCase, 'fan')} of the ${hasCages ? 'case and its cages' : 'case'}, ${onCooler} on ${onCoolers > 1 ? 'coolers' : 'the cooler'}, ${fans - ofCase - onCoolers} added`
    return `${format.counted(fans, 'fan')} for ${format.counted(headers, 'header')}: ${whose}. A splitter or hub feeds the rest.`
  },
  question: 'whether every fan finds a header',
}
