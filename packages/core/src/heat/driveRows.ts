import { boardPlane } from '../catalogue/boardPlane'
import { DRIVE_OUTLINES } from '../catalogue/standards'
import type { Bay, BayId } from '../machine/bays'
import { type Machine, pieceOf } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import type { Band } from '../units/band'
import type { CasedFan } from './casedFans'

/** Drives one behind another as the board is seen: a column of the front, or a row of it where the board stands. */
export interface DriveRow {
  pieceId: PieceId
  formFactor: '3.5' | '2.5'
  isOutside: boolean
  bayIds: BayId[]
  /** Those of its bays that hold drives. */
  driveIds: PieceId[]
  /** Bays of it, as their piece counts them. */
  numbers: number[]
  /** Share of the air past all drives that passes this row, at both ends; all shares likely add up to 1. */
  airShare: Band
}

/**
 * How unevenly air spreads over rows where nobody says where the fans stand; half of that where they are. Common
 * practice, no source.
 */
export const UNEVEN = 0.2

/**
 * The drives in their bays, as air meets them: those that lie above one another as the case is drawn share their air.
 *
 * Where the places of fans between drives and board or at the front are known, rows near to them get more of it.
 */
export function driveRows(machine: Machine, fans: readonly CasedFan[]): DriveRow[] {
  const chassis = pieceOf(machine, 'chassis')
  if (!chassis) return []
  const isUpright = boardPlane(chassis.dataSheet) === 'upright'
  const rows: (DriveRow & { middleMm: number; area: number })[] = []
  for (const [blockIndex, block] of machine.blocks.entries()) {
    const bays = machine.bays.filter((bay) => bay.blockIndex === blockIndex)
    const lineOf = ({ row, column }: Bay): number => (isUpright ? row : column)
    for (const line of new Set(bays.map(lineOf))) {
      const those = bays.filter((bay) => lineOf(bay) === line)
      const [first] = those
      if (!first) continue
      const { widthMm, heightMm } = DRIVE_OUTLINES[block.formFactor]
      rows.push({
        pieceId: block.pieceId,
        formFactor: block.formFactor,
        isOutside: block.isOutside,
        bayIds: those.map(({ id }) => id),
        driveIds: those.flatMap(({ id }) => machine.driveIn.get(id) ?? []),
        numbers: those.map(({ number }) => number),
        airShare: { low: 0, likely: 0, high: 0 },
        middleMm: isUpright ? first.topMm + first.heightMm / 2 : first.leftMm + first.widthMm / 2,
        area: widthMm * heightMm * those.length,
      })
    }
  }
  const placed = fans.flatMap(({ place }) =>
    place && (place.wall === 'inside' || place.wall === 'front') ? [place] : [],
  )
  const nearness = (middleMm: number): number =>
    placed.length === 0
      ? 1
      : placed.reduce(
          (sum, { alongMm, sizeMm }) => sum + 1 / (1 + ((alongMm - middleMm) / sizeMm) ** 2),
          0,
        )
  const within = rows.filter(({ isOutside }) => !isOutside)
  const all = within.reduce((sum, { middleMm, area }) => sum + area * nearness(middleMm), 0)
  const uneven = within.length < 2 ? 0 : placed.length === 0 ? UNEVEN : UNEVEN / 2
  return rows.map(({ middleMm, area, ...row }) => {
    if (row.isOutside || all === 0) return row
    const likely = (area * nearness(middleMm)) / all
    return { ...row, airShare: { low: likely * (1 - uneven), likely, high: likely * (1 + uneven) } }
  })
}
