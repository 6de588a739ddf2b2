/** What a machine may be doing, as far as its watts differ by it. */
export const POWER_STATES = ['asleep', 'idle', 'kept awake', 'busy'] as const
/**
 * `asleep`: idle with its disks spun down. `idle`: idle with its disks spinning. `kept awake`: the same while
 * one device keeps the CPU out of its deep states. `busy`: at work as hard as it can.
 */
export type PowerState = (typeof POWER_STATES)[number]

/** Fields of a data sheet that are numbers, or lack. */
type NumberField<Sheet> = {
  [Field in keyof Sheet]: Sheet[Field] extends number | null ? Field : never
}[keyof Sheet]

/** The field of a data sheet that has the watts of each state; null for what draws nothing by itself. */
export type Draws<Sheet> = Readonly<Record<PowerState, NumberField<Sheet> | null>>

/** What draws the same whatever the machine does. */
export function steady<Field extends string>(field: Field): Record<PowerState, Field> {
  return { asleep: field, idle: field, 'kept awake': field, busy: field }
}

/** What draws nothing by itself. */
export const NO_DRAW: Record<PowerState, null> = {
  asleep: null,
  idle: null,
  'kept awake': null,
  busy: null,
}
