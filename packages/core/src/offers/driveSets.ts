import { cataloguedPart } from '../catalogue/cataloguedPart'
import { type DriveSheet, goesIntoBay } from '../catalogue/kinds/drive'
import type { CataloguePart } from '../catalogue/partKinds'
import { wantedBytes } from '../design/brief'
import type { Design, FittedPart } from '../design/design'
import type { FamilyName } from '../design/pools/pools'
import { applyEdit, type Edit, type SingleEdit } from '../design/edits/edit'
import { snapshotOf } from '../design/edits/snapshots'
import type { BayId } from '../machine/bays'
import type { Machine } from '../machine/machine'
import { resolveMachine } from '../machine/resolveMachine'
import { spreadDrives } from '../machine/spreadDrives'
import { familyOf } from '../pool/families'
import { poolFigure } from '../pool/designCapacity'
import type { Layout } from '../pool/layoutFamily'
import { partCost } from './partCost'

type Model<Part extends CataloguePart> = Part & { sheet: DriveSheet }

/** So many drives of one model and what they are laid out as, for an empty front or in place of what is there. */
export interface DriveSet<Part extends CataloguePart = CataloguePart> {
  part: Model<Part>
  drives: number
  /** "double parity, 6 wide", and the family's own words for it. */
  title: string
  nativeName: string
  workingBytes: number
  alwaysSurvived: number
  /** How much less than the brief asks for; 0 for a set that is enough. */
  shortBytes: number
  /** To buy, with shipping; null when it is not known. */
  costMinor: number | null
  /** All drives of it together, idle; null when no data sheet gives it. */
  idleWatts: number | null
  bays: BayId[]
  family: FamilyName
  layoutId: string
}

/** What a brief that says nothing of failures is taken to want. Common practice, no source. */
const FAILURES_OFTEN_WANTED = 1

/** Models that are looked at: the catalogue may hold many thousands, and beyond these only dearer ones come. */
const MOST_MODELS = 200

/**
 * Which drives of one model would hold what the brief asks for?
 *
 * Of each model the fewest drives that are enough are told, in the layout of a family that gives the most space; bays
 * that are to stay free do. Sets that are enough come first, the cheapest first of these, those without a price
 * last; sets that fall short follow, the largest first.
 *
 * @returns at most `most`, of different models; empty without bays
 */
export function driveSets<Part extends CataloguePart>(
  design: Pick<Design, 'brief' | 'houseRules'>,
  machine: Machine,
  parts: readonly Part[],
  { family = 'zfs', most = 5 }: { family?: FamilyName; most?: number } = {},
): DriveSet<Part>[] {
  const wanted = wantedBytes(design.brief)
  const failures = design.brief.failuresWanted ?? FAILURES_OFTEN_WANTED
  const models = parts
    .filter((part): part is Model<Part> => part.sheet.kind === 'drive' && goesIntoBay(part.sheet))
    .toSorted((one, other) => bytePrice(one) - bytePrice(other))
    .slice(0, MOST_MODELS)
  const found = models.flatMap(
    (part) => setOf(design, machine, part, { wanted, failures, family }) ?? [],
  )
  const cost = ({ costMinor }: DriveSet<Part>): number => costMinor ?? Infinity
  return found
    .toSorted(
      (one, other) =>
        one.shortBytes - other.shortBytes ||
        cost(one) - cost(other) ||
        other.workingBytes - one.workingBytes,
    )
    .slice(0, most)
}

const bytePrice = ({ sheet, price }: CataloguePart & { sheet: DriveSheet }): number =>
  (price?.unitMinor ?? Infinity) / sheet.capacityBytes

/** What a set is to hold and to survive, and how it is laid out. */
interface Asked {
  wanted: number
  failures: number
  family: FamilyName
}

/** The smallest set of a model that is enough, or the largest there is room for; null when none can be made. */
function setOf<Part extends CataloguePart>(
  design: Pick<Design, 'brief' | 'houseRules'>,
  machine: Machine,
  part: Model<Part>,
  { wanted, failures, family }: Asked,
): DriveSet<Part> | null {
  const { sheet } = part
  const fitting = machine.bays.filter(
    ({ formFactor }) => formFactor === sheet.formFactor || formFactor === '3.5',
  )
  const room = Math.max(0, fitting.length - design.brief.freeBaysWanted)
  const { fillCeiling, snapshotReserve, compressionRatio } = design.houseRules
  const share = (fillCeiling - snapshotReserve) * compressionRatio
  const fewest = Math.ceil(wanted / (sheet.capacityBytes * share))
  let largest: DriveSet<Part> | null = null
  for (let drives = Math.max(1, Math.min(fewest, room)); drives <= room; drives += 1) {
    const best = bestLayout(design, sheet.capacityBytes, drives, { failures, family })
    if (!best) continue
    const { layout, workingBytes, alwaysSurvived } = best
    largest = {
      part,
      drives,
      title: layout.title,
      nativeName: layout.nativeName,
      family,
      layoutId: layout.id,
      workingBytes,
      alwaysSurvived,
      shortBytes: Math.max(0, wanted - workingBytes),
      costMinor: partCost(part, drives, design.brief.currency, part.ownedPieces),
      idleWatts: sheet.idleWatts === null ? null : drives * sheet.idleWatts,
      bays: fitting.slice(0, drives).map(({ id }) => id),
    }
    if (workingBytes >= wanted) break
  }
  return largest
}

