import {
  NEW_MACHINE,
  NO_FAULTS,
  resolveMachine,
  simulatedMachine,
  suspectsOf,
} from '@flint/core/figures'
import { CommandError } from '../commandError'
import { designOf } from './designOf'

/**
 * A design, and faults by name, give what the tools of such a machine would say: a stand-in, labelled as simulated.
 * Faults are `{ "faulty": "cable …", "badDriveId": "drive-3" }`; `{}` for a machine without any.
 */
export function simulate(input: unknown, faultsInput: unknown): unknown {
  const design = designOf(input)
  const machine = resolveMachine(design)
  const asked = (faultsInput ?? {}) as Record<string, unknown>
  const text = (name: string): string | null => {
    const value = asked[name]
    return typeof value === 'string' ? value : null
  }
  const suspects = suspectsOf(machine)
  const faulty = suspects.find(({ id }) => id === text('faulty')) ?? null
  if (text('faulty') !== null && !faulty) {
    throw new CommandError(
      `Nothing is called ${text('faulty') ?? ''}. There are: ${suspects.map(({ id }) => id).join('; ')}.`,
    )
  }
  const faults = {
    ...NO_FAULTS,
    faulty,
    badDriveId: text('badDriveId'),
    unseenDriveId: text('unseenDriveId'),
    narrowCardId: text('narrowCardId'),
    oldPoolDriveId: text('oldPoolDriveId'),
  }
  return simulatedMachine(design, machine, faults, {
    ...NEW_MACHINE,
    at: text('at') ?? '2026-11-27T20:00:00Z',
  })
}
