import type { HouseRules } from '../design/houseRules'
import type { Machine } from '../machine/machine'
import type { PieceId } from '../machine/piece'

/**
 * How warm may these drives get? What the house allows, or what the maker of one of them does, where that is less.
 *
 * A house rule of 50 °C over a drive whose maker allows 45 °C: 45.
 */
export function allowedCelsius(
  { driveCelsiusMost }: Pick<HouseRules, 'driveCelsiusMost'>,
  { pieces }: Pick<Machine, 'pieces'>,
  driveIds: readonly PieceId[],
): number {
  return driveIds.reduce((least, id) => {
    const sheet = pieces.get(id)?.dataSheet
    const allowed = sheet?.kind === 'drive' ? sheet.maxCelsius : null
    return Math.min(least, allowed ?? least)
  }, driveCelsiusMost)
}
