import type { Design } from './design/design'
import { type Evaluation, Evaluator } from './evaluate'
import { isLack, type Severity } from './judging/finding'
import type { AnyJudgedLimit } from './limits/limits'
import { bayPlan, type BayUse } from './machine/bayPlan'
import { type Front, frontsExtent, frontsOfDesign } from './machine/fronts'

/** A rectangle on the front: left, top, width and height in millimetres. */
export type FrontBox = [leftMm: number, topMm: number, widthMm: number, heightMm: number]

/** The front of a design, enough of it for a small drawing. */
export interface SmallFront {
  widthMm: number
  heightMm: number
  fronts: Pick<Front, 'partId' | 'topMm' | 'widthMm' | 'heightMm'>[]
  /** Bays that look alike: empty, with a drive in no group, or with one of this group. */
  bays: { holds: 'nothing' | 'a free drive' | { groupIndex: number }; boxes: FrontBox[] }[]
}

/**
 * What a list shows of a design, so that no list has to evaluate: the ledger's figures as the evaluation has them,
 * and counts where the evaluation has lists.
 */
export interface DesignSummary {
  capacity: Pick<Evaluation['capacity'], 'workingBytes'>
  survival: Pick<Evaluation['survival'], 'alwaysSurvived'>
  /** The figure that the brief is about. */
  power: { wall: Evaluation['power']['shown'] }
  cost: Pick<Evaluation['cost'], 'total' | 'currency'>
  limits: Pick<AnyJudgedLimit, 'id' | 'status' | 'bound'>[]
  stillToChoose: Evaluation['stillToChoose']
  isDone: boolean
  /** Without what is only not known. */
  findings: { count: number; worst: Severity | null }
  front: SmallFront
  /** How many pieces of each part of the catalogue it has. */
  piecesBySlug: Record<string, number>
}

/**
 * What a list shows of a design.
 *
 * Pure: the same design always gives the same summary, and no design that `parseDesign` accepts makes it throw.
 *
 * @param evaluator one that has looked at this design before; it only saves work
 */
export function designSummary(design: Design, evaluator = new Evaluator()): DesignSummary {
  const machine = evaluator.machineOf(design)
  const { capacity, survival, power, cost, limits, findings, stillToChoose, isDone } =
    evaluator.evaluate(design, machine)
  const found = findings.filter((finding) => !isLack(finding))
  const fronts = frontsOfDesign(design)
  return {
    capacity: { workingBytes: capacity.workingBytes },
    survival: { alwaysSurvived: survival.alwaysSurvived },
    power: { wall: power.shown },
    cost: { total: cost.total, currency: cost.currency },
    limits: limits.map(({ id, status, bound }) => ({ id, status, bound })),
    stillToChoose,
    isDone,
    findings: { count: found.length, worst: found[0]?.severity ?? null },
    front: {
      ...frontsExtent(fronts),
      fronts: fronts.map(({ partId, topMm, widthMm, heightMm }) => ({
        partId,
        topMm,
        widthMm,
        heightMm,
      })),
      bays: fronts.length === 0 ? [] : alikeBays(bayPlan(machine, design).bays),
    },
    piecesBySlug: piecesBySlug(design),
  }
}

function alikeBays(uses: readonly BayUse[]): SmallFront['bays'] {
  const alike = new Map<number, SmallFront['bays'][number]>()
  for (const { bay, drive } of uses) {
    const groupIndex = drive?.member?.lettered.index
    const key = groupIndex ?? (drive ? -1 : -2)
    let bays = alike.get(key)
    if (!bays) {
      const holds = groupIndex === undefined ? (drive ? 'a free drive' : 'nothing') : { groupIndex }
      bays = { holds, boxes: [] }
      alike.set(key, bays)
    }
    bays.boxes.push([bay.leftMm, bay.topMm, bay.widthMm, bay.heightMm])
  }
  return [...alike.values()]
}

function piecesBySlug({ fitted, snapshots }: Design): Record<string, number> {
  const slugs = new Map(snapshots.map(({ id, slug }) => [id, slug]))
  const counts = new Map<string, number>()
  for (const { snapshotId } of fitted) {
    const slug = slugs.get(snapshotId)
    if (slug) counts.set(slug, (counts.get(slug) ?? 0) + 1)
  }
  return Object.fromEntries(counts)
}
