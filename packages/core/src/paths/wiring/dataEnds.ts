import type { Block } from '../../catalogue/bays'
import { type DataPlug, DRIVES_PER_DATA_PLUG } from '../../catalogue/plugs'
import { blocksOfDesign } from '../../design/bayBlocks'
import type { BayPlan, BayUse } from '../../design/bayUse'
import type { DesignDocument } from '../../design/document'
import { fittedOfKind } from '../../design/fittedParts'

/** What a data cable goes to: a drive, a plug of a backplane, an enclosure. */
export interface DataEnd {
  /** `bay-3`, `plug-1-2` for plug 2 of the first block of bays, the id of an enclosure. */
  id: string
  name: string
  plug: DataPlug
  /** Lanes of the plug. */
  lanes: number
  /** All bays behind it, in order; the first hangs on the first lane. */
  bays: BayUse[]
  /** Whether a chip shares the lanes among its bays, as in an enclosure; else each bay has its own. */
  isShared: boolean
  /** Whether it is inside an enclosure beside the machine. */
  isOutside: boolean
}

/** Where data cables must go, block by block; bays with plugs on the drives themselves only with a drive. */
export function dataEnds(document: DesignDocument, { bays }: BayPlan): DataEnd[] {
  const enclosures = fittedOfKind(document, 'enclosure')
  return blocksOfDesign(document).flatMap((block, index) => {
    const inside = bays.filter(({ bay }) => bay.blockIndex === index)
    const enclosure = block.enclosureIndex === null ? null : enclosures[block.enclosureIndex]
    if (enclosure) {
      const plug = enclosure.sheet.hostPlug
      // Which cable it wants is not known then, and a finding says so.
      if (plug === null) return []
      return [
        {
          id: enclosure.part.id,
          name: enclosure.sheet.model,
          plug,
          lanes: DRIVES_PER_DATA_PLUG[plug],
          bays: inside,
          isShared: true,
          isOutside: true,
        },
      ]
    }
    return block.backplane ? backplaneEnds(block, index, inside) : driveEnds(inside)
  })
}

function driveEnds(bays: readonly BayUse[]): DataEnd[] {
  return bays.flatMap((use) => {
    if (!use.drive) return []
    const plug: DataPlug = use.drive.sheet.plug === 'SAS' ? 'SFF-8482' : 'SATA'
    const name = `drive in bay ${use.bay.number}`
    const end = { id: use.bay.id, name, plug, lanes: 1, bays: [use] }
    return [{ ...end, isShared: false, isOutside: false }]
  })
}

function backplaneEnds({ backplane }: Block, index: number, bays: readonly BayUse[]): DataEnd[] {
  if (!backplane || backplane.dataPlugs === 0) return []
  const { dataPlug: plug, dataPlugs } = backplane
  const lanes = DRIVES_PER_DATA_PLUG[plug]
  // With fewer lanes than bays there is a chip on the backplane that shares them.
  const isShared = dataPlugs * lanes < bays.length
  const perPlug = isShared ? bays.length : lanes
  const count = isShared ? 1 : Math.ceil(bays.length / lanes)
  return Array.from({ length: count }, (_, at) => {
    const behind = bays.slice(at * perPlug, (at + 1) * perPlug)
    const name =
      lanes === 1 && behind[0]
        ? `backplane, bay ${behind[0].bay.number}`
        : `backplane plug ${at + 1}, ${bayRange(behind)}`
    const id = `plug-${index + 1}-${at + 1}`
    return { id, name, plug, lanes, bays: behind, isShared, isOutside: false }
  })
}

/** "bays 5 to 8", "bay 3". */
export function bayRange(bays: readonly BayUse[]): string {
  const numbers = bays.map(({ bay }) => bay.number)
  const [first, last] = [Math.min(...numbers), Math.max(...numbers)]
  return first === last ? `bay ${first}` : `bays ${first} to ${last}`
}
