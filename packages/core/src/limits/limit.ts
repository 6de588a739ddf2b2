import type { DesignDocument } from '../design/document'
import type { Finding, Measured } from '../findings/finding'
import type { Speller } from '../units/speller'

export type LimitStanding = 'kept' | 'missed' | 'not known'

/** How a design stands to one limit or wish of its brief. */
export interface JudgedLimit {
  id: string
  /** What is limited: "Noise". */
  title: string
  standing: LimitStanding
  /** What the brief says and what the design has, as a person reads them. */
  wanted: string
  has: string
  /** What is to be said when it is not kept; null when a rule of its own says it. */
  finding: Finding | null
}

/** One limit of the brief; null when the brief does not set it. */
export type Limit = (
  document: DesignDocument,
  measured: Measured,
  say: Speller,
) => JudgedLimit | null

/** Kept when the amount reaches what is wanted, or stays under what is allowed. */
export function standingOf(
  amount: number | null,
  keeps: (amount: number) => boolean,
): LimitStanding {
  if (amount === null) return 'not known'
  return keeps(amount) ? 'kept' : 'missed'
}
