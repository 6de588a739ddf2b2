import { type CataloguePart, type PartKind, partKinds } from '../catalogue/partKinds'
import type { Design } from '../design/design'
import { fitPart } from '../design/edits/fitPart'
import { snapshotOf } from '../design/edits/snapshots'
import { sameValue } from '../design/sameValue'
import { type Evaluation, Evaluator } from '../evaluate'
import { findingWords } from '../findings/findingWords'
import type { AnyFinding } from '../findings/rules'
import { wordsFor } from '../judging/words'
import type { Machine } from '../machine/machine'
import { resolveMachine } from '../machine/resolveMachine'
import type { Formatter } from '../units/formatter'

export type Verdict = 'fits' | 'fits with changes' | 'does not fit'

export interface FitVerdict {
  verdict: Verdict
  /** The finding that decides; null when there is nothing to say. */
  reason: AnyFinding | null
  /** The kind of a later step that another of must be chosen, when that makes it fit. */
  needsAnother: PartKind | null
  /** The design with the part in it, which the finding is about. */
  design: Design
  /** Power and money of that design. */
  figures: Pick<Evaluation, 'power' | 'cost'>
}

/** The order in which builders choose: what comes later gives way to what came before. */
const ORDER: readonly PartKind[] = [
  'place',
  'chassis',
  'cage',
  'board',
  'cpu',
  'cooler',
  'memory',
  'supply',
]

/** Place in that order; everything that is not in it comes last. */
const rank = (kind: PartKind): number => {
  const at = ORDER.indexOf(kind)
  return at === -1 ? ORDER.length : at
}

/** Findings of these steps are about whether parts fit each other; the rest is about other things. */
const FIT_STEPS: ReadonlySet<AnyFinding['step']> = new Set(['shell', 'core', 'heat'])

/**
 * Would each of these parts fit the design, and what stands in the way?
 *
 * Judged by the design's own rules: the part is put in, and two things decide: what is found about the new piece,
 * and what blocks anywhere in the design that did not before, as drives that lie on the bench because the case has
 * fewer bays. What blocks means "does not fit", unless a part of a later step is in the way, which can be
 * changed; that, a risk, or something not known, means "fits with changes".
 * A note on what is merely worth knowing does not count.
 *
 */
export function fitVerdicts<Candidate extends CataloguePart>(
  design: Design,
  candidates: readonly Candidate[],
): (FitVerdict & { part: Candidate })[] {
  const evaluator = new Evaluator()
  const machine = resolveMachine(design)
  const known = blocksIn(evaluator.evaluate(design, machine).findings)
  return candidates.map((part) => {
    return { part, ...verdictOn(design, machine, known, part, evaluator) }
  })
}

/**
 * The same for one part.
 * A cooler that is taller than its clearance gives 'does not fit'.
 */
export function fitVerdict(design: Design, candidate: CataloguePart): FitVerdict {
  const [judged] = fitVerdicts(design, [candidate])
  if (!judged) throw new Error('Every candidate gets a verdict.')
  return judged
}

/**
 * Why, as one sentence; empty when there is nothing to say.
 * For example "The cooler is 66 mm tall and touches the cover".
 */
export function reasonText(
  { reason, needsAnother, design }: FitVerdict,
  format: Formatter,
): string {
  if (!reason) return ''
  const { sentence } = findingWords(reason, wordsFor(design, format))
  return needsAnother ? `Needs another ${partKinds[needsAnother].words.one}. ${sentence}` : sentence
}

const blocksIn = (findings: readonly AnyFinding[]): AnyFinding[] =>
  findings.filter(({ severity, partIds }) => severity === 'blocks' && partIds.length > 0)

function verdictOn(
  design: Design,
  machine: Machine,
  before: readonly AnyFinding[],
  candidate: CataloguePart,
  evaluator: Evaluator,
): FitVerdict {
  const after = fitPart(design, candidate)
  const then = resolveMachine(after, machine)
  const { findings, power, cost } = evaluator.evaluate(after, then)
  const snapshot = snapshotOf(after, candidate)
  const pieceId = after.fitted.findLast(({ snapshotId }) => snapshotId === snapshot?.id)?.id
  const about = findings.filter(
    ({ step, partIds }) =>
      FIT_STEPS.has(step) && pieceId !== undefined && partIds.includes(pieceId),
  )
  const caused = blocksIn(findings).filter(
    ({ code, facts }) => !before.some((one) => one.code === code && sameValue(one.facts, facts)),
  )
  const blocking = [...new Set([...blocksIn(about), ...caused])]
  const kindOfPiece = (id: string): PartKind | undefined => then.pieces.get(id)?.kind
  const own = rank(candidate.sheet.kind)
  // What was chosen in an earlier step stands, and drives do, whose data the machine is for; what else belongs to
  // a later step can be changed for this part.
  const givesWay = (id: string): boolean => {
    const kind = kindOfPiece(id)
    return kind !== undefined && kind !== 'drive' && rank(kind) > own
  }
  const inTheWay = blocking.find(({ partIds }) => !partIds.some(givesWay))
  const base = { needsAnother: null, design: after, figures: { power, cost } }
  if (inTheWay) return { ...base, verdict: 'does not fit', reason: inTheWay }
  const [later] = blocking
  if (later) {
    const needsAnother = later.partIds.filter(givesWay).map(kindOfPiece).find(Boolean) ?? null
    return { ...base, verdict: 'fits with changes', reason: later, needsAnother }
  }
  const doubt =
    about.find(({ severity }) => severity === 'risks') ??
    about.find(({ code }) => code.endsWith('-not-known'))
  if (doubt) return { ...base, verdict: 'fits with changes', reason: doubt }
  return { ...base, verdict: 'fits', reason: about[0] ?? null }
}
