import type { SpinUp } from '../design/design'
import { type Machine, piecesOf } from '../machine/machine'
import type { Missing } from '../units/amount'
import { type Rail, startCurve } from './startCurve'

export interface RailSurge {
  /** The most that the rail carries while the drives start; at least that, when a value of it is missing. */
  amps: number
  /** What the rails of that voltage carry together, as far as it is known. */
  ratedAmps: number
  missing: Missing[]
}

const RATED = { twelve: 'rated12VAmps', five: 'rated5VAmps' } as const

/**
 * What do the rails of one voltage carry at the worst moment of the start, against what they are made for?
 *
 * The rails of several supplies count together.
 *
 * @param spinUp how drives are let start; null for all together, or as their controllers have it
 * @returns null without a supply
 */
export function startSurge(
  machine: Machine,
  spinUp: SpinUp | null = null,
  rail: Rail = 'twelve',
): RailSurge | null {
  const supplies = piecesOf(machine, 'supply')
  if (supplies.length === 0) return null
  const field = RATED[rail]
  const { peak, missing } = startCurve(machine, spinUp)
  return {
    amps: peak[rail],
    ratedAmps: supplies.reduce((sum, { dataSheet }) => sum + (dataSheet[field] ?? 0), 0),
    missing: [
      ...supplies.flatMap(({ id, dataSheet }) =>
        dataSheet[field] === null ? [{ pieceId: id, field }] : [],
      ),
      ...missing[rail],
    ],
  }
}
