import type { Rule } from '../../judging/rule'

/** What the limits of the brief have to say; those with a rule of their own leave it to that. */
export const limitsNotKept: Rule = ({ limits }) => limits.flatMap(({ finding }) => finding ?? [])
