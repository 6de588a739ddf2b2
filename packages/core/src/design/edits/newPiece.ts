import type { FittedPart } from '../design'

/** A piece of which nobody has noted anything yet. */
export function newPiece(
  id: string,
  snapshotId: string,
  { owned, bay = null }: { owned: boolean; bay?: string | null },
): FittedPart {
  return { id, snapshotId, owned, bay, away: null, label: '', ageYears: null, sockets: [] }
}
