import { resolveMachine } from '@flint/core/figures'
import { printedMachine } from '@flint/core/files'
import { designOf } from './designOf'

/** A design gives its machine: pieces, bays, what is placed where and what is not, wiring and links. */
export function machine(input: unknown): unknown {
  return printedMachine(resolveMachine(designOf(input)))
}
