import type { CableSheet } from '../../catalogue/kinds/cable'
import type { DataPlug } from '../../catalogue/plugs'
import type { DesignDocument } from '../../design/document'
import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import { cableMm, spotOfBays, spotOfHost } from './spots'
import type { DataCable } from './hostBench'

/** What a cable must be. */
export interface CableNeed {
  /** Null when the data sheet of the controller does not say. */
  nearPlug: DataPlug | null
  nearEnds: number
  farPlug: DataPlug
  farEnds: number
  /** Which way a fan-out is wired; `either` for one plug to one plug. */
  direction: NonNullable<CableSheet['direction']>
  /** Whether only straight plugs find room behind the drives; null when it is not known. */
  straightOnly: boolean | null
  /** At least this long; null when it is not known where things lie. */
  leastMm: number | null
}

/** One line of the cable list. */
export interface CableLine {
  cable: DataCable
  need: CableNeed
  /** Where it comes from; null when it is still to be bought. */
  from: { partId: string; name: string; inBox: boolean } | null
}

/** Lanes of a fan-out cable's wide end. */
const FAN_OUT_ENDS = 4

/**
 * Which cables does the wiring want, and which of them are there?
 *
 * A cable of the design serves one line; the tightest lines choose first, each the shortest cable that does.
 * What lies in the box of a controller serves that controller's lines.
 */
export function cableList(document: DesignDocument, cables: readonly DataCable[]): CableLine[] {
  const lines = cables.map((cable): CableLine => {
    return { cable, need: needOf(document, cable), from: null }
  })
  const left = fittedOfKind(document, 'cable')
    .map(({ part, sheet }) => ({ partId: part.id, sheet }))
    .sort((one, other) => (one.sheet.lengthMm ?? Infinity) - (other.sheet.lengthMm ?? Infinity))
  const tightest = [...lines].sort(
    (one, other) => (other.need.leastMm ?? 0) - (one.need.leastMm ?? 0),
  )
  for (const line of tightest) {
    const at = left.findIndex(({ sheet }) => cableFits(sheet, line.need))
    const [found] = at === -1 ? [] : left.splice(at, 1)
    if (found) line.from = { partId: found.partId, name: found.sheet.model, inBox: false }
  }
  for (const { part, sheet } of fittedOfKind(document, 'controller')) {
    let inBox = sheet.cablesIncluded ?? 0
    for (const line of lines) {
      if (inBox === 0) break
      if (line.from || line.cable.host.partId !== part.id || line.need.farEnds < line.need.nearEnds)
        continue
      line.from = { partId: part.id, name: sheet.model, inBox: true }
      inBox -= 1
    }
  }
  return lines
}

/** Whether a cable does what is wanted; what its data sheet lacks does not rule it out. */
export function cableFits(sheet: CableSheet, need: CableNeed): boolean {
  return (
    sheet.nearPlug === need.nearPlug &&
    sheet.farPlug === need.farPlug &&
    sheet.nearEnds === need.nearEnds &&
    sheet.farEnds === need.farEnds &&
    (need.direction === 'either' ||
      sheet.direction === null ||
      sheet.direction === 'either' ||
      sheet.direction === need.direction) &&
    !(need.straightOnly === true && sheet.angledFarPlugs === true) &&
    !(need.leastMm !== null && sheet.lengthMm !== null && sheet.lengthMm < need.leastMm)
  )
}

function needOf(document: DesignDocument, { host, connectors, ends }: DataCable): CableNeed {
  const [first] = ends
  const farPlug = first?.plug ?? 'SATA'
  const isFanOut = host.lanes > 1 && (first?.lanes ?? 1) === 1
  const isFanIn = host.lanes === 1 && (first?.lanes ?? 1) > 1
  const from = spotOfHost(document, host)
  const lengths = ends.map(({ bays }) => cableMm(from, spotOfBays(document, bays)))
  const angled = fittedOne(document, 'chassis')?.sheet.angledPlugsFit ?? null
  const ownPlugs = farPlug === 'SATA' || farPlug === 'SFF-8482'
  return {
    nearPlug: host.plug,
    nearEnds: isFanIn ? Math.max(FAN_OUT_ENDS, connectors.length) : 1,
    farPlug,
    farEnds: isFanOut ? FAN_OUT_ENDS : 1,
    direction: isFanOut ? 'controller to drives' : isFanIn ? 'board to backplane' : 'either',
    straightOnly: ownPlugs ? (angled === null ? null : !angled) : false,
    leastMm: lengths.includes(null) ? null : Math.max(...lengths.map((mm) => mm ?? 0)),
  }
}
