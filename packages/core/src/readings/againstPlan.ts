import type { Amount } from '../units/amount'

/** How what was measured stands to what was expected, in the same state. */
export interface AgainstPlan {
  measuredWatts: number
  expected: Amount<'W'>
  /** Measured less likely. */
  differenceWatts: number
  stands: 'below' | 'within' | 'above' | 'not known'
}

/**
 * How does a measured figure stand to the plan's band? A difference is told, never smoothed away.
 *
 * While something of the plan is missing only what lies below its least can be told.
 */
export function againstPlan(measuredWatts: number, expected: Amount<'W'>): AgainstPlan {
  const { low, likely, high, missing } = expected
  const stands =
    measuredWatts < low
      ? 'below'
      : missing.length > 0
        ? 'not known'
        : measuredWatts > high
          ? 'above'
          : 'within'
  return { measuredWatts, expected, differenceWatts: measuredWatts - likely, stands }
}
