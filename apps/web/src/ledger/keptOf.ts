import type { AnyJudgedLimit } from '@flint/core/figures'

/** How many of some limits are kept for sure. */
export const keptOf = (limits: readonly Pick<AnyJudgedLimit, 'status'>[]): number =>
  limits.filter(({ status }) => status === 'kept').length
