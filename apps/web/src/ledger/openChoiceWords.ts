import { choiceText, type DesignSummary } from '@flint/core/figures'
import { format } from '../controls/locale'

/** How much a design still needs, in pieces; or that it is done. */
export function openChoiceCount({
  stillToChoose,
  isDone,
}: Pick<DesignSummary, 'stillToChoose' | 'isDone'>): string {
  if (isDone) return 'Done'
  const pieces = stillToChoose.reduce((sum, { count }) => sum + count, 0)
  return pieces === 0 ? 'nothing' : format.number(pieces)
}

/** What it still needs, without saying of which kind: "rails for the rack, 2 cables". */
export function openChoiceNames({ stillToChoose }: Pick<DesignSummary, 'stillToChoose'>): string {
  return stillToChoose.map((one) => choiceText({ ...one, which: null }, format)).join(', ')
}
