import { isOpenCase } from '../catalogue/openCase'
import type { SheetOf } from '../catalogue/partKinds'
import { type AirChoices, fanDutyOf } from '../design/air'
import { type Machine, pieceOf, piecesOf } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import type { Missing } from '../units/amount'
import { type Band, exactBand } from '../units/band'
import { STILL_CUBIC_METRES_PER_HOUR } from './airAreas'
import { airNetwork } from './airNetwork'
import { caseBranches, type End } from './caseBranches'
import { type CasedFan, casedFans } from './casedFans'

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

/** What the fan of a supply moves that nobody gives a figure for. Common practice, no source. */
export const USUAL_SUPPLY_FAN: Band = { low: 15, likely: 25, high: 40 }

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
  const at = (end: End): SettledEnd => settleAt(end, machine, chassis, fans, supplyFan, air)
  const [low, likely, high] = [at('low'), at('likely'), at('high')]
  // More air through one way can mean less through another, so the ends are put in order.
  const band = (of: (one: SettledEnd) => number): Band => ({
    low: Math.min(of(low), of(likely), of(high)),
    likely: of(likely),
    high: Math.max(of(low), of(likely), of(high)),
  })
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

function settleAt(
  end: End,
  machine: Machine,
  chassis: SheetOf<'chassis'>,
  fans: readonly CasedFan[],
  supplyFan: SupplyFan | null,
  air: AirChoices,
): SettledEnd {
  const free = supplyFan?.free ?? null
  const { branches, shareOfBays } = caseBranches(end, machine, chassis, fans, free, air)
  const { pressures, flows } = airNetwork(Object.values(branches))
  const names = Object.keys(branches)
  const flowOf = (name: keyof typeof branches): number => flows[names.indexOf(name)] ?? 0
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
