import { capacity } from './capacity'
import { evaluate } from './evaluate'

/** What `flint` can compute: each takes the JSON read and returns what is printed. */
export const commands: Partial<Record<string, (input: unknown) => unknown>> = {
  capacity,
  evaluate,
}
