import type { MachineStateId } from '../design/brief'
import type { Machine } from '../machine/machine'
import type { Amount } from '../units/amount'
import { machineState, type StateDesign } from './machineStates'
import { statePower } from './statePower'

/** Watts at the wall in a state; null without a supply. */
export type WallOf = (state: MachineStateId) => Amount<'W'> | null

/** Watts at the wall in each state that is asked for, each worked out once. */
export function stateWalls(design: StateDesign, machine: Machine): WallOf {
  const known = new Map<MachineStateId, Amount<'W'> | null>()
  return (id) => {
    const before = known.get(id)
    if (before !== undefined) return before
    const { wall } = statePower(design, machine, machineState(id))
    known.set(id, wall)
    return wall
  }
}
