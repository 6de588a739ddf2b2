import { isOpenCase } from '../catalogue/openCase'
import { DRIVE_OUTLINES } from '../catalogue/standards'
import type { SheetOf } from '../catalogue/partKinds'
import { type AirChoices, fanDutyOf } from '../design/air'
import { type Machine, pieceOf, piecesOf } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import type { Missing } from '../units/amount'
import { type Band, exactBand } from '../units/band'
import { AIR_AREAS, STILL_CUBIC_METRES_PER_HOUR } from './airAreas'
import { type AirBranch, airNetwork, type Chamber } from './airNetwork'
import { type CasedFan, casedFans } from './casedFans'
import { atDuty, type FanCurve, fansTogether } from './fanCurve'
import { besideEachOther, openingDrag } from './openingDrag'

/** What moves through a case, m³/h. */
export interface AirFlow {
  /** Whether the air goes another way than from front to rear, so that nobody knows how much of it meets the drives. */
  isAcross: boolean
  /** Past the drives in its bays. */
  pastDrives: Band
  /** Past the board, and out of the case. */
  pastBoard: Band
  /** Back through the gap beside fans that stand between drives and board. */
  backThroughGap: Band
  /** Of the supply's own fan, beside what it would move alone; null where it has none, or there is no supply. */
  supply: { pieceId: PieceId; flow: Band; free: Band } | null
  /** Behind the fans against the room, Pa. */
  boardPascals: Band
  /** Of fans that blow in and of those that blow out at their speed, with nothing in their way. */
  freeIn: number
  freeOut: number
  fans: readonly CasedFan[]
  /** Whether the data sheet of the case says where its fans are. */
  placesKnown: boolean
  missing: readonly Missing[]
}

/** What the fan of a supply moves that nobody gives a figure for, and against what. Common practice, no source. */
const USUAL_SUPPLY_FAN: Band = { low: 15, likely: 25, high: 40 }
const SUPPLY_PASCALS = 15

type End = keyof Band
const ENDS: readonly End[] = ['low', 'likely', 'high']

/**
 * How much air moves past drives and board, as the fans, the openings, the filters and the gaps have it?
 *
 * Air goes from the front past the drives, through fans between drives and board or past where they would be, and out
 * at the rear by fans, through slits and through the supply. Each end of the band is a settled network of its own: the
 * low one with weak fans and small openings.
 *
 * @returns null without a case, and for an open tray, where the room's air goes as it likes
 */
export function airFlow(machine: Machine, air: AirChoices): AirFlow | null {
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  if (!chassis || isOpenCase(chassis)) return null
  const { fans, missing } = casedFans(machine)
  const supplyFan = supplyFanOf(machine)
  const settled = ENDS.map((end) => settleAt(end, machine, chassis, fans, supplyFan, air))
  const band = (of: (one: SettledEnd) => number): Band => {
    const values = settled.map(of)
    return {
      low: Math.min(...values),
      likely: values[1] as number,
      high: Math.max(...values),
    }
  }
  const duty = fanDutyOf(air)
  const free = (blows: 'in' | 'out'): number =>
    fans
      .filter(({ place }) => place && place.wall !== 'inside' && place.blows === blows)
      .reduce((sum, { freeCubicMetresPerHour }) => sum + freeCubicMetresPerHour.likely * duty, 0)
  const isAcross = chassis.airflow !== null && chassis.airflow !== 'front to rear'
  const pastDrives = band((one) => one.pastDrives)
  return {
    pastDrives: isAcross ? partOf(pastDrives) : pastDrives,
    isAcross,
    pastBoard: band(({ pastBoard }) => pastBoard),
    backThroughGap: band(({ backThroughGap }) => backThroughGap),
    supply: supplyFan && {
      pieceId: supplyFan.pieceId,
      free: supplyFan.free,
      flow: band(({ throughSupply }) => throughSupply),
    },
    boardPascals: band(({ boardPascals }) => boardPascals),
    freeIn: free('in'),
    freeOut: free('out'),
    fans,
    placesKnown: chassis.fanPlaces !== null || fans.length === 0,
    missing: [
      ...missing,
      ...(chassis.frontOpening === null
        ? [{ pieceId: pieceOf(machine, 'chassis')?.id ?? null, field: 'frontOpening' }]
        : []),
    ],
  }
}

/** Of air that goes another way than past the drives something between hardly any and all of it. */
function partOf({ likely, high }: Band): Band {
  const low = STILL_CUBIC_METRES_PER_HOUR.low
  return { low, likely: Math.max(low, likely / 2), high }
}

interface SettledEnd {
  pastDrives: number
  pastBoard: number
  backThroughGap: number
  throughSupply: number
  boardPascals: number
}

interface SupplyFan {
  pieceId: PieceId
  free: Band
}

/** The fan of the supply in the case; a brick has none, and stands outside. */
function supplyFanOf(machine: Machine): SupplyFan | null {
  const supply = piecesOf(machine, 'supply').find(({ dataSheet }) => dataSheet.shape !== 'brick')
  if (!supply) return null
  const { fanFlowCubicMetresPerHour: flow, noiseDecibels } = supply.dataSheet
  if (flow === 0 || (flow === null && noiseDecibels === 0)) return null
  return { pieceId: supply.id, free: flow === null ? USUAL_SUPPLY_FAN : exactBand(flow) }
}

