import type { SheetOf } from '../catalogue/partKinds'
import { type Machine, pieceOf, piecesOf } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import { type Band, exactBand, mapBand } from '../units/band'
import type { Missing } from '../units/amount'

export type FanPlace = NonNullable<SheetOf<'chassis'>['fanPlaces']>[number]

/** A fan in the walls of a case, or between its drives and its board. */
export interface CasedFan {
  /** The fan, or the case that it came with. */
  pieceId: PieceId
  /** Whether it came with the case. */
  isOwn: boolean
  /** False where nobody says how many fans come with the case. */
  isSure: boolean
  /** Null where nobody says it. */
  sizeMm: number | null
  /** At full speed. */
  freeCubicMetresPerHour: Band
  closedPascals: Band
  /** Null where the case gives no places; it is taken to stand between drives and board. */
  place: FanPlace | null
}

export interface CasedFans {
  fans: CasedFan[]
  missing: Missing[]
}

/** Sizes that fans are made in. Common practice, no source. */
export const FAN_SIZES_MM = [140, 120, 92, 80, 60, 40]

/**
 * What a fan moves whose data sheet does not say it: one of 120 mm about 110 m³/h against up to 25 Pa, others by their
 * area, since smaller ones turn faster. Common practice, no source.
 */
export const USUAL_FAN = { sizeMm: 120, cubicMetresPerHour: 110, pascals: 25 }
export const USUAL_SHARE: Band = { low: 0.7, likely: 1, high: 1.4 }
/** How near fans come to their data sheets. Common practice, no source. */
export const SHEET_SHARE: Band = { low: 0.9, likely: 1, high: 1.05 }

/** The largest fan that a wall of a height takes; the smallest that is made where none does. */
export function largestFanMm(heightMm: number): number {
  return FAN_SIZES_MM.find((size) => size <= heightMm) ?? Math.min(...FAN_SIZES_MM)
}

/**
 * The fans that move the air of a case: those that come with it first, then those that are added. Those of coolers and
 * supplies are not among them.
 */
export function casedFans(machine: Machine): CasedFans {
  const chassis = pieceOf(machine, 'chassis')
  if (!chassis) return { fans: [], missing: [] }
  const { dataSheet, id } = chassis
  const { fanPlaces, fanCount } = dataSheet
  const missing: Missing[] = []
  const sizeByHeight = largestFanMm(dataSheet.heightMm)
  const fans: CasedFan[] = []
  // Where nobody says how many come with it, it may be one or none.
  for (let index = 0; index < (fanCount ?? 1); index += 1) {
    const place = fanPlaces?.[index] ?? null
    fans.push({
      pieceId: id,
      isOwn: true,
      isSure: fanCount !== null,
      sizeMm: place?.sizeMm ?? null,
      place,
      ...curveOf(
        dataSheet.fanFlowCubicMetresPerHour,
        dataSheet.fanPressurePascals,
        place?.sizeMm ?? sizeByHeight,
      ),
    })
  }
  if (fanCount === null) missing.push({ pieceId: id, field: 'fanCount' })
  else if (fanCount > 0 && dataSheet.fanFlowCubicMetresPerHour === null) {
    missing.push({ pieceId: id, field: 'fanFlowCubicMetresPerHour' })
  }
  for (const { id: pieceId, dataSheet: sheet } of piecesOf(machine, 'fan')) {
    fans.push({
      pieceId,
      isOwn: false,
      isSure: true,
      sizeMm: sheet.sizeMm,
      place: fanPlaces?.[fans.length] ?? null,
      ...curveOf(sheet.flowCubicMetresPerHour, sheet.pressurePascals, sheet.sizeMm),
    })
    if (sheet.flowCubicMetresPerHour === null) {
      missing.push({ pieceId, field: 'flowCubicMetresPerHour' })
    }
  }
  return { fans, missing }
}

function curveOf(
  flow: number | null,
  pressure: number | null,
  sizeMm: number,
): Pick<CasedFan, 'freeCubicMetresPerHour' | 'closedPascals'> {
  const share = (sizeMm / USUAL_FAN.sizeMm) ** 2
  const usual = (value: number): Band => mapBand(USUAL_SHARE, (times) => value * times)
  return {
    freeCubicMetresPerHour:
      flow === null
        ? usual(USUAL_FAN.cubicMetresPerHour * share)
        : mapBand(SHEET_SHARE, (times) => flow * times),
    closedPascals: pressure === null ? usual(USUAL_FAN.pascals) : exactBand(pressure),
  }
}
