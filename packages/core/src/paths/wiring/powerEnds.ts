import type { PowerPlug } from '../../catalogue/plugs'
import { blocksOfDesign } from '../../design/bayBlocks'
import type { BayPlan, BayUse } from '../../design/bayUse'
import type { DesignDocument } from '../../design/document'
import { bayRange } from './dataEnds'

/** What a power plug goes into: a drive or a backplane. */
export interface PowerEnd {
  /** `bay-3`, `power-1-2` for plug 2 of the first block of bays. */
  id: string
  name: string
  plug: PowerPlug
  bays: BayUse[]
}

/** Drives on a backplane of which no data sheet speaks: one plug feeds about this many. Common practice, no source. */
export const DRIVES_PER_BACKPLANE_PLUG = 4

/**
 * Where power plugs must go: into every drive, into every plug of a backplane that has a drive.
 *
 * Each plug of a backplane is taken to feed its share of the bays. Many join their plugs, which is better;
 * no data sheet says it. Drives in an enclosure have its supply.
 */
export function powerEnds(document: DesignDocument, { bays }: BayPlan): PowerEnd[] {
  return blocksOfDesign(document).flatMap(({ access, backplane, enclosureIndex }, index) => {
    const inside = bays.filter(({ bay }) => bay.blockIndex === index)
    const filled = inside.filter(({ drive }) => drive !== null)
    if (enclosureIndex !== null || filled.length === 0) return []
    if (!backplane && access === 'internal') {
      return filled.map((use): PowerEnd => {
        const name = `drive in bay ${use.bay.number}`
        return { id: use.bay.id, name, plug: 'SATA power', bays: [use] }
      })
    }
    const plugs = backplane?.powerPlugs ?? Math.ceil(filled.length / DRIVES_PER_BACKPLANE_PLUG)
    const share = backplane ? inside : filled
    return Array.from({ length: plugs }, (_, at) => {
      // Shares differ by one bay at most.
      const behind = share.slice(
        Math.floor((at * share.length) / plugs),
        Math.floor(((at + 1) * share.length) / plugs),
      )
      const of = behind.length > 0 ? `, ${bayRange(behind)}` : ''
      return {
        id: `power-${index + 1}-${at + 1}`,
        name: `backplane power plug ${at + 1}${of}`,
        plug: backplane?.powerPlug ?? 'SATA power',
        bays: behind,
      }
    })
  })
}
