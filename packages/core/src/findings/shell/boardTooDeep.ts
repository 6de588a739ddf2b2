import { isOpenCase } from '../../catalogue/openCase'
import { BOARD_OUTLINES, OWN_OUTLINE } from '../../catalogue/standards'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { cameIn } from '../../machine/cameIn'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  chassisId: PieceId
  size: string
  depthMm: number
  boardMaxDepthMm: number
  standardDepthMm: number
}

/**
 * The board reaches further forward than there is room, or than its size should: such a board misses
 * the front row of standoffs.
 */
export const boardTooDeep: Rule<'board-too-deep', Facts> = {
  code: 'board-too-deep',
  step: 'shell',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    const board = pieceOf(machine, 'board')
    if (!chassis || !board || cameIn(machine, board, chassis)) return []
    const { boardMaxDepthMm } = chassis.dataSheet
    const { depthMm, size } = board.dataSheet
    const parts = [chassis, board]
    if (depthMm === null) return [lack(missingOf(board, 'depthMm'), { parts })]
    if (boardMaxDepthMm === null && isOpenCase(chassis.dataSheet)) return []
    if (boardMaxDepthMm === null) return [lack(missingOf(chassis, 'boardMaxDepthMm'), { parts })]
    // An outline of its own is as deep as it is.
    const standardDepthMm = size === OWN_OUTLINE ? depthMm : BOARD_OUTLINES[size].depthMm
    const facts = { chassisId: chassis.id, size, depthMm, boardMaxDepthMm, standardDepthMm }
    if (depthMm > boardMaxDepthMm) return [found('blocks', { parts }, facts)]
    return depthMm > standardDepthMm ? [found('risks', { parts }, facts)] : []
  },
  sentence: (facts, { piece, format }) => {
    const { chassisId, size, depthMm, boardMaxDepthMm, standardDepthMm } = facts
    if (depthMm <= boardMaxDepthMm) {
      return `The board is sold as ${size} but ${format.millimetres(depthMm - standardDepthMm, 1)} deeper: its front holes miss the standoffs of ${size}.`
    }
    const [deep, room] = format.apart(depthMm, boardMaxDepthMm, format.millimetres, 1)
    return `The board is ${deep} deep; ${piece(chassisId)} has ${room} for it.`
  },
  question: 'whether the board is too deep',
}
