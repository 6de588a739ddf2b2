import type { Bay, BayBlock, BayId } from './bays'
import { type Needs, type NeedsByKind, type PlacedNeed, type UnplacedNeed, wants } from './needs'
import type { Piece, PieceId } from './piece'
import type { DataWiring } from './wiring/wireData'
import type { PowerWiring } from './wiring/wirePower'

interface NeedsGiven {
  pieces: readonly Piece[]
  /** From `steadyNeeds`. */
  steady: NeedsByKind
  driveIn: ReadonlyMap<BayId, PieceId>
  bays: readonly Bay[]
  blocks: readonly BayBlock[]
  bayOfTray: ReadonlyMap<PieceId, BayId>
  data: DataWiring
  power: PowerWiring | null
}

/** What every piece needs of the others, and what it got. */
export function placedNeeds(given: NeedsGiven): NeedsByKind {
  const { placed, unplaced } = given.steady
  const [bay, data, power] = [bays(given), dataPorts(given), powerPlugs(given)]
  return {
    placed: {
      ...placed,
      bay: bay.placed,
      'data port': data.placed,
      'power plug': power.placed,
    },
    unplaced: {
      ...unplaced,
      bay: bay.unplaced,
      'data port': data.unplaced,
      'power plug': power.unplaced,
    },
  }
}

function bays({ pieces, driveIn, bays: all, bayOfTray, blocks }: NeedsGiven): Needs {
  const placed: PlacedNeed[] = []
  for (const { id, pieceId, number } of all) {
    const driveId = driveIn.get(id)
    if (driveId !== undefined)
      placed.push({ pieceId: driveId, need: 'bay', on: { pieceId, number } })
  }
  for (const { trayBayIds, bayIds, pieceId } of blocks) {
    for (const [trayId, bay] of bayOfTray) {
      if (!trayBayIds.includes(bay)) continue
      const number = bayIds.indexOf(bay) + 1
      placed.push({ pieceId: trayId, need: 'bay', on: { pieceId, number } })
    }
  }
  const inBay = new Set<PieceId>()
  for (const { pieceId } of placed) inBay.add(pieceId)
  return {
    placed,
    unplaced: pieces
      .filter((piece) => !inBay.has(piece.id) && wants(piece, 'bay'))
      .map(({ id, kind }) => {
        const why = kind === 'cage' ? 'none left' : 'not put in'
        return { pieceId: id, need: 'bay', why, conflictIds: [] }
      }),
  }
}

function dataPorts({ data }: NeedsGiven): Needs {
  const pieceOfHost = new Map<string, PieceId>()
  for (const { id, pieceId } of data.hosts) pieceOfHost.set(id, pieceId)
  const pieceOfCable = new Map<string, PieceId>()
  for (const { id, hostId } of data.cables) pieceOfCable.set(id, pieceOfHost.get(hostId) ?? '')
  const need = 'data port' as const
  const placed: PlacedNeed[] = []
  for (const { driveId, cableId, connector } of data.ports) {
    const pieceId = pieceOfCable.get(cableId) ?? ''
    placed.push({ pieceId: driveId, need, on: { pieceId, number: connector } })
  }
  for (const { hostId, connectors, ends } of data.cables) {
    for (const { ref } of ends) {
      if (!('piece' in ref)) continue
      const on = { pieceId: pieceOfHost.get(hostId) ?? '', number: connectors[0] ?? 0 }
      placed.push({ pieceId: ref.piece, need, on })
    }
  }
  return {
    placed,
    unplaced: [...data.unreachedIds, ...data.unreachedPieceIds].map((pieceId) => ({
      pieceId,
      need,
      why: 'none left' as const,
      conflictIds: [],
    })),
  }
}

function powerPlugs({ power, pieces }: NeedsGiven): Needs {
  const need = 'power plug' as const
  const owners = (end: { ref: object; driveIds: readonly PieceId[] }): readonly PieceId[] =>
    'piece' in end.ref ? [String(end.ref.piece)] : end.driveIds
  if (!power) {
    return {
      placed: [],
      unplaced: pieces
        .filter((piece) => wants(piece, need))
        .map(({ id }) => ({ pieceId: id, need, why: 'not known', conflictIds: [] })),
    }
  }
  const plugOf = new Map<string, PlacedNeed['on']>()
  for (const { lead } of power.leads) {
    const { supplyId, number } = lead.ref
    plugOf.set(lead.key, { pieceId: supplyId, number })
  }
  const placed: PlacedNeed[] = []
  for (const { end, leadKey } of power.feeds) {
    const on = plugOf.get(leadKey) ?? { pieceId: '', number: 0 }
    for (const pieceId of owners(end)) placed.push({ pieceId, need, on })
  }
  const unplaced: UnplacedNeed[] = []
  for (const end of power.unfed) {
    for (const pieceId of owners(end)) {
      unplaced.push({ pieceId, need, why: 'none left', conflictIds: [] })
    }
  }
  return { placed, unplaced }
}
