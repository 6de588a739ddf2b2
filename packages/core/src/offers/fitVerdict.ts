import { type CataloguePart, type PartKind, partKinds } from '../catalogue/partKinds'
import type { Design } from '../design/design'
import { fitPart } from '../design/edits/fitPart'
import { evaluate } from '../evaluate'
import type { Finding } from '../judging/finding'
import type { Machine } from '../machine/machine'
import { resolveMachine } from '../machine/resolveMachine'

export type Verdict = 'fits' | 'fits with changes' | 'does not fit'

export interface FitVerdict {
  verdict: Verdict
  /** The finding that decides, as one sentence; empty when there is nothing to say. */
  reason: string
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
const FIT_STEPS: ReadonlySet<Finding['step']> = new Set(['shell', 'core'])

/**
 * Would each of these parts fit the design, and what stands in the way?
 *
 * Judged by the design's own rules: the part is put in, and two things decide: what is found about the new piece,
 * and what blocks anywhere in the design that did not before, as drives that lie on the bench because the case has
 * fewer bays. What blocks means "does not fit", unless a part of a later step is in the way, which can be
 * changed; that, a risk, or something not known, means "fits with changes".
 * A note on what is merely worth knowing does not count.
 *
 * @param locale the digits in which the reason writes its numbers
 */
export function fitVerdicts<Candidate extends CataloguePart>(
  design: Design,
  candidates: readonly Candidate[],
  locale = 'en',
): (FitVerdict & { part: Candidate })[] {
  const machine = resolveMachine(design)
  const before = blocksIn(evaluate(design, locale, machine).findings)
  const known = new Set(before.map(keyOf))
  return candidates.map((part) => {
    return { part, ...verdictOn(design, machine, known, part, locale) }
  })
}

/**
 * The same for one part.
 * @example fitVerdict(shelf, tallCooler).verdict // 'does not fit'
 */
export function fitVerdict(design: Design, candidate: CataloguePart, locale = 'en'): FitVerdict {
  const [{ verdict, reason } = { verdict: 'fits', reason: '' } as const] = fitVerdicts(
    design,
    [candidate],
    locale,
  )
  return { verdict, reason }
}

const blocksIn = (findings: readonly Finding[]): Finding[] =>
  findings.filter(({ severity, partIds }) => severity === 'blocks' && partIds.length > 0)

const keyOf = ({ code, sentence }: Finding): string => `${code} ${sentence}`

function verdictOn(
  design: Design,
  machine: Machine,
  before: ReadonlySet<string>,
  candidate: CataloguePart,
  locale: string,
): FitVerdict {
  const after = fitPart(design, candidate)
  const then = resolveMachine(after, machine)
  const { findings } = evaluate(after, locale, then)
  const snapshot = after.snapshots.find(
    ({ slug, catalogueVersion }) =>
      slug === candidate.slug && catalogueVersion === candidate.version,
  )
  const pieceId = after.fitted.findLast(({ snapshotId }) => snapshotId === snapshot?.id)?.id
  const about = findings.filter(
    ({ step, partIds }) =>
      FIT_STEPS.has(step) && pieceId !== undefined && partIds.includes(pieceId),
  )
  const caused = blocksIn(findings).filter((finding) => !before.has(keyOf(finding)))
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
  if (inTheWay) return { verdict: 'does not fit', reason: inTheWay.sentence }
  const [later] = blocking
  if (later) {
    const other = later.partIds.filter(givesWay).map(kindOfPiece).find(Boolean)
    const needed = other ? `Needs another ${partKinds[other].words.one}. ` : ''
    return { verdict: 'fits with changes', reason: `${needed}${later.sentence}` }
  }
  const doubt =
    about.find(({ severity }) => severity === 'risks') ??
    about.find(({ code }) => code.endsWith('-not-known'))
  if (doubt) return { verdict: 'fits with changes', reason: doubt.sentence }
  return { verdict: 'fits', reason: about[0]?.sentence ?? '' }
}
