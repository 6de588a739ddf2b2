/** What a fan does: a straight line from the pressure with its outlet closed to the flow with nothing in its way. */
export interface FanCurve {
  freeCubicMetresPerHour: number
  closedPascals: number
}

/**
 * A fan at a part of its speed.
 *
 * Flow goes with the speed and pressure with its square. Source: fan laws, engineering handbooks, from memory.
 * @param duty share of full speed, above 0
 * @example atDuty({ freeCubicMetresPerHour: 100, closedPascals: 40 }, 0.5) // { freeCubicMetresPerHour: 50, closedPascals: 10 }
 */
export function atDuty(
  { freeCubicMetresPerHour, closedPascals }: FanCurve,
  duty: number,
): FanCurve {
  return {
    freeCubicMetresPerHour: freeCubicMetresPerHour * duty,
    closedPascals: closedPascals * duty ** 2,
  }
}

/**
 * Several fans side by side as one: flows add; pressures are averaged by flow, since the weaker one gives in first.
 *
 * @returns null for no fan
 */
export function fansTogether(fans: readonly FanCurve[]): FanCurve | null {
  const flow = fans.reduce((sum, { freeCubicMetresPerHour }) => sum + freeCubicMetresPerHour, 0)
  if (flow === 0) return null
  const weighed = fans.reduce(
    (sum, { freeCubicMetresPerHour, closedPascals }) =>
      sum + freeCubicMetresPerHour * closedPascals,
    0,
  )
  return { freeCubicMetresPerHour: flow, closedPascals: weighed / flow }
}

/**
 * How much goes through a fan and an opening one behind the other?
 *
 * @param headPascals pressure before them less that behind them
 * @returns m³/h; negative when the air is pushed back through them
 */
export function flowThrough(fan: FanCurve | null, drag: number, headPascals: number): number {
  if (!Number.isFinite(drag)) return 0
  const slope = fan ? fan.closedPascals / fan.freeCubicMetresPerHour : 0
  const push = headPascals + (fan?.closedPascals ?? 0)
  if (drag === 0) return slope === 0 ? 0 : push / slope
  // Where push and flow have one sign, push − slope × Q − drag × Q × |Q| is 0 at one flow only.
  const size = (Math.sqrt(slope ** 2 + 4 * drag * Math.abs(push)) - slope) / (2 * drag)
  return Math.sign(push) * size
}
