import type { CataloguePart, PartKind } from '../catalogue/partKinds'
import type { Design } from '../design/design'
import { applyEdit, type Edit } from '../design/edits/edit'
import { Evaluator } from '../evaluate'
import type { JudgedLimit } from '../judging/judgedLimit'
import type { AnyJudgedLimit, LimitId } from '../limits/limits'
import { costOf, doesHarm, RANK, swapEdit, triedParts, yearOf } from './partSwap'

/** Another part of the catalogue in the place of one that is there, and how the limit would stand then. */
export interface HelpfulPart {
  slug: string
  kind: PartKind
  limit: AnyJudgedLimit
  /** What the whole design costs more, in minor units; less than 0 when it saves. Null where a price is missing. */
  costMinor: number | null
  /** What the power of a year costs more, in minor units; less than 0 when it saves. Null where that is not known. */
  yearMinor: number | null
  edit: Edit
}

/** A gain smaller than this share of the limit is not worth a screwdriver. */
const WORTH_WHILE = 0.01

/**
 * Which other part would help a limit of the brief that is not kept?
 *
 * Each part of the catalogue takes the place of that of its kind, in thought, and everything is worked out anew. What
 * blocks something that did not block before, or lets another limit stand worse, is no help.
 *
 * @returns at most `most`: those that keep the limit first, the cheapest first of these, then those that gain the most
 */
export function helpfulParts(
  design: Design,
  limitId: LimitId,
  parts: readonly CataloguePart[],
  most = 4,
): HelpfulPart[] {
  const evaluator = new Evaluator()
  const now = evaluator.evaluate(design)
  const limit = now.limits.find(({ id }) => id === limitId)
  if (!limit?.has || limit.status === 'kept') return []
  return triedParts(design, parts)
    .flatMap((part): HelpfulPart[] => {
      const edit = swapEdit(design, part)
      const changed = edit ? applyEdit(design, edit) : design
      if (!edit || changed === design) return []
      const then = evaluator.evaluate(changed)
      const after = then.limits.find(({ id }) => id === limitId)
      if (!after || !helps(limit, after) || doesHarm(now, then)) return []
      return [
        {
          slug: part.slug,
          kind: part.sheet.kind,
          limit: after,
          costMinor: costOf(now, then),
          yearMinor: yearOf(now, then),
          edit,
        },
      ]
    })
    .toSorted(
      (one, other) =>
        RANK[one.limit.status] - RANK[other.limit.status] ||
        (one.limit.status === 'kept'
          ? (one.costMinor ?? Infinity) - (other.costMinor ?? Infinity)
          : distance(one.limit) - distance(other.limit)),
    )
    .slice(0, most)
}

/** How far the figure is from what is wanted; negative beyond it. */
function distance({ has, bound }: Pick<JudgedLimit, 'has' | 'bound'>): number {
  if (!has) return Infinity
  return 'most' in bound ? has.likely - bound.most : bound.least - has.likely
}

function helps(before: AnyJudgedLimit, after: AnyJudgedLimit): boolean {
  if (RANK[after.status] < RANK[before.status]) return true
  if (RANK[after.status] > RANK[before.status]) return false
  const wanted = 'most' in before.bound ? before.bound.most : before.bound.least
  return distance(before) - distance(after) > WORTH_WHILE * wanted
}
