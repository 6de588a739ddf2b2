import type { SpinUp } from '../design/design'
import { type Machine, piecesOf } from '../machine/machine'
import type { Piece } from '../machine/piece'
import type { Missing } from '../units/amount'
import { type Rail, type StartCurve, startCurve } from './startCurve'

export interface RailSurge {
  /** The most that the rail carries while the drives start; at least that, when a value of it is missing. */
  amps: number
  /** What the rails of that voltage carry together, as far as it is known. */
  ratedAmps: number
  missing: Missing[]
}

const RATED = { twelve: 'rated12VAmps', five: 'rated5VAmps' } as const

/** What the rails of one voltage carry together, of all supplies that give it; 0 where none does. */
export function ratedAmps(supplies: readonly Piece<'supply'>[], rail: Rail): number {
  return supplies.reduce((sum, { dataSheet }) => sum + (dataSheet[RATED[rail]] ?? 0), 0)
}

/**
 * What do the rails of one voltage carry at the worst moment of the start, against what they are made for?
 *
 * The rails of several supplies count together.
 *
 * @param spinUp how drives are let start; null for all together, or as their controllers have it
 * @param curve the start, when it is at hand
 * @returns null without a supply
 */
export function startSurge(
  machine: Machine,
  spinUp: SpinUp | null = null,
  rail: Rail = 'twelve',
  curve: StartCurve = startCurve(machine, spinUp),
): RailSurge | null {
  const supplies = piecesOf(machine, 'supply')
  if (supplies.length === 0) return null
  const field = RATED[rail]
  return {
    amps: curve.peak[rail],
    ratedAmps: ratedAmps(supplies, rail),
    missing: [
      ...supplies.flatMap(({ id, dataSheet }) =>
        dataSheet[field] === null ? [{ pieceId: id, field }] : [],
      ),
      ...curve.missing[rail],
    ],
  }
}
