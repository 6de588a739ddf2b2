import type { Design } from '../design/design'
import type { Machine } from '../machine/machine'
import type { Finding, Measured } from './finding'
import type { Formatter } from '../units/formatter'

export type LimitStatus = 'kept' | 'missed' | 'not known'

/** How a design stands to one limit or wish of its brief. */
export interface JudgedLimit {
  id: string
  /** What is limited: "Noise". */
  title: string
  standing: LimitStatus
  /** What the brief says and what the design has, as a person reads them. */
  wanted: string
  has: string
  /** What is to be said when it is not kept; null when a rule of its own says it. */
  finding: Finding | null
}

/** What limits look at. */
export interface Subject extends Measured {
  design: Design
  machine: Machine
}

/** One limit of the brief; null when the brief does not set it. */
export type Limit = (subject: Subject, format: Formatter) => JudgedLimit | null

/** Kept when the amount reaches what is wanted, or stays under what is allowed. */
export function statusOf(amount: number | null, keeps: (amount: number) => boolean): LimitStatus {
  if (amount === null) return 'not known'
  return keeps(amount) ? 'kept' : 'missed'
}
