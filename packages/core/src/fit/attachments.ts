import type { Block } from '../catalogue/bays'
import type { DesignDocument } from '../design/document'
import { blocksOfDesign } from '../design/bayBlocks'
import type { BayPlan } from '../design/bayUse'

export interface BlockUse {
  /** Drives in the block. */
  drives: number
  /** Peak current of them all when they start together; null when a data sheet lacks it. */
  startAmps: number | null
  access: 'hot-swap' | 'internal'
  backplane: Block['backplane']
}

const kept = new WeakMap<BayPlan, BlockUse[]>()

/**
 * Every block of bays inside the machine with what sits in it and what its backplane takes.
 *
 * Several rules ask the same of one evaluation, whose plan of bays never changes.
 */
export function blockUses(document: DesignDocument, plan: BayPlan): BlockUse[] {
  const uses = kept.get(plan) ?? findBlockUses(document, plan)
  kept.set(plan, uses)
  return uses
}

function findBlockUses(document: DesignDocument, { bays }: BayPlan): BlockUse[] {
  return blocksOfDesign(document).flatMap(({ access, backplane, enclosureIndex }, index) => {
    if (enclosureIndex !== null) return []
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
