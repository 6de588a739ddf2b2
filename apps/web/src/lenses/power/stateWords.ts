import type { HourState, MachineStateId } from '@flint/core/editing'
import { machineStates } from '@flint/core/figures'

/** The letter that stands for a state in an hour. */
export const STATE_LETTERS: Record<HourState, string> = {
  off: 'O',
  asleep: 'A',
  spinning: 'S',
  'one reader': '1',
  'all readers': 'R',
  scrub: 'C',
  conversion: 'V',
}

export const stateTitle = (id: MachineStateId): string =>
  machineStates.find((state) => state.id === id)?.title ?? id
