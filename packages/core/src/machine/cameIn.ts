import type { Machine } from './machine'
import { fittingOf, type PieceId } from './piece'

/** Whether a piece came in another, as the board of a machine sold whole: then it fits, whatever sheets leave open. */
export const cameIn = (
  { fittings }: Pick<Machine, 'fittings'>,
  { id }: { id: PieceId },
  outer: { id: PieceId },
): boolean => fittingOf(fittings, id).within === outer.id
