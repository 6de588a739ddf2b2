import { cataloguedPart } from '../catalogue/cataloguedPart'
import { goesIntoBay } from '../catalogue/kinds/drive'
import type { CataloguePart, PartKind } from '../catalogue/partKinds'
import type { Design } from '../design/design'
import { applyEdit, type Edit } from '../design/edits/edit'
import { fittedWithSheets } from '../design/fittedParts'
import { type Evaluation, Evaluator } from '../evaluate'
import type { JudgedLimit } from '../judging/judgedLimit'
import type { LimitStatus } from '../judging/statusOf'
import type { AnyJudgedLimit, LimitId } from '../limits/limits'

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

/** The catalogue may hold many thousands; so many are tried, the first of each kind that the design has. */
const MOST_TRIED = 400

const RANK: Record<LimitStatus, number> = {
  kept: 0,
  'may be missed': 1,
  'not known': 2,
  missed: 3,
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

/** What of a catalogue is tried: parts of kinds of which the design has something, so many at most. */
export function triedParts<Part extends CataloguePart>(
  design: Design,
  parts: readonly Part[],
): Part[] {
  return tryableParts(design, parts).slice(0, MOST_TRIED)
}

/** What of a catalogue could be tried, if there were time for all of it. */
export function tryableParts<Part extends CataloguePart>(
  design: Design,
  parts: readonly Part[],
): Part[] {
  const present = new Set(fittedWithSheets(design).map(({ sheet }) => sheet.kind))
  return parts.filter(({ sheet }) => present.has(sheet.kind))
}

/** The part in place of what is there: a drive in every bay that holds one, anything else as it is chosen. */
function swapEdit(design: Design, part: CataloguePart): Edit | null {
  const { sheet } = part
  if (sheet.kind !== 'drive') return { do: 'fit', part: cataloguedPart(part), beside: false }
  if (!goesIntoBay(sheet)) return null
  const bays = design.fitted.flatMap(({ bay }) => bay ?? [])
  return bays.length === 0 ? null : { do: 'put-drives', model: cataloguedPart(part), bays }
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

function doesHarm(before: Evaluation, after: Evaluation): boolean {
  const blocks = ({ findings }: Evaluation): number =>
    findings.filter(({ severity }) => severity === 'blocks').length
  return (
    blocks(after) > blocks(before) ||
    after.stillToChoose.length > before.stillToChoose.length ||
    after.limits.some(({ id, status }) => {
      const was = before.limits.find((one) => one.id === id)?.status
      return was !== undefined && RANK[status] > RANK[was]
    })
  )
}

function costOf(before: Evaluation, after: Evaluation): number | null {
  const [was, becomes] = [before.cost.total, after.cost.total]
  return becomes.missing.length > was.missing.length ? null : becomes.likely - was.likely
}

function yearOf(before: Evaluation, after: Evaluation): number | null {
  const [was, becomes] = [before.power.costPerYear, after.power.costPerYear]
  if (!was || !becomes || becomes.missing.length > was.missing.length) return null
  return becomes.likely - was.likely
}
