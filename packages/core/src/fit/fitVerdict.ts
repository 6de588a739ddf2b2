import type { CataloguePart, PartKind } from '../catalogue/partKinds'
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

/** Findings about fit that the design already has, as `evaluate` gave them. */
function fitFindings(findings: readonly Finding[]): Finding[] {
  return findings.filter(({ step }) => FIT_STEPS.has(step))
}

/**
 * Would this part fit the design, and what stands in the way?
 *
 * Judged by the design's own rules: the part is put in, and what is found then about the new piece
 * decides. What blocks means "does not fit", unless a part of a later step is in the way, which can be
 * changed; that, a risk, or something not known, means "fits with changes".
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
  const kinds = kindsOfPieces(after)
  const own = rank(candidate.sheet.kind)
  const blocking = about.filter(({ severity }) => severity === 'blocks')
  // What was chosen in an earlier step stands; what belongs to a later one can be changed for this part.
  const inTheWay = blocking.find(
    ({ partIds }) => !partIds.some((id) => rank(kinds.get(id) ?? 'place') > own),
  )
  if (inTheWay) return { verdict: 'does not fit', reason: inTheWay.sentence }
  const [later] = blocking
  if (later) {
    const other = later.partIds
      .map((id) => kinds.get(id))
      .find((kind) => kind && kind !== candidate.sheet.kind)
    return {
      verdict: 'fits with changes',
      reason: `Wants another ${other === 'cpu' ? 'CPU' : (other ?? 'part')}. ${later.sentence}`,
    }
  }
  const doubt =
    about.find(({ severity }) => severity === 'risks') ??
    about.find(({ code }) => code.endsWith('-not-known'))
  if (doubt) return { verdict: 'fits with changes', reason: doubt.sentence }
  return { verdict: 'fits', reason: about[0]?.sentence ?? '' }
}

function kindsOfPieces({ fitted, snapshots }: DesignDocument): Map<string, PartKind> {
  const ofSheet = new Map(snapshots.map(({ id, sheet }) => [id, sheet.kind]))
  return new Map(
    fitted.flatMap(({ id, snapshotId }) => {
      const kind = ofSheet.get(snapshotId)
      return kind ? [[id, kind]] : []
    }),
  )
}
