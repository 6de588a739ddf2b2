/** Something is not where this program had put it: a mistake of the program, never of a design. */
export class MissingValueError extends Error {
  override name = 'MissingValueError'

  constructor() {
    super('A value is missing that this program had put there.')
  }
}

/**
 * A value that is certainly there, where only the compiler cannot see it: a place within a list, a key that was set
 * before. A zero in its place would be a figure that nobody worked out.
 *
 * @throws MissingValueError when it is not there after all
 * @example certain([3, 4][1]) // 4
 */
export function certain<Value>(value: Value | null | undefined): Value {
  if (value === undefined || value === null) throw new MissingValueError()
  return value
}
