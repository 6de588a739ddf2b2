import { kindOf } from '../catalogue/partKinds'
import type { Piece, PieceId } from '../machine/piece'
import type { Missing } from '../units/amount'

/** Who lets the CPU sleep deeply, and who does not. */
export interface DeepIdle {
  /** Pieces that keep it awake. */
  vetoPartIds: PieceId[]
  /** Pieces that do not say; empty where another keeps it awake already. */
  unsaid: Missing[]
}

/** May the CPU sleep deeply with all these pieces? One without link power management keeps all of it awake. */
export function deepIdle(pieces: readonly Piece[]): DeepIdle {
  const permits = pieces.map(({ id, dataSheet }) => ({
    id,
    may: kindOf(dataSheet).permitsDeepIdle(dataSheet),
  }))
  const vetoPartIds = permits.flatMap(({ id, may }) => (may === false ? [id] : []))
  return {
    vetoPartIds,
    unsaid:
      vetoPartIds.length > 0
        ? []
        : permits.flatMap(({ id, may }) =>
            may === null ? [{ pieceId: id, field: 'permitsDeepIdle' }] : [],
          ),
  }
}
