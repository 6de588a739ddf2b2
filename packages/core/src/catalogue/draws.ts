/** What a machine may be doing, as far as its watts differ by it. */
export const POWER_STATES = ['asleep', 'idle', 'kept awake', 'busy'] as const
/**
 * `asleep`: idle with its disks spun down. `idle`: idle with its disks spinning. `kept awake`: the same while
 * one device keeps the CPU out of its deep states. `busy`: at work as hard as it can.
 */
export type PowerState = (typeof POWER_STATES)[number]

/** Watts in every state; null where no data sheet says it. */
export type Draws = Record<PowerState, number | null>

/** What draws the same whatever the machine does. */
export function steady(watts: number | null): Draws {
  return { asleep: watts, idle: watts, 'kept awake': watts, busy: watts }
}

/** What draws nothing by itself. */
export const NO_DRAW: Draws = steady(0)
