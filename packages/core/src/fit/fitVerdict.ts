import type { CataloguePart } from '../catalogue/partKinds'
import type { DesignDocument } from '../design/document'
import { fitPart } from '../design/edits/fitPart'
import { evaluate } from '../evaluate'
import type { Finding } from '../findings/finding'

export type Verdict = 'fits' | 'fits with changes' | 'does not fit'

export interface FitVerdict {
  verdict: Verdict
  /** The finding that decides, as one sentence; empty when there is nothing to say. */
  reason: string
}

/** Findings of these steps are about whether parts fit each other; the rest is about other things. */
const FIT_STEPS: ReadonlySet<Finding['step']> = new Set(['shell', 'core'])

/** Findings about fit that the design already has, as `evaluate` gave them. */
function fitFindings(findings: readonly Finding[]): Finding[] {
  return findings.filter(({ step }) => FIT_STEPS.has(step))
}

/**
 * Would this part fit the design, and what stands in the way?
 *
 * Judged by the design's own rules: the part is put in, and what is found then about the new piece
 * decides. What blocks means "does not fit"; a risk, or something not known, means "fits with changes".
 * A note on what is merely worth knowing does not count.
 *
 * @param locale the digits in which the reason writes its numbers
 * @example fitVerdict(shelf, tallCooler).verdict // 'does not fit'
 */
export function fitVerdict(
  document: DesignDocument,
  candidate: CataloguePart,
  locale = 'en',
): FitVerdict {
  const after = fitPart(document, candidate)
  const snapshot = after.snapshots.find(
    ({ slug, catalogueVersion }) =>
      slug === candidate.slug && catalogueVersion === candidate.version,
  )
  const piece = after.fitted.findLast(({ snapshotId }) => snapshotId === snapshot?.id)
  const about = fitFindings(evaluate(after, locale).findings).filter(
    ({ partIds }) => piece !== undefined && partIds.includes(piece.id),
  )
  const [worst] = about
  if (worst?.severity === 'blocks') return { verdict: 'does not fit', reason: worst.sentence }
  const doubt =
    about.find(({ severity }) => severity === 'risks') ??
    about.find(({ code }) => code.endsWith('-not-known'))
  if (doubt) return { verdict: 'fits with changes', reason: doubt.sentence }
  return { verdict: 'fits', reason: worst?.sentence ?? '' }
}
