import { bayBlocksOf } from '../catalogue/bays'
import { DRIVES_PER_DATA_PLUG } from '../catalogue/plugs'
import type { DesignDocument } from '../design/document'
import { fittedOfKind, fittedOne } from '../design/fittedParts'
import type { BayPlan } from '../design/bayUse'

export interface BlockUse {
  /** Drives in the block. */
  drives: number
  /** Peak current of them all when they start together; null when a data sheet lacks it. */
  startAmps: number | null
  access: 'hot-swap' | 'internal'
  backplane: ReturnType<typeof bayBlocksOf>[number]['backplane']
}

const kept = new WeakMap<BayPlan, BlockUse[]>()

/**
 * Every block of bays with what sits in it and what its backplane takes.
 *
 * Several rules ask the same of one evaluation, whose plan of bays never changes.
 */
export function blockUses(document: DesignDocument, plan: BayPlan): BlockUse[] {
  const uses = kept.get(plan) ?? findBlockUses(document, plan)
  kept.set(plan, uses)
  return uses
}

function findBlockUses(document: DesignDocument, { bays }: BayPlan): BlockUse[] {
  const chassis = fittedOne(document, 'chassis')?.sheet
  if (!chassis) return []
  const cages = fittedOfKind(document, 'cage').map(({ sheet }) => sheet)
  return bayBlocksOf(chassis, cages).map(({ access, backplane }, index) => {
    const inside = bays.filter(({ bay, drive }) => bay.blockIndex === index && drive !== null)
    const amps = inside.map(({ drive }) => drive?.sheet.start12VAmps ?? null)
    return {
      drives: inside.length,
      startAmps: amps.includes(null)
        ? null
        : amps.reduce((sum: number, one) => sum + (one ?? 0), 0),
      access,
      backplane,
    }
  })
}

/** Fan-out cables that a design wants, by the way they are wired. */
export interface FanOuts {
  /** From a controller's four-lane plug to single drives. */
  toDrives: number
  /** From four SATA ports of the board to a backplane's four-lane plug. */
  toBackplane: number
}

/**
 * Which fan-out cables does a design want?
 *
 * Drives with plugs of their own go to controllers first; backplanes with four-lane plugs want a straight
 * cable from a controller with such plugs, and a fan-out from the board only where no controller is.
 */
export function wantedFanOuts(document: DesignDocument, bays: BayPlan): FanOuts {
  const blocks = blockUses(document, bays)
  const cards = fittedOfKind(document, 'controller').map(({ sheet }) => sheet)
  const four = cards.filter(
    ({ portPlug }) => portPlug !== null && DRIVES_PER_DATA_PLUG[portPlug] > 1,
  )
  const fourPorts = four.reduce((sum, { drivePorts }) => sum + drivePorts, 0)
  const single = blocks
    .filter(({ backplane }) => !backplane || DRIVES_PER_DATA_PLUG[backplane.dataPlug] === 1)
    .reduce((sum, { drives }) => sum + drives, 0)
  const behindFour = blocks.filter(
    ({ drives, backplane }) =>
      drives > 0 && backplane !== null && DRIVES_PER_DATA_PLUG[backplane.dataPlug] > 1,
  )
  const fourPlugs = behindFour.reduce((sum, { drives }) => sum + Math.ceil(drives / 4), 0)
  const leftForSingle = Math.max(0, fourPorts - fourPlugs * 4)
  return {
    toDrives: Math.ceil(Math.min(single, leftForSingle) / 4),
    toBackplane: Math.max(0, fourPlugs - Math.floor(fourPorts / 4)),
  }
}
