import type { Missing } from '../units/amount'
import { type Finding, isLack } from './finding'

/** What the data sheet of one piece, or the brief where there is none, leaves open. */
export interface NotGiven {
  /** Null for what the brief does not say. */
  pieceId: string | null
  missing: Missing[]
  /** Codes of what cannot be told for want of it. */
  codes: string[]
}

/** Findings about missing values, folded: one entry for each piece, in the order in which they are met. */
export function notGivenByPiece(findings: readonly Finding[]): NotGiven[] {
  const byPiece = new Map<string | null, NotGiven>()
  for (const { code, facts } of findings.filter(isLack)) {
    for (const one of facts.missing) {
      const { pieceId } = one
      const entry = byPiece.get(pieceId) ?? { pieceId, missing: [], codes: [] }
      if (!entry.missing.some(({ field }) => field === one.field)) entry.missing.push(one)
      if (!entry.codes.includes(code)) entry.codes.push(code)
      byPiece.set(pieceId, entry)
    }
  }
  return [...byPiece.values()]
}
