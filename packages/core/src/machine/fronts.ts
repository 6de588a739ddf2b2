import type { Design } from '../design/design'
import { byKind, piecesOfDesign, type PiecesByKind, type PieceId } from './piece'

/** A front that bays are on, measured from the upper left corner of the machine's. */
export interface Front {
  partId: PieceId
  name: string
  topMm: number
  widthMm: number
  heightMm: number
}

/** Between the front of the machine and that of an enclosure under it, and between two enclosures. For the drawing only. */
const BETWEEN_FRONTS_MM = 18

/** The front of the machine and, one under the other below it, those of its enclosures; empty without a case. */
export function frontsOf({ chassis, enclosure }: PiecesByKind): Front[] {
  const [first] = chassis ?? []
  if (!first) return []
  let topMm = 0
  return [first, ...(enclosure ?? [])].map(({ id, dataSheet }) => {
    const { model, widthMm, heightMm } = dataSheet
    const front = { partId: id, name: model, topMm, widthMm, heightMm }
    topMm += heightMm + BETWEEN_FRONTS_MM
    return front
  })
}

/** The same of a design that need not be resolved, as for a small drawing in a list. */
export function frontsOfDesign(design: Pick<Design, 'fitted' | 'snapshots'>): Front[] {
  return frontsOf(byKind(piecesOfDesign(design)))
}

/** The rectangle that fronts fill together. */
export function frontsExtent(fronts: readonly Front[]): { widthMm: number; heightMm: number } {
  return {
    widthMm: Math.max(0, ...fronts.map(({ widthMm }) => widthMm)),
    heightMm: Math.max(0, ...fronts.map(({ topMm, heightMm }) => topMm + heightMm)),
  }
}
