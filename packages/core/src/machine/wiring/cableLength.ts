import { DRIVE_OUTLINES, SUPPLY_ENVELOPES } from '../../catalogue/standards'
import type { ChassisSheet } from '../../catalogue/kinds/chassis'
import { boardPlane } from '../../catalogue/boardPlane'
import type { Bay } from '../bays'
import type { CardPlace } from '../cardPlaces'
import type { PiecesByKind, PieceId } from '../piece'

/** A place in the machine, millimetres from its front, from its left and from its floor. */
export interface Spot {
  frontMm: number
  leftMm: number
  overFloorMm: number
}

/** Behind the drives: backplane, plugs and their cables. Common practice, no source. */
export const BEHIND_DRIVES_MM = 22

/** Height of a board over the floor of the case, with its stand-offs. Common practice, no source. */
export const BOARD_OVER_FLOOR_MM = 8

/** Where plugs of cards sit, over the board. Common practice, no source. */
export const CARD_PLUGS_OVER_BOARD_MM = 60

/** Bends, the way round what stands between, and a hand's slack. Common practice, no source. */
export const SLACK_MM = 120

/** Cables are sold in such steps. */
export const STEP_MM = 50

/**
 * How long must a cable between two places be?
 *
 * It runs along the walls, so the three distances are added, not the straight line.
 *
 * @returns rounded up to whole steps; null when a place is not known
 */
export function cableMm(one: Spot | null, other: Spot | null): number | null {
  if (!one || !other) return null
  const along =
    Math.abs(one.frontMm - other.frontMm) +
    Math.abs(one.leftMm - other.leftMm) +
    Math.abs(one.overFloorMm - other.overFloorMm)
  return Math.ceil((along + SLACK_MM) / STEP_MM) * STEP_MM
}

/** What is known of where things lie. */
export interface Geometry {
  pieces: PiecesByKind
  cardPlaces: readonly CardPlace[]
}

/** The middle of the plugs behind some bays; null for bays outside the machine. */
export function spotOfBays(
  { pieces }: Pick<Geometry, 'pieces'>,
  bays: readonly Bay[],
): Spot | null {
  const chassis = pieces.chassis?.[0]?.dataSheet
  const [first] = bays
  if (!chassis || first?.enclosureIndex !== null) return null
  const middle = (of: (bay: Bay) => number): number =>
    bays.reduce((sum, bay) => sum + of(bay), 0) / bays.length
  return {
    frontMm: DRIVE_OUTLINES[first.formFactor].lengthMm + BEHIND_DRIVES_MM,
    leftMm: middle(({ leftMm, widthMm }) => leftMm + widthMm / 2),
    overFloorMm: chassis.heightMm - middle(({ topMm, heightMm }) => topMm + heightMm / 2),
  }
}

/** Between the wall of a case and a board that stands upright beside it. Common practice, no source. */
const BOARD_FROM_WALL_MM = 20

/** A place in the plane of the board, and how far over the board it is, as a place in the case. */
function inCase(
  chassis: ChassisSheet,
  { frontMm, acrossMm, overBoardMm }: { frontMm: number; acrossMm: number; overBoardMm: number },
): Spot {
  return boardPlane(chassis) === 'upright'
    ? {
        frontMm,
        leftMm: Math.max(0, chassis.widthMm - BOARD_FROM_WALL_MM - overBoardMm),
        overFloorMm: chassis.heightMm - acrossMm,
      }
    : { frontMm, leftMm: acrossMm, overFloorMm: BOARD_OVER_FLOOR_MM + overBoardMm }
}

/** Where the plugs of a board or card are; null when no data sheet tells where it lies. */
export function spotOfPiece(
  { pieces, cardPlaces }: Geometry,
  pieceId: PieceId,
  lengthMm: number | null,
): Spot | null {
  const chassis = pieces.chassis?.[0]?.dataSheet
  const boardAt = chassis?.boardAt
  const board = pieces.board?.[0]
  if (!chassis || !boardAt || !board) return null
  if (pieceId === board.id) {
    const { depthMm } = board.dataSheet
    if (depthMm === null) return null
    const frontMm = boardAt.frontMm - depthMm
    return inCase(chassis, { frontMm, acrossMm: boardAt.leftMm, overBoardMm: 0 })
  }
  const place = cardPlaces.find((one) => one.pieceId === pieceId)
  if (!place || lengthMm === null) return null
  return inCase(chassis, {
    frontMm: boardAt.frontMm - lengthMm,
    acrossMm: place.leftMm + place.widthMm / 2,
    overBoardMm: CARD_PLUGS_OVER_BOARD_MM,
  })
}

/** Where the leads leave the supply; null when no data sheet tells where it lies. */
export function spotOfSupply({ pieces }: Pick<Geometry, 'pieces'>): Spot | null {
  const chassis = pieces.chassis?.[0]?.dataSheet
  const supplyAt = chassis?.supplyAt
  const supply = pieces.supply?.[0]?.dataSheet
  if (!supplyAt || !supply?.shape || supply.lengthMm === null) return null
  const { widthMm, heightMm } = SUPPLY_ENVELOPES[supply.shape]
  const frontMm = supplyAt.frontMm - supply.lengthMm
  if (boardPlane(chassis) === 'upright') {
    return {
      frontMm,
      leftMm: chassis.widthMm / 2,
      overFloorMm: chassis.heightMm - supplyAt.leftMm - heightMm / 2,
    }
  }
  return {
    frontMm,
    leftMm: supplyAt.leftMm + widthMm / 2,
    overFloorMm: heightMm / 2,
  }
}
