import { capacity } from './capacity'
import { evaluate } from './evaluate'
import { machine } from './machine'

/** What `flint` can compute: each takes the JSON read and returns what is printed. */
export const commands: Partial<Record<string, (input: unknown) => unknown>> = {
  capacity,
  evaluate,
  machine,
}
