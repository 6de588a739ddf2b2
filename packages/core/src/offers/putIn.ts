import type { CataloguePart, PartKind } from '../catalogue/partKinds'
import type { Design } from '../design/design'
import { applyEdit, type Edit, type SingleEdit } from '../design/edits/edit'
import type { Evaluation, Evaluator } from '../evaluate'
import type { AnyJudgedLimit, LimitId } from '../limits/limits'
import type { Machine } from '../machine/machine'
import { cutText } from '../units/cutText'
import { type DriveSet, driveSetEdit, driveSets } from './driveSets'
import { bringsRisk, costOf, doesHarm, swapEdit, triedParts, yearOf } from './partSwap'

/** What a change puts in. */
export interface PutIn {
  slug: string
  kind: PartKind
  /** For a set of drives that is laid out anew: how many, and as what. */
  set: Pick<DriveSet, 'drives' | 'title'> | null
}

/** Something to put in, wherever the design has come to. */
export interface Candidate {
  putIn: PutIn
  /** "2 × Tarn 16", for the label of an edit. */
  name: string
  editOf: (design: Design) => Edit | null
}

/** Parts of the catalogue in the place of what is there, and how a limit would stand then. */
export interface HelpfulChange {
  /** One, or several that help together. */
  putIn: PutIn[]
  limit: AnyJudgedLimit
  /** What the whole design costs more, in minor units; less than 0 when it saves. Null where a price is missing. */
  costMinor: number | null
  /** What the power of a year costs more, in minor units; less than 0 when it saves. Null where that is not known. */
  yearMinor: number | null
  /** Whether it brings a risk that is none now. */
  isRiskier: boolean
  edit: Edit
}

/** What is asked of a change: that this limit stands better than now, and nothing else worse. */
export interface Asked {
  now: Evaluation
  limitId: LimitId
  evaluator: Evaluator
}

/** As much as an edit takes of what it is called, characters. */
const LONGEST_WHAT = 200

/** Sets of drives that are tried, each of another model. */
const MOST_SETS = 12

/** Each part of the catalogue in the place of that of its kind. */
export function singleParts(design: Design, parts: readonly CataloguePart[]): Candidate[] {
  return triedParts(design, parts).map((part) => ({
    putIn: { slug: part.slug, kind: part.sheet.kind, set: null },
    name: part.sheet.model,
    editOf: (before) => swapEdit(before, part),
  }))
}

/**
 * Sets of drives that hold what the brief asks for, in the place of all drives in bays. A design with several pools
 * has no use for one.
 */
export function setsInPlace(
  design: Design,
  machine: Machine,
  parts: readonly CataloguePart[],
): Candidate[] {
  if (design.pools.length > 1) return []
  const family = design.pools[0]?.family
  return driveSets(design, machine, parts, { ...(family && { family }), most: MOST_SETS }).map(
    (set): Candidate => ({
      putIn: {
        slug: set.part.slug,
        kind: 'drive',
        set: { drives: set.drives, title: set.title },
      },
      name: `${set.drives} × ${set.part.sheet.model}`,
      editOf: (before) => driveSetEdit(before, set),
    }),
  )
}

/** What becomes of a design with these in it; null where one does not go in, or where they do harm. */
export function putIntoDesign(
  design: Design,
  candidates: readonly Candidate[],
  { now, limitId, evaluator }: Asked,
): HelpfulChange | null {
  const edits: Edit[] = []
  let changed = design
  for (const { editOf } of candidates) {
    const edit = editOf(changed)
    const next = edit ? applyEdit(changed, edit) : changed
    if (!edit || next === changed) return null
    edits.push(edit)
    changed = next
  }
  const then = evaluator.evaluate(changed)
  const limit = then.limits.find(({ id }) => id === limitId)
  if (!limit || doesHarm(now, then)) return null
  return {
    putIn: candidates.map(({ putIn }) => putIn),
    limit,
    costMinor: costOf(now, then),
    yearMinor: yearOf(now, then),
    isRiskier: bringsRisk(now, then),
    edit: asOne(edits, candidates),
  }
}

/** Several edits as one step. */
function asOne(edits: readonly Edit[], candidates: readonly Candidate[]): Edit {
  const [first] = edits
  if (first && edits.length === 1) return first
  return {
    do: 'several',
    what: cutText(`put in ${candidates.map(({ name }) => name).join(' and ')}`, LONGEST_WHAT),
    edits: edits.flatMap((edit): SingleEdit[] => (edit.do === 'several' ? edit.edits : [edit])),
  }
}
