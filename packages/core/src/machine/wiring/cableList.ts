import type { CableSheet } from '../../catalogue/kinds/cable'
import type { DataPlug } from '../../catalogue/plugs'
import type { Bay, BayId } from '../bays'
import type { CardPlace } from '../cardPlaces'
import type { Piece, PiecesByKind, PieceId } from '../piece'
import { cableMm, spotOfBays, spotOfPiece } from './cableLength'
import type { DataCable } from './connectorAllocator'
import type { DataEnd } from './dataEnds'
import type { PortHost } from './portHosts'
import type { DataWiring } from './wireData'

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

/** Where a cable goes, whichever drives are behind it. */
export type CableEnd = Omit<DataEnd, 'drives'>

/** One line of the cable list. */
export interface CableLine {
  cable: Omit<DataCable, 'ends'> & { ends: CableEnd[] }
  host: PortHost
  need: CableNeed
  /** Where it comes from; null when it is still to be bought. */
  from: { partId: PieceId; name: string; inBox: boolean } | null
}

/** How a data cable of the design stands to what is wanted. */
export type CableUse = 'used' | 'too short' | 'wrong way' | 'angled plugs' | 'surplus'

export interface CableList {
  lines: CableLine[]
  uses: { partId: PieceId; use: CableUse; line: CableLine | null }[]
}

/** What of a machine says which cables it wants. */
interface CablesOf {
  pieces: ReadonlyMap<PieceId, Piece>
  ofKind: PiecesByKind
  cardPlaces: readonly CardPlace[]
  bayById: ReadonlyMap<BayId, Bay>
  data: DataWiring
}

function withoutDrives(end: DataEnd): CableEnd {
  const { ref, key, name, plug, lanes, bayIds, needsSas, needsNvme, isShared, isOutside } = end
  return { ref, key, name, plug, lanes, bayIds, needsSas, needsNvme, isShared, isOutside }
}

/** All of the cables that the list says something of: two wirings that look alike have one list. */
export const cablesLook = (cables: readonly DataCable[]): string =>
  cables
    .map(({ id, connectors, ends, pinned }) => {
      const behind = ends.map(
        ({ key, plug, needsSas, needsNvme }) =>
          `${key} ${plug} ${Number(needsSas)}${Number(needsNvme)}`,
      )
      return `${id}: ${connectors.join()} ${behind.join()}${pinned ? ' pinned' : ''}`
    })
    .join('; ')

/** Lanes of a fan-out cable's wide end. */
const FAN_OUT_ENDS = 4

/**
 * Which cables does the wiring want, which of them are there, and what are the others of the design good for?
 *
 * A cable of the design serves one line; the tightest lines choose first, each the shortest cable that does.
 * What lies in the box of a controller serves that controller's lines. Of a cable that serves none it is told
 * what is wrong with it for a line that still lacks one; with nothing wrong it is left over.
 */
export function cableList(machine: CablesOf): CableList {
  const hosts = new Map(machine.data.hosts.map((host) => [host.id, host]))
  const lines = machine.data.cables.flatMap((cable): CableLine[] => {
    const host = hosts.get(cable.hostId)
    if (!host) return []
    const ends = cable.ends.map(withoutDrives)
    return [{ cable: { ...cable, ends }, host, need: needOf(machine, cable, host), from: null }]
  })
  const cables = (machine.ofKind.cable ?? [])
    .map(({ id, dataSheet }) => ({ partId: id, sheet: dataSheet }))
    .sort((one, other) => (one.sheet.lengthMm ?? Infinity) - (other.sheet.lengthMm ?? Infinity))
  const left = [...cables]
  const tightest = [...lines].sort(
    (one, other) => (other.need.leastMm ?? 0) - (one.need.leastMm ?? 0),
  )
  for (const line of tightest) {
    const at = left.findIndex(({ sheet }) => cableFits(sheet, line.need))
    const [found] = at === -1 ? [] : left.splice(at, 1)
    if (found) line.from = { partId: found.partId, name: found.sheet.model, inBox: false }
  }
  for (const { id, dataSheet } of machine.ofKind.controller ?? []) {
    let inBox = dataSheet.cablesIncluded ?? 0
    for (const line of lines) {
      if (inBox === 0) break
      if (line.from || line.host.pieceId !== id || line.need.farEnds < line.need.nearEnds) continue
      line.from = { partId: id, name: dataSheet.model, inBox: true }
      inBox -= 1
    }
  }
  const waiting = lines.filter(({ from }) => from === null)
  return {
    lines,
    uses: cables
      .filter(({ sheet }) => isDataCable(sheet))
      .map(({ partId, sheet }) => {
        const served = lines.find(({ from }) => from?.partId === partId && !from.inBox)
        return served
          ? { partId, use: 'used' as const, line: served }
          : { partId, ...whyNot(sheet, waiting) }
      }),
  }
}

const isDataCable = ({ nearPlug }: CableSheet): boolean =>
  nearPlug !== 'SATA power' && nearPlug !== 'peripheral power'

function whyNot(
  sheet: CableSheet,
  waiting: readonly CableLine[],
): { use: CableUse; line: CableLine | null } {
  const ways: [CableUse, (need: CableNeed) => boolean][] = [
    ['too short', (need) => cableFits(sheet, { ...need, leastMm: null })],
    ['wrong way', (need) => cableFits(turned(sheet), need)],
    ['angled plugs', (need) => cableFits(sheet, { ...need, straightOnly: false })],
  ]
  for (const [use, wouldDo] of ways) {
    const line = waiting.find(({ need }) => wouldDo(need))
    if (line) return { use, line }
  }
  return { use: 'surplus', line: null }
}

/** A fan-out as it is when it is wired the other way; both look alike. */
function turned(sheet: CableSheet): CableSheet {
  const { nearPlug, nearEnds, farPlug, farEnds } = sheet
  const ends = { nearPlug: farPlug, nearEnds: farEnds, farPlug: nearPlug, farEnds: nearEnds }
  return { ...sheet, ...ends, direction: 'either' }
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

function needOf(machine: CablesOf, { connectors, ends }: DataCable, host: PortHost): CableNeed {
  const [first] = ends
  const farPlug = first?.plug ?? 'SATA'
  const isFanOut = host.lanes > 1 && (first?.lanes ?? 1) === 1
  const isFanIn = host.lanes === 1 && (first?.lanes ?? 1) > 1
  const piece = machine.pieces.get(host.pieceId)
  const lengthMm =
    piece && 'lengthMm' in piece.dataSheet && host.plug !== 'USB' ? piece.dataSheet.lengthMm : null
  const geometry = { pieces: machine.ofKind, cardPlaces: machine.cardPlaces }
  const from = host.plug === 'USB' ? null : spotOfPiece(geometry, host.pieceId, lengthMm)
  const lengths = ends.map(({ bayIds }) =>
    cableMm(
      from,
      spotOfBays(
        geometry,
        bayIds.flatMap((id) => machine.bayById.get(id) ?? []),
      ),
    ),
  )
  const angled = machine.ofKind.chassis?.[0]?.dataSheet.angledPlugsFit ?? null
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
