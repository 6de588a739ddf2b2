import type { CataloguePart } from '../catalogue/partKinds'
import type { Design } from '../design/design'
import { Evaluator } from '../evaluate'
import type { JudgedLimit } from '../judging/judgedLimit'
import type { AnyJudgedLimit, LimitId } from '../limits/limits'
import { RANK } from './partSwap'
import {
  type Asked,
  type Candidate,
  type HelpfulChange,
  putIntoDesign,
  setsInPlace,
  singleParts,
} from './putIn'

/** A gain smaller than this share of the limit is not worth a screwdriver. */
const WORTH_WHILE = 0.01

/** Changes that are tried together, those that help most, and how many of them go together at most. */
const MOST_COMBINED = 12
const MOST_TOGETHER = 3

/**
 * What would help a limit of the brief that is not kept?
 *
 * Each part of the catalogue takes the place of that of its kind, in thought, and sets of drives that hold what the
 * brief asks for take that of all drives; everything is worked out anew. Where none of these keeps the limit, those
 * that help most are put together, as long as each of them still helps. What blocks something that did not block
 * before, or lets another limit stand worse, is no help.
 *
 * @returns at most `most`: those that keep the limit first, the cheapest first of these, then those that gain the most
 */
export function helpfulChanges(
  design: Design,
  limitId: LimitId,
  parts: readonly CataloguePart[],
  most = 4,
): HelpfulChange[] {
  const evaluator = new Evaluator()
  const machine = evaluator.machineOf(design)
  const now = evaluator.evaluate(design, machine)
  const limit = now.limits.find(({ id }) => id === limitId)
  if (!limit?.has || limit.status === 'kept') return []
  const asked: Asked = { now, limitId, evaluator }
  const helpful = [...singleParts(design, parts), ...setsInPlace(design, machine, parts)]
    .flatMap((candidate): Helpful[] => {
      const change = putIntoDesign(design, [candidate], asked)
      return change && helps(limit, change.limit) ? [{ candidate, change }] : []
    })
    .toSorted((one, other) => inOrderOfHelp(one.change, other.change))
  const [best] = helpful
  const together =
    best && best.change.limit.status !== 'kept' ? helpTogether(design, helpful, asked) : []
  return [...together, ...helpful.map(({ change }) => change)]
    .toSorted(inOrderOfHelp)
    .slice(0, most)
}

interface Helpful {
  candidate: Candidate
  change: HelpfulChange
}

/** What helps most beside what is put in already, again and again, until the limit is kept or nothing helps any more. */
function helpTogether(design: Design, helpful: readonly Helpful[], asked: Asked): HelpfulChange[] {
  const [first, ...others] = helpful.slice(0, MOST_COMBINED)
  if (!first) return []
  let [chosen, change] = [[first.candidate], first.change]
  while (change.limit.status !== 'kept' && chosen.length < MOST_TOGETHER) {
    const kinds = new Set(chosen.map(({ putIn }) => putIn.kind))
    const [next] = others
      .flatMap(({ candidate }): { chosen: Candidate[]; change: HelpfulChange }[] => {
        // A second part of a kind would take the place of the first.
        if (kinds.has(candidate.putIn.kind)) return []
        const more = putIntoDesign(design, [...chosen, candidate], asked)
        return more && helps(change.limit, more.limit)
          ? [{ chosen: [...chosen, candidate], change: more }]
          : []
      })
      .toSorted((one, other) => inOrderOfHelp(one.change, other.change))
    if (!next) break
    ;({ chosen, change } = next)
  }
  return chosen.length > 1 ? [change] : []
}

function inOrderOfHelp(one: HelpfulChange, other: HelpfulChange): number {
  return (
    RANK[one.limit.status] - RANK[other.limit.status] ||
    (one.limit.status === 'kept'
      ? (one.costMinor ?? Infinity) - (other.costMinor ?? Infinity)
      : distance(one.limit) - distance(other.limit))
  )
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
