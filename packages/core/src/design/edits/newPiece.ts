import type { FittedPart } from '../design'

/** A piece of which nobody has noted anything yet. */
export function newPiece(
  id: string,
  snapshotId: string,
  {
    owned,
    bay = null,
    within = null,
  }: { owned: boolean; bay?: string | null; within?: string | null },
): FittedPart {
  return {
    id,
    snapshotId,
    owned,
    within,
    bay,
    away: null,
    rebuilding: false,
    label: '',
    serial: '',
    returned: null,
    ageYears: null,
    wornShare: null,
    sockets: [],
  }
}
