import { parseDesign } from '@flint/core/editing'

/** A design, or a file of everything, gives what cannot be read in it; an empty list where all can. */
export function check(input: unknown): unknown {
  const { designs } = (input ?? {}) as { designs?: unknown }
  const all = Array.isArray(designs) ? designs : [input]
  return {
    designs: all.length,
    problems: all.flatMap((one: unknown, index) => {
      const parsed = parseDesign(one)
      if ('design' in parsed) return []
      const { name } = (one ?? {}) as { name?: unknown }
      return parsed.problems.map(({ field, sentence }) => ({
        design: index + 1,
        name: typeof name === 'string' ? name : null,
        field,
        sentence,
      }))
    }),
  }
}
