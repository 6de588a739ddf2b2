import type { Evaluation } from '@flint/core/figures'
import { ledgerFigures } from './figures'
import { keptOf } from './keptOf'

/** The figures that read otherwise than before, with how many limits are kept; empty when none does. */
export function changedFigures(before: Evaluation, now: Evaluation): string {
  const words = (evaluation: Evaluation): string[] => [
    ...ledgerFigures.map(({ title, value }) => {
      const { value: number, unit } = value(evaluation)
      return `${title} ${number}${unit === '' ? '' : ` ${unit}`}`
    }),
    `${keptOf(evaluation.limits)} of ${evaluation.limits.length} limits kept`,
  ]
  const old = words(before)
  return words(now)
    .filter((text, at) => text !== old[at])
    .join(', ')
}
