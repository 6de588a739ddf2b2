import type { MachineStateId } from '../design/brief'
import type { Machine } from '../machine/machine'
import { machineState, type StateDesign } from './machineStates'
import { drawingPieces, type StatePower, statePower } from './statePower'

/** What a machine draws in a state. */
export type PowerIn = (state: MachineStateId) => StatePower

/** What a machine draws in each state that is asked for, each worked out once. */
export function statePowers(design: StateDesign, machine: Machine): PowerIn {
  const pieces = drawingPieces(machine)
  const known = new Map<MachineStateId, StatePower>()
  return (id) => {
    const power = known.get(id) ?? statePower(design, machine, machineState(id), pieces)
    known.set(id, power)
    return power
  }
}
