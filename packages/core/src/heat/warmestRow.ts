import type { HeatFigure, RowHeat } from './machineHeat'

/**
 * The row that may get warmest, disks before flash, which minds it less.
 * @returns null where no drive is in a bay
 */
export function warmestRow({ rows }: Pick<HeatFigure, 'rows'>): RowHeat | null {
  const disks = rows.filter(({ hasDisk }) => hasDisk)
  const [first, ...others] = disks.length > 0 ? disks : rows
  if (!first) return null
  return others.reduce((one, other) => (other.kelvin.high > one.kelvin.high ? other : one), first)
}
