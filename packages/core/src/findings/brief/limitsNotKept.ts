import type { Rule } from '../rule'

/** What the limits of the brief have to say; those with a rule of their own leave it to that. */
export const limitsNotKept: Rule = (_document, { limits }) =>
  limits.flatMap(({ finding }) => finding ?? [])
