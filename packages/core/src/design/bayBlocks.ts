import { type Bay, bayBlocksOf, baysOf, type Block, enclosureFrontsOf } from '../catalogue/bays'
import type { DesignDocument } from './document'
import { fittedOfKind, fittedOne } from './fittedParts'

function added(document: DesignDocument) {
  return {
    cages: fittedOfKind(document, 'cage').map(({ sheet }) => sheet),
    enclosures: fittedOfKind(document, 'enclosure').map(({ sheet }) => sheet),
  }
}

/** Every block of bays of a design: of its case, its cages, its enclosures. Empty without a case. */
export function blocksOfDesign(document: DesignDocument): Block[] {
  const chassis = fittedOne(document, 'chassis')?.sheet
  if (!chassis) return []
  const { cages, enclosures } = added(document)
  return bayBlocksOf(chassis, cages, enclosures)
}

/** Every bay of a design, in the order of the blocks. */
export function baysOfDesign(document: DesignDocument): Bay[] {
  const chassis = fittedOne(document, 'chassis')?.sheet
  if (!chassis) return []
  const { cages, enclosures } = added(document)
  return baysOf(chassis, cages, enclosures)
}

/** Drives that sit in an enclosure with a supply of its own, not in the machine. */
export function drivesInEnclosures(document: DesignDocument): ReadonlySet<string> {
  if (fittedOfKind(document, 'enclosure').length === 0) return new Set()
  const outside = new Set(
    baysOfDesign(document).flatMap(({ id, enclosureIndex }) =>
      enclosureIndex === null ? [] : [id],
    ),
  )
  return new Set(
    document.fitted.flatMap(({ id, bay }) => (bay !== null && outside.has(bay) ? [id] : [])),
  )
}

/** A front that bays are on, measured from the upper left corner of the machine's. */
export interface Front {
  partId: string
  name: string
  topMm: number
  widthMm: number
  heightMm: number
}

/** The front of the machine and, under it, those of its enclosures; empty without a case. */
export function frontsOf(document: DesignDocument): Front[] {
  const chassis = fittedOne(document, 'chassis')
  if (!chassis) return []
  const { widthMm, heightMm, model } = chassis.sheet
  const enclosures = fittedOfKind(document, 'enclosure')
  const under = enclosureFrontsOf(
    chassis.sheet,
    enclosures.map(({ sheet }) => sheet),
  )
  return [
    { partId: chassis.part.id, name: model, topMm: 0, widthMm, heightMm },
    ...enclosures.flatMap(({ part, sheet }, index): Front[] => {
      const front = under[index]
      return front ? [{ partId: part.id, name: sheet.model, ...front }] : []
    }),
  ]
}

/** The rectangle that fronts fill together. */
export function frontsExtent(fronts: readonly Front[]): { widthMm: number; heightMm: number } {
  return {
    widthMm: Math.max(0, ...fronts.map(({ widthMm }) => widthMm)),
    heightMm: Math.max(0, ...fronts.map(({ topMm, heightMm }) => topMm + heightMm)),
  }
}
