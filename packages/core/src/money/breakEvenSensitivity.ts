import { breakEven } from './breakEven'
import type { CostStream } from './costStream'

/** How much an assumption is off by, either way. */
export const OFF_SHARE = 0.2
/** How many points a yearly rise is off by, either way. */
export const OFF_POINTS = 3

/** What is assumed: what the machine costs at once and later, what the other costs, and how it rises. */
export const ASSUMPTIONS = [
  'own once',
  'own running',
  'other running',
  'other rise',
  'own rise',
] as const
export type Assumption = (typeof ASSUMPTIONS)[number]

export interface Sensitivity {
  assumption: Assumption
  /** The month if it is lower, and if it is higher than assumed; null for never in this time. */
  lower: number | null
  higher: number | null
  /** Months that lie between the two; never counts as the end of this time. */
  spread: number
}

const scaleOnce = (streams: readonly CostStream[], by: number): CostStream[] =>
  streams.map((one) => ({ ...one, onceMinor: one.onceMinor * by }))
const scaleMonths = (streams: readonly CostStream[], by: number): CostStream[] =>
  streams.map((one) => ({ ...one, perMonthMinor: one.perMonthMinor * by }))
const raise = (streams: readonly CostStream[], points: number): CostStream[] =>
  streams.map((one) => ({ ...one, risePercent: one.risePercent + points }))

type Sides = [own: readonly CostStream[], other: readonly CostStream[]]

const changes: Record<Assumption, (sides: Sides, way: -1 | 1) => Sides> = {
  'own once': ([own, other], way) => [scaleOnce(own, 1 + way * OFF_SHARE), other],
  'own running': ([own, other], way) => [scaleMonths(own, 1 + way * OFF_SHARE), other],
  'other running': ([own, other], way) => [own, scaleMonths(other, 1 + way * OFF_SHARE)],
  'other rise': ([own, other], way) => [own, raise(other, way * OFF_POINTS)],
  'own rise': ([own, other], way) => [raise(own, way * OFF_POINTS), other],
}

/**
 * Which of the assumptions moves the month most, when each by itself is off by a fifth, or a rise by three points?
 *
 * @returns the one that moves it most first
 */
export function breakEvenSensitivity(
  own: readonly CostStream[],
  other: readonly CostStream[],
  months: number,
): Sensitivity[] {
  const monthOf = (sides: Sides): number | null => breakEven(...sides, months).month
  return ASSUMPTIONS.map((assumption) => {
    const lower = monthOf(changes[assumption]([own, other], -1))
    const higher = monthOf(changes[assumption]([own, other], 1))
    return { assumption, lower, higher, spread: Math.abs((lower ?? months) - (higher ?? months)) }
  }).sort((one, two) => two.spread - one.spread)
}
