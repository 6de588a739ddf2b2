import { resolveMachine } from '@flint/core/figures'
import { poolScript as scriptOf } from '@flint/core/files'
import { designOf } from './designOf'

/** A design gives the commands that make its pools, as a shell script with its paths left empty. */
export function poolScript(input: unknown): string {
  const design = designOf(input)
  return scriptOf(design, resolveMachine(design))
}
