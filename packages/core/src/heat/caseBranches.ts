import { DRIVE_OUTLINES } from '../catalogue/standards'
import type { SheetOf } from '../catalogue/partKinds'
import { type AirChoices, fanDutyOf } from '../design/air'
import type { Machine } from '../machine/machine'
import type { Band } from '../units/band'
import { AIR_AREAS } from './airAreas'
import type { AirBranch, Chamber } from './airNetwork'
import type { CasedFan } from './casedFans'
import { atDuty, type FanCurve, fansTogether } from './fanCurve'
import { besideEachOther, openingDrag } from './openingDrag'

export type End = keyof Band

/** Every way that air can take through a case. */
export interface CaseBranches {
  branches: {
    front: AirBranch
    /** From the drives to the board, through the fans between them or past where they would be. */
    middle: AirBranch
    gap: AirBranch
    /** Through fans in other walls. */
    sideIn: AirBranch
    sideOut: AirBranch
    rear: AirBranch
    supply: AirBranch
    /** Where the cover is off. */
    overDrives: AirBranch
    overBoard: AirBranch
  }
  /** Of what comes in at the front, how much goes past the drives and not beside their bays. */
  shareOfBays: number
}

/** What the fan of a supply works against. Common practice, no source. */
export const SUPPLY_PASCALS = 15
/** Of a fan whose size nobody gives: only how wide its own opening is depends on it. */
const USUAL_SIZE_MM = 80

/**
 * The fans and openings of a case as branches of a network, at one end of what is to be expected.
 *
 * @param supplyFan m³/h that the supply's own fan moves alone; null without one
 */
export function caseBranches(
  end: End,
  machine: Machine,
  chassis: SheetOf<'chassis'>,
  fans: readonly CasedFan[],
  supplyFan: Band | null,
  air: AirChoices,
): CaseBranches {
  const duty = fanDutyOf(air)
  const face = squareMetres(chassis.widthMm, chassis.heightMm)
  const turning = fans.filter(({ isSure }) => isSure || end !== 'low')
  const at = (place: Place): CasedFan[] => turning.filter((fan) => placeOf(fan) === place)
  const together = (some: readonly CasedFan[]): FanCurve | null =>
    fansTogether(some.map((fan) => atDuty(curveAt(fan, end), duty)))
  const filterShare = AIR_AREAS.filter[air.filters][end]
  const { dragOfFront, shareOfBays } = frontOf(end, machine, chassis, filterShare)
  const inside = together(at('inside'))
  const cover =
    air.cover === 'off'
      ? squareMetres(chassis.widthMm, chassis.depthMm) * AIR_AREAS.coverOff[end]
      : 0
  const vents = air.ventsCovered ? AIR_AREAS.coveredVents[end] : 1
  const gap = inside && !air.gapClosed ? face * AIR_AREAS.gap[end] : 0
  const sideInArea = areaOf(at('in')) * (at('in').some(isFiltered) ? filterShare : 1)
  return {
    branches: {
      front: way('room', 'drives', together(at('front')), dragOfFront),
      middle: way('drives', 'board', inside, openingDrag(face * AIR_AREAS.inside[end])),
      gap: way('board', 'drives', null, openingDrag(gap)),
      sideIn: way('room', 'board', together(at('in')), openingDrag(sideInArea)),
      sideOut: way('board', 'room', together(at('out')), openingDrag(areaOf(at('out')))),
      rear: way('board', 'room', null, openingDrag(face * AIR_AREAS.rear[end] * vents)),
      supply: way(
        'board',
        'room',
        supplyFan && { freeCubicMetresPerHour: supplyFan[end], closedPascals: SUPPLY_PASCALS },
        supplyFan ? 0 : Number.POSITIVE_INFINITY,
      ),
      overDrives: way('room', 'drives', null, openingDrag(cover)),
      overBoard: way('room', 'board', null, openingDrag(cover)),
    },
    shareOfBays,
  }
}

type Place = 'inside' | 'front' | 'in' | 'out'

/** Where a fan stands, as far as the network tells it; those without a place stand between drives and board. */
export function placeOf({ place }: CasedFan): Place {
  if (!place || place.wall === 'inside') return 'inside'
  return place.wall === 'front' ? 'front' : place.blows
}

const isFiltered = ({ place }: CasedFan): boolean => place?.filtered === true

const areaOf = (fans: readonly CasedFan[]): number =>
  fans.reduce(
    (sum, { sizeMm }) => sum + squareMetres(sizeMm ?? USUAL_SIZE_MM, sizeMm ?? USUAL_SIZE_MM),
    0,
  )

const curveAt = ({ freeCubicMetresPerHour, closedPascals }: CasedFan, end: End): FanCurve => ({
  freeCubicMetresPerHour: freeCubicMetresPerHour[end],
  closedPascals: closedPascals[end],
})

const way = (from: Chamber, to: Chamber, fan: FanCurve | null, drag: number): AirBranch => ({
  from,
  to,
  fan,
  drag,
})

const squareMetres = (wideMm: number, highMm: number): number => (wideMm * highMm) / 1e6

/** The front opening, and behind it the bays with what is beside them. */
function frontOf(
  end: End,
  machine: Machine,
  chassis: SheetOf<'chassis'>,
  filterShare: number,
): { dragOfFront: number; shareOfBays: number } {
  const { widthMm, heightMm, frontOpening } = chassis
  const face = squareMetres(widthMm, heightMm)
  const share = (frontOpening ? AIR_AREAS.front[frontOpening] : AIR_AREAS.frontNotKnown)[end]
  const opening = openingDrag(share * face * (hasFrontFilter(chassis) ? filterShare : 1))
  const bays = baysArea(machine, end)
  const dragOfBays = openingDrag(bays.open)
  const dragBeside = openingDrag(Math.max(0, face - bays.face) * AIR_AREAS.besideBays[end])
  const behind = besideEachOther([dragOfBays, dragBeside])
  return {
    dragOfFront: opening + behind,
    // At one pressure each lets through by the root of its drag.
    shareOfBays: bays.open === 0 ? 0 : Math.sqrt(behind / dragOfBays),
  }
}

type FilteredCase = Pick<SheetOf<'chassis'>, 'frontFilter' | 'fanPlaces'>

/** Whether the case has a filter anywhere: said of its front, or of places for fans. */
export const hasFilter = ({ frontFilter, fanPlaces }: FilteredCase): boolean =>
  frontFilter === true || (fanPlaces ?? []).some(({ filtered }) => filtered === true)

/** A filter is said of the front, or of places for fans in it. */
const hasFrontFilter = ({ frontFilter, fanPlaces }: FilteredCase): boolean =>
  frontFilter ??
  (fanPlaces ?? []).some(({ wall, filtered }) => wall === 'front' && filtered === true)

/** The faces of the bays in the case, and what is open between the drives there, m². */
function baysArea({ blocks }: Machine, end: End): { face: number; open: number } {
  let [face, open] = [0, 0]
  for (const { isOutside, formFactor, bayIds, bayWidthMm, bayHeightMm, backplane } of blocks) {
    if (isOutside) continue
    const { widthMm, heightMm } = DRIVE_OUTLINES[formFactor]
    face += squareMetres(bayWidthMm, bayHeightMm) * bayIds.length
    open +=
      squareMetres(widthMm, heightMm) *
      bayIds.length *
      AIR_AREAS.betweenDrives[end] *
      (backplane ? AIR_AREAS.backplane[end] : 1)
  }
  return { face, open }
}
