import { DRIVE_OUTLINES, SUPPLY_ENVELOPES } from '../../catalogue/standards'
import type { BayUse } from '../../design/bayUse'
import type { DesignDocument } from '../../design/document'
import { fittedOne } from '../../design/fittedParts'
import { cardPlaces } from '../cardPlaces'
import type { PortHost } from './portHosts'

/** A place in the machine, millimetres from its front, from its left and from its floor. */
export interface Spot {
  frontMm: number
  leftMm: number
  overFloorMm: number
}

/** Behind the drives: backplane, plugs and their cables. Common practice, no source. */
export const BEHIND_DRIVES_MM = 22

/** Height of a board over the floor of the case, with its stand-offs. Common practice, no source. */
const BOARD_OVER_FLOOR_MM = 8

/** Where plugs of cards sit, over the board. Common practice, no source. */
const CARD_PLUGS_OVER_BOARD_MM = 60

/** Bends, the way round what stands between, and a hand's slack. Common practice, no source. */
const SLACK_MM = 120

/** Cables are sold in such steps. */
const STEP_MM = 50

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

/** The middle of the plugs behind some bays; null for bays outside the machine. */
export function spotOfBays(document: DesignDocument, bays: readonly BayUse[]): Spot | null {
  const chassis = fittedOne(document, 'chassis')?.sheet
  const [first] = bays
  if (!chassis || first?.bay.enclosureIndex !== null) return null
  const middle = (of: (use: BayUse) => number): number =>
    bays.reduce((sum, use) => sum + of(use), 0) / bays.length
  return {
    frontMm: DRIVE_OUTLINES[first.bay.formFactor].lengthMm + BEHIND_DRIVES_MM,
    leftMm: middle(({ bay }) => bay.leftMm + bay.widthMm / 2),
    overFloorMm: chassis.heightMm - middle(({ bay }) => bay.topMm + bay.heightMm / 2),
  }
}

/** Where the plugs of a host are; null when no data sheet tells where it lies. */
export function spotOfHost(document: DesignDocument, { partId, plug }: PortHost): Spot | null {
  const boardAt = fittedOne(document, 'chassis')?.sheet.boardAt
  const board = fittedOne(document, 'board')
  if (!boardAt || !board || plug === 'USB') return null
  if (partId === board.part.id) {
    const { depthMm } = board.sheet
    if (depthMm === null) return null
    return {
      frontMm: boardAt.frontMm - depthMm,
      leftMm: boardAt.leftMm,
      overFloorMm: BOARD_OVER_FLOOR_MM,
    }
  }
  const place = cardPlaces(document).find(({ id }) => id === partId)
  const lengthMm = place?.card?.sheet.lengthMm ?? null
  if (!place || lengthMm === null) return null
  return {
    frontMm: boardAt.frontMm - lengthMm,
    leftMm: place.leftMm + place.widthMm / 2,
    overFloorMm: BOARD_OVER_FLOOR_MM + CARD_PLUGS_OVER_BOARD_MM,
  }
}

/** Where the leads leave the supply; null when no data sheet tells where it lies. */
export function spotOfSupply(document: DesignDocument): Spot | null {
  const supplyAt = fittedOne(document, 'chassis')?.sheet.supplyAt
  const supply = fittedOne(document, 'supply')?.sheet
  if (!supplyAt || !supply?.shape || supply.lengthMm === null) return null
  const { widthMm, heightMm } = SUPPLY_ENVELOPES[supply.shape]
  return {
    frontMm: supplyAt.frontMm - supply.lengthMm,
    leftMm: supplyAt.leftMm + widthMm / 2,
    overFloorMm: heightMm / 2,
  }
}
