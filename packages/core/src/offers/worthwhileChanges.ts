import type { CataloguePart } from '../catalogue/partKinds'
import type { Design } from '../design/design'
import { applyEdit, type Edit } from '../design/edits/edit'
import { type Evaluation, Evaluator } from '../evaluate'
import type { FindingCode } from '../findings/rules'
import { payBackMonths } from '../money/payBackMonths'
import { costOf, doesHarm, swapEdit, triedParts, yearOf } from './partSwap'

/** A change to a design that gives back what it costs, in money or in watts. */
export interface WorthwhileChange {
  edit: Edit
  /** The part that takes a place, or the finding that it does away with. */
  by: { swap: string } | { fixOf: FindingCode }
  /** What is to be paid more, in minor units; less than 0 when it saves. */
  costMinor: number
  /** What the power of a year costs more; less than 0 when it saves. */
  yearMinor: number
  /** The mean of a week, in watts at the wall; less than 0 when it saves. Null where that is not known. */
  meanWatts: number | null
  /** Until it has paid for itself. */
  months: number
}

/** Less than this a year is nobody's reason, in minor units. */
const LEAST_SAVED_MINOR = 50

/**
 * Which changes to a design pay for themselves?
 *
 * Each part of the catalogue takes the place of that of its kind, in thought, and each fix of a finding is done. What
 * blocks something that did not block before, lets a limit stand worse, or leaves more to choose, is not worth it,
 * whatever it saves. What cannot be compared, for want of a price or of watts, is left out.
 *
 * @param withinMonths what takes longer is left out
 * @returns those that are paid back first come first
 */
export function worthwhileChanges(
  design: Design,
  parts: readonly CataloguePart[],
  withinMonths: number,
): WorthwhileChange[] {
  const evaluator = new Evaluator()
  const now = evaluator.evaluate(design)
  const swaps = triedParts(design, parts).flatMap((part): Tried[] => {
    const edit = swapEdit(design, part)
    return edit ? [{ edit, by: { swap: part.slug } }] : []
  })
  const fixes = now.findings.flatMap(({ code, fix }): Tried[] =>
    fix ? [{ edit: fix, by: { fixOf: code } }] : [],
  )
  return [...fixes, ...swaps]
    .flatMap(({ edit, by }): WorthwhileChange[] => {
      const changed = applyEdit(design, edit)
      if (changed === design) return []
      const then = evaluator.evaluate(changed)
      const [costMinor, yearMinor] = [costOf(now, then), yearOf(now, then)]
      if (costMinor === null || yearMinor === null || doesHarm(now, then)) return []
      if (yearMinor > -LEAST_SAVED_MINOR) return []
      const months = payBackMonths(costMinor, -yearMinor)
      if (months === null || months > withinMonths) return []
      return [{ edit, by, costMinor, yearMinor, meanWatts: meanOf(now, then), months }]
    })
    .sort((one, other) => one.months - other.months || one.yearMinor - other.yearMinor)
}

type Tried = Pick<WorthwhileChange, 'edit' | 'by'>

function meanOf(before: Evaluation, after: Evaluation): number | null {
  const [was, becomes] = [before.power.mean, after.power.mean]
  return was && becomes ? becomes.likely - was.likely : null
}
