import { cataloguedPart } from '../catalogue/cataloguedPart'
import type { CataloguePart } from '../catalogue/partKinds'
import type { Design } from '../design/design'
import { fitAnother } from '../design/edits/fitPart'
import type { Edit } from '../design/edits/edit'
import type { ChoiceNeeded } from '../judging/choiceNeeded'
import { resolveMachine } from '../machine/resolveMachine'
import { kindChosen, stillToChoose } from '../stillToChoose/stillToChoose'
import { partCost } from './partCost'

/** What is only bought so that the rest can be put together: nobody chooses it for its own sake. */
export const FITTINGS = ['rails', 'trays', 'cables', 'adapters'] as const satisfies ChoiceNeeded[]
export type FittingChoice = (typeof FITTINGS)[number]

export const isFitting = (choice: ChoiceNeeded): choice is FittingChoice =>
  FITTINGS.some((one) => one === choice)

/** More pieces than a machine takes: each is tried with every part of its kind. */
const MOST_PIECES = 64

export interface ClosingParts<Part extends CataloguePart> {
  /** Each part once, with how many of it. */
  pieces: { part: Part; count: number }[]
  /** How many places stay open, since no part of the catalogue serves them. */
  stillOpen: number
  /** Null when nothing of the catalogue helps. */
  edit: Edit | null
}

/**
 * Which parts close what is still to be chosen of rails, trays, cables or adapters, at the least money?
 *
 * One after the other the part is taken that costs the least for each place that it closes; those without a price
 * come last. Tried in the design itself, so that what a cable serves is asked of nobody but the wiring.
 *
 * @param parts the catalogue
 */
export function closingParts<Part extends CataloguePart>(
  design: Design,
  choice: FittingChoice,
  parts: readonly Part[],
): ClosingParts<Part> {
  const kind = kindChosen(choice)
  const offered = parts.filter(({ sheet }) => sheet.kind === kind)
  const counts = new Map<Part, number>()
  let [now, machine] = [design, resolveMachine(design)]
  let open = openOf(now, machine, choice)
  for (let piece = 0; open > 0 && piece < MOST_PIECES; piece += 1) {
    const [best] = offered
      .flatMap((part) => {
        const then = fitAnother(now, part)
        const resolved = resolveMachine(then, machine)
        const left = openOf(then, resolved, choice)
        const minor = partCost(part, 1, design.brief.currency) ?? Infinity
        return left < open ? [{ part, then, resolved, left, each: minor / (open - left) }] : []
      })
      .toSorted((one, other) => one.each - other.each)
    if (!best) break
    counts.set(best.part, (counts.get(best.part) ?? 0) + 1)
    ;[now, machine, open] = [best.then, best.resolved, best.left]
  }
  const pieces = [...counts].map(([part, count]) => ({ part, count }))
  return { pieces, stillOpen: open, edit: editOf(pieces) }
}

function openOf(
  { pools }: Design,
  machine: ReturnType<typeof resolveMachine>,
  choice: FittingChoice,
): number {
  return stillToChoose({ pools, machine })
    .filter((one) => one.choice === choice)
    .reduce((sum, { count }) => sum + count, 0)
}

function editOf(pieces: readonly { part: CataloguePart; count: number }[]): Edit | null {
  if (pieces.length === 0) return null
  const names = pieces.map(({ part, count }) => `${count} × ${part.sheet.model}`)
  return {
    do: 'several',
    what: `add ${names.join(', ')}`.slice(0, 200),
    edits: pieces.flatMap(({ part, count }) =>
      Array.from({ length: count }, () => ({
        do: 'fit' as const,
        part: cataloguedPart(part),
        beside: true,
      })),
    ),
  }
}
