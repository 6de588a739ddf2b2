import type { ChassisSheet } from '../catalogue/kinds/chassis'

export interface CoolerClearance {
  clearanceMm: number
  /** What is met first, as a sentence names it. */
  obstacle: string
}

/**
 * How tall may a cooler be, from the board's surface, and what does a taller one touch?
 *
 * The cover, fans mounted under it, and a supply mounted over the board each leave their own room; the
 * least counts.
 *
 * @returns null when the data sheet does not say enough
 * @example
 * coolerClearance({ boardToCoverMm: 130, coverFanMm: 0, boardToSupplyMm: 56 })
 * // { clearanceMm: 56, obstacle: 'the supply over the board' }
 */
export function coolerClearance(
  chassis: Pick<ChassisSheet, 'boardToCoverMm' | 'coverFanMm' | 'boardToSupplyMm'>,
): CoolerClearance | null {
  const { boardToCoverMm, coverFanMm, boardToSupplyMm } = chassis
  if (boardToCoverMm === null || coverFanMm === null || boardToSupplyMm === null) return null
  const underCover: CoolerClearance =
    coverFanMm > 0
      ? { clearanceMm: boardToCoverMm - coverFanMm, obstacle: 'the fan under the cover' }
      : { clearanceMm: boardToCoverMm, obstacle: 'the cover' }
  if (boardToSupplyMm === 0 || boardToSupplyMm >= underCover.clearanceMm) return underCover
  return { clearanceMm: boardToSupplyMm, obstacle: 'the supply over the board' }
}