const squareMetres = (wideMm: number, highMm: number): number => (wideMm * highMm) / 1e6

function settleAt(
  end: End,
  machine: Machine,
  chassis: SheetOf<'chassis'>,
  fans: readonly CasedFan[],
  supplyFan: SupplyFan | null,
  air: AirChoices,
): SettledEnd {
  const duty = fanDutyOf(air)
  const face = squareMetres(chassis.widthMm, chassis.heightMm)
  const cover = squareMetres(chassis.widthMm, chassis.depthMm) * AIR_AREAS.coverOff[end]
  const turning = fans.filter(({ isSure }) => isSure || end !== 'low')
  const together = (isOne: (fan: CasedFan) => boolean): FanCurve | null =>
    fansTogether(turning.filter(isOne).map((fan) => atDuty(curveAt(fan, end), duty)))
  const areaOf = (isOne: (fan: CasedFan) => boolean): number =>
    turning
      .filter(isOne)
      .reduce((sum, { sizeMm }) => sum + squareMetres(sizeMm ?? 80, sizeMm ?? 80), 0)
  const filterShare = AIR_AREAS.filter[air.filters][end]

  const bays = baysArea(machine, end)
  const front =
    (chassis.frontOpening ? AIR_AREAS.front[chassis.frontOpening] : AIR_AREAS.frontNotKnown)[end] *
    face *
    (hasFrontFilter(chassis) ? filterShare : 1)
  const beside = Math.max(0, face - bays.face) * AIR_AREAS.besideBays[end]
  const [dragOfBays, dragBeside] = [openingDrag(bays.open), openingDrag(beside)]
  const dragOfFront = openingDrag(front) + besideEachOther([dragOfBays, dragBeside])
  const shareOfBays =
    bays.open === 0 ? 0 : Math.sqrt(besideEachOther([dragOfBays, dragBeside]) / dragOfBays)

  const isInside = ({ place }: CasedFan): boolean => (place?.wall ?? 'inside') === 'inside'
  const isAtFront = ({ place }: CasedFan): boolean => place?.wall === 'front'
  const blowsIn = (fan: CasedFan): boolean =>
    !isInside(fan) && !isAtFront(fan) && fan.place?.blows === 'in'
  const blowsOut = (fan: CasedFan): boolean =>
    !isInside(fan) && !isAtFront(fan) && fan.place?.blows === 'out'
  const isFiltered = (fan: CasedFan): boolean => fan.place?.filtered === true

  const way = (from: Chamber, to: Chamber, fan: FanCurve | null, drag: number): AirBranch => ({
    from,
    to,
    fan,
    drag,
  })
  const inside = together(isInside)
  const sideIn = together(blowsIn)
  const sideOut = together(blowsOut)
  const sideInArea =
    areaOf(blowsIn) * (turning.some((fan) => blowsIn(fan) && isFiltered(fan)) ? filterShare : 1)
  const named = {
    front: way('room', 'drives', together(isAtFront), dragOfFront),
    middle: way('drives', 'board', inside, openingDrag(face * AIR_AREAS.inside[end])),
    gap: way(
      'board',
      'drives',
      null,
      openingDrag(inside && !air.gapClosed ? face * AIR_AREAS.gap[end] : 0),
    ),
    sideIn: way('room', 'board', sideIn, openingDrag(sideIn ? sideInArea : 0)),
    sideOut: way('board', 'room', sideOut, openingDrag(sideOut ? areaOf(blowsOut) : 0)),
    rear: way('board', 'room', null, openingDrag(face * AIR_AREAS.rear[end])),
    supply: way(
      'board',
      'room',
      supplyFan && supplyCurve(supplyFan, end),
      supplyFan ? 0 : Number.POSITIVE_INFINITY,
    ),
    overDrives: way('room', 'drives', null, openingDrag(air.cover === 'off' ? cover : 0)),
    overBoard: way('room', 'board', null, openingDrag(air.cover === 'off' ? cover : 0)),
  }
  const { pressures, flows } = airNetwork(Object.values(named))
  const flowOf = (name: keyof typeof named): number => flows[Object.keys(named).indexOf(name)] ?? 0
  const out =
    flowOf('sideOut') + flowOf('rear') + flowOf('supply') - Math.min(0, flowOf('overBoard'))
  const still = STILL_CUBIC_METRES_PER_HOUR[end]
  return {
    pastDrives: Math.max(flowOf('front') * shareOfBays, still),
    pastBoard: Math.max(out, still),
    backThroughGap: Math.max(0, flowOf('gap')),
    throughSupply: flowOf('supply'),
    boardPascals: pressures.board,
  }
}

const curveAt = ({ freeCubicMetresPerHour, closedPascals }: CasedFan, end: End): FanCurve => ({
  freeCubicMetresPerHour: freeCubicMetresPerHour[end],
  closedPascals: closedPascals[end],
})

const supplyCurve = ({ free }: SupplyFan, end: End): FanCurve => ({
  freeCubicMetresPerHour: free[end],
  closedPascals: SUPPLY_PASCALS,
})

/** A filter is said of the front, or of places for fans in it. */
const hasFrontFilter = ({ frontFilter, fanPlaces }: SheetOf<'chassis'>): boolean =>
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
