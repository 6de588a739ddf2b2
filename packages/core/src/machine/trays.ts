import { isTray } from '../catalogue/kinds/cage'
import type { BayId } from './bays'
import { type Fitting, fittingOf, type PiecesByKind, type PieceId } from './piece'

/** The bay that each tray is in, by what the design says. */
export function baysOfTrays(
  { cage }: Pick<PiecesByKind, 'cage'>,
  fittings: ReadonlyMap<PieceId, Fitting>,
): Map<PieceId, BayId> {
  return new Map(
    (cage ?? []).flatMap(({ id, dataSheet }) => {
      const { bay } = fittingOf(fittings, id)
      return bay !== null && isTray(dataSheet) ? [[id, bay] as const] : []
    }),
  )
}