/** Of layouts with nearly the same space, the one that answers more reads at a time is better: a pair is a mirror. */
const SAME_SPACE = 0.98

/** The usual layout of equal drives with the most space that survives so many failures of any of them. */
function bestLayout(
  { houseRules }: Pick<Design, 'houseRules'>,
  capacityBytes: number,
  drives: number,
  { failures, family: name }: Pick<Asked, 'failures' | 'family'>,
): (Pick<DriveSet, 'workingBytes' | 'alwaysSurvived'> & { layout: Layout }) | null {
  const sized = Array.from({ length: drives }, (_, at) => ({
    id: `drive-${at + 1}`,
    capacityBytes,
  }))
  const family = familyOf({ family: name })
  const bytesOf = new Map(sized.map(({ id }) => [id, capacityBytes]))
  const possible = family.layouts(sized).flatMap((layout) => {
    if (!layout.usual || !layout.pool) return []
    const alwaysSurvived = Math.min(
      ...family.failureGroups(layout.pool).map(({ tolerates }) => tolerates),
    )
    if (alwaysSurvived < failures) return []
    const { workingBytes } = poolFigure(layout.pool, bytesOf, houseRules)
    const { randomDrives } = family.traits(layout.pool)
    return workingBytes > 0 ? [{ layout, workingBytes, alwaysSurvived, randomDrives }] : []
  })
  const most = Math.max(...possible.map(({ workingBytes }) => workingBytes))
  return (
    possible
      .filter(({ workingBytes }) => workingBytes >= most * SAME_SPACE)
      .toSorted((one, other) => other.randomDrives - one.randomDrives)[0] ?? null
  )
}

/** The drives in bays that are of a model and neither away nor being rebuilt, the owned ones first. */
function soundDrivesOf(design: Design, model: CataloguePart): FittedPart[] {
  const sheetId = snapshotOf(design, model)?.id
  return design.fitted
    .filter(
      ({ bay, snapshotId, away, rebuilding }) =>
        bay !== null && snapshotId === sheetId && away === null && !rebuilding,
    )
    .toSorted((one, other) => Number(other.owned) - Number(one.owned))
}

/**
 * Puts a set in and lays it out, in place of the drives in the bays; those of its model that are sound stay where
 * they are, the owned ones first. Worked out only for a set that is looked at.
 */
export function driveSetEdit(
  design: Design,
  { part: model, bays, family, layoutId }: DriveSet,
): Edit {
  const before = design.fitted.filter(({ bay }) => bay !== null)
  const kept = soundDrivesOf(design, model).slice(0, bays.length)
  const gone = before.filter((piece) => !kept.includes(piece)).map(({ id }) => id)
  const taken = new Set(kept.map(({ bay }) => bay))
  const free = bays.filter((bay) => !taken.has(bay)).slice(0, bays.length - kept.length)
  const put: SingleEdit[] = [
    ...(gone.length > 0 ? [{ do: 'remove' as const, partIds: gone }] : []),
    ...(free.length > 0
      ? [{ do: 'put-drives' as const, model: cataloguedPart(model), bays: free }]
      : []),
  ]
  const filled = put.reduce<Design>(applyEdit, design)
  const machine = resolveMachine(filled)
  const { capacityBytes } = model.sheet
  const drives = filled.fitted
    .filter(({ bay }) => bay !== null)
    .map(({ id }) => ({ id, capacityBytes }))
  const layout = familyOf({ family })
    .layouts(spreadDrives(drives, machine))
    .find(({ id }) => id === layoutId)
  const laid: SingleEdit[] = layout?.pool ? [{ do: 'lay-out', pool: layout.pool }] : []
  return {
    do: 'several',
    what: `put in ${bays.length} × ${model.sheet.model} and lay them out`,
    edits: [...put, ...laid],
  }
}
