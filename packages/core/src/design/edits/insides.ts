import { holdsForEver, insidesOf } from '../../catalogue/insides'
import { partKinds, type PartSheet } from '../../catalogue/partKinds'
import type { Design, FittedPart, PartSnapshot } from '../design'
import { sameValue } from '../sameValue'
import { newPiece } from './newPiece'
import { nextId } from './nextId'
import { withoutServicesOn } from './changeServices'
import { withoutPinsOn } from './pinPaths'

/**
 * Adds what comes with pieces that have just been added or changed.
 *
 * Of what a machine has once, that takes the place of what was there: a machine sold whole brings its own board.
 * Memory comes beside the modules that are there.
 */
export function withInsides(design: Design, pieceIds: readonly string[]): Design {
  return pieceIds.reduce((before, pieceId) => {
    const piece = before.fitted.find(({ id }) => id === pieceId)
    const sheet = piece && sheetOf(before, piece)
    return piece && sheet ? bring(before, piece, insidesOf(sheet)) : before
  }, design)
}

function bring(design: Design, outer: FittedPart, insides: readonly PartSheet[]): Design {
  if (insides.length === 0) return design
  const once = new Set(
    insides.map(({ kind }) => kind).filter((kind) => partKinds[kind].count !== 'many'),
  )
  const replaced = design.fitted.flatMap((piece) => {
    const kind = sheetOf(design, piece)?.kind
    return piece.id !== outer.id && kind && once.has(kind) ? [piece.id] : []
  })
  let after = withoutPieces(design, [...replaced, ...idsWithin(design, replaced)])
  const added: string[] = []
  for (const sheet of insides) {
    const snapshot = snapshotOf(after, sheet)
    const id = nextId(
      sheet.kind,
      after.fitted.map((piece) => piece.id),
    )
    const piece = newPiece(id, snapshot.id, { owned: outer.owned, within: outer.id })
    const snapshots = after.snapshots.includes(snapshot)
      ? after.snapshots
      : [...after.snapshots, snapshot]
    after = { ...after, snapshots, fitted: [...after.fitted, piece] }
    added.push(id)
  }
  return withInsides(after, added)
}

/** A data sheet as the design's own; one that says the same is used again. */
function snapshotOf({ snapshots }: Design, sheet: PartSheet): PartSnapshot {
  const there = snapshots.find((one) => one.slug === null && sameValue(one.sheet, sheet))
  const id = nextId(
    'sheet',
    snapshots.map((one) => one.id),
  )
  // What comes with a piece was paid with that piece.
  return there ?? { id, slug: null, catalogueVersion: 0, sheet, price: null }
}

/** Pieces that came in these, and in those again. */
export function idsWithin(
  { fitted }: Pick<Design, 'fitted'>,
  pieceIds: readonly string[],
): string[] {
  const found = new Set(pieceIds)
  let size = -1
  while (size < found.size) {
    size = found.size
    for (const { id, within } of fitted) if (within !== null && found.has(within)) found.add(id)
  }
  return [...found].filter((id) => !pieceIds.includes(id))
}

/** Whether a piece stays on what it came with for ever. */
export function isSoldered(
  design: Pick<Design, 'fitted' | 'snapshots'>,
  { within }: Pick<FittedPart, 'within'>,
): boolean {
  const outer = within === null ? undefined : design.fitted.find(({ id }) => id === within)
  const sheet = outer && sheetOf(design, outer)
  return sheet !== undefined && holdsForEver(sheet)
}

/** Takes pieces out and lets go of what was fixed about them and of what they did; their data sheets stay. */
export function withoutPieces(design: Design, pieceIds: readonly string[]): Design {
  if (pieceIds.length === 0) return design
  const gone = new Set(pieceIds)
  return {
    ...withoutServicesOn(withoutPinsOn(design, gone), gone),
    fitted: design.fitted.filter(({ id }) => !gone.has(id)),
    bench: {
      ...design.bench,
      burnIns: design.bench.burnIns.filter(({ pieceId }) => !gone.has(pieceId)),
      instead: design.bench.instead.filter(({ pieceId }) => !gone.has(pieceId)),
    },
  }
}

function sheetOf(
  { snapshots }: Pick<Design, 'snapshots'>,
  { snapshotId }: FittedPart,
): PartSheet | undefined {
  return snapshots.find(({ id }) => id === snapshotId)?.sheet
}
