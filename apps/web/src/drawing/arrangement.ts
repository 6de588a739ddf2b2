import { BOARD_OUTLINES, boardPlane, OWN_OUTLINE, SUPPLY_ENVELOPES } from '@flint/core/drawing'
import { type Machine, pieceOf } from '@flint/core/figures'

/** A rectangle in the plane of the board: from the front, and across it. */
export interface Lies {
  frontMm: number
  acrossMm: number
  depthMm: number
  widthMm: number
  /** Whether no data sheet says so. */
  isAssumed: boolean
}

/** Where the large things of a case lie, seen at right angles to its board. */
export interface Arrangement {
  /** Seen from above where the board lies flat, from the side where it stands upright. */
  plane: 'flat' | 'upright'
  /** Of the case, across the drawing and from its front to its rear. */
  acrossMm: number
  depthMm: number
  board: Lies | null
  supply: Lies | null
}

/** Between a wall and what stands beside it, where no data sheet gives it. For the drawing only. */
const FROM_WALL_MM = 10
const FROM_REAR_MM = 6

/**
 * Where do board and supply lie?
 *
 * From the data sheet of the case where it says so; otherwise as such cases mostly are: the board at the rear wall,
 * its sockets out of it, the supply beside it where there is room, else over it, and under an upright board.
 * What has no room at all is left out.
 *
 * @returns null without a case
 */
export function arrangementOf(machine: Machine): Arrangement | null {
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  if (!chassis) return null
  const plane = boardPlane(chassis)
  const acrossMm = plane === 'flat' ? chassis.widthMm : chassis.heightMm
  const { depthMm } = chassis
  const supply = supplySize(machine, plane)
  const boardSize = sizeOfBoard(machine)
  const room = { acrossMm, depthMm }
  const board = boardSize && boardLies(chassis.boardAt, boardSize, supply, room, plane)
  return {
    plane,
    acrossMm,
    depthMm,
    board,
    supply: supply && supplyLies(chassis.supplyAt, supply, board, room, plane),
  }
}

interface Size {
  depthMm: number
  widthMm: number
  isAssumed: boolean
}
interface Room {
  acrossMm: number
  depthMm: number
}
type Spot = { frontMm: number; leftMm: number } | null

function sizeOfBoard(machine: Machine): Size | null {
  const board = pieceOf(machine, 'board')?.dataSheet
  if (!board) return null
  const outline = BOARD_OUTLINES[board.size === OWN_OUTLINE ? 'Mini-ITX' : board.size]
  return {
    depthMm: board.depthMm ?? outline.depthMm,
    widthMm: board.widthMm ?? outline.widthMm,
    isAssumed: board.depthMm === null || board.widthMm === null,
  }
}

function supplySize(machine: Machine, plane: Arrangement['plane']): Size | null {
  const supply = pieceOf(machine, 'supply')?.dataSheet
  // A brick stands outside; of a supply without a shape nothing is known but that it is there.
  if (supply?.shape === 'brick' || !supply) return null
  const { widthMm, heightMm, usualLengthMm } = SUPPLY_ENVELOPES[supply.shape ?? 'ATX']
  return {
    depthMm: supply.lengthMm ?? usualLengthMm,
    widthMm: plane === 'flat' ? widthMm : heightMm,
    isAssumed: supply.shape === null || supply.lengthMm === null,
  }
}

/** Where a data sheet puts it: its rear left corner is given. */
function givenPlace(at: NonNullable<Spot>, size: Size): Lies {
  return { frontMm: at.frontMm - size.depthMm, acrossMm: at.leftMm, ...size }
}

function boardLies(
  at: Spot,
  size: Size,
  supply: Size | null,
  room: Room,
  plane: Arrangement['plane'],
): Lies | null {
  if (at) return givenPlace(at, size)
  const { depthMm, widthMm } = size
  const frontMm = room.depthMm - FROM_REAR_MM - depthMm
  const free = room.acrossMm - widthMm
  if (free < 0 || frontMm < 0) return null
  // A supply that has no room under an upright board is over it.
  const over =
    plane === 'upright' && supply && free < supply.widthMm + 3 * FROM_WALL_MM
      ? Math.min(free, supply.widthMm + 2 * FROM_WALL_MM)
      : Math.min(free, FROM_WALL_MM)
  return { frontMm, acrossMm: over, depthMm, widthMm, isAssumed: true }
}

function supplyLies(
  at: Spot,
  size: Size,
  board: Lies | null,
  room: Room,
  plane: Arrangement['plane'],
): Lies | null {
  if (at) return givenPlace(at, size)
  const { depthMm, widthMm } = size
  const frontMm = room.depthMm - FROM_REAR_MM - depthMm
  const last = room.acrossMm - widthMm
  if (last < 0 || frontMm < 0) return null
  // Where there is room on the other side of a flat board, the supply does not lie over it.
  const hides = board !== null && overlaps(last, widthMm, board)
  if (plane === 'flat' && hides && !overlaps(FROM_WALL_MM, widthMm, board)) {
    return { frontMm, acrossMm: FROM_WALL_MM, depthMm, widthMm, isAssumed: true }
  }
  const isUnder = !board || board.acrossMm + board.widthMm <= last - FROM_WALL_MM
  const acrossMm =
    plane === 'flat' || isUnder ? Math.max(0, last - FROM_WALL_MM) : Math.min(last, FROM_WALL_MM)
  return { frontMm, acrossMm, depthMm, widthMm, isAssumed: true }
}

const overlaps = (acrossMm: number, widthMm: number, other: Lies): boolean =>
  acrossMm < other.acrossMm + other.widthMm && acrossMm + widthMm > other.acrossMm
