import type { Machine } from './machine'
import type { PieceId } from './piece'

const NONE: ReadonlySet<PieceId> = new Set()

/** Drives that sit in an enclosure with a supply of its own, not in the machine. */
export function drivesOutside(machine: Pick<Machine, 'blocks' | 'driveIn'>): ReadonlySet<PieceId> {
  const { blocks } = machine
  // Most machines have no enclosure, and then nothing depends on which drive is where.
  if (!blocks.some(({ isOutside }) => isOutside)) return NONE
  return new Set(
    blocks.flatMap(({ isOutside, bayIds }) =>
      isOutside ? bayIds.flatMap((id) => machine.driveIn.get(id) ?? []) : [],
    ),
  )
}
