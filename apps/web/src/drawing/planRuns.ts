import { type Bay, spotOfBays, spotOfPiece, spotOfSupply } from '@flint/core/drawing'
import {
  CHIPSET,
  type DataCable,
  type DataEnd,
  type Machine,
  type Piece,
  pieceOf,
  placeChoices,
  type PortHost,
  type ScenarioRates,
} from '@flint/core/figures'
import { arrangementOf } from './arrangement'
import { CHIPSET_AT, CPU_AT, onBoard } from './boardDetails'

/** Millimetres from the front and across the plane of the board, as the plan has them. */
export interface PlanPoint {
  x: number
  y: number
}

/** A line on the top view: a cable, the lanes of a card, a network link, a lead of the supply. */
export interface PlanRun {
  id: string
  points: PlanPoint[]
  /** Links that it carries. */
  linkIds: string[]
  /** What it moves at most; null for a lead. */
  bytesPerSecond: number | null
  /** Load over rate, 0 to 1. */
  share: number
  words: string
}

/** The end of a cable at drives, which can be dragged to another port. */
export interface PlanEnd {
  end: DataEnd
  at: PlanPoint
  driveIds: string[]
  pinned: boolean
}

export interface PlanPort {
  host: PortHost
  connector: number
  at: PlanPoint
  isTaken: boolean
}

export interface PlanSlot {
  /** Counted from 1. */
  slot: number
  cardId: string | null
  cardName: string | null
  /** Slots that the card goes into. */
  mayGoTo: number[]
  x: number
  y: number
  widthMm: number
  lengthMm: number
}

export interface PlanDrawing {
  runs: PlanRun[]
  ends: PlanEnd[]
  ports: PlanPort[]
  /** Cables in the ports that are drawn. */
  cables: { cable: DataCable; hostName: string; at: PlanPoint }[]
  slots: PlanSlot[]
  cpu: PlanPoint | null
  chipset: PlanPoint | null
}

/** Between plugs of one column, and between ports of a card or board. For the drawing only. */
const END_STEP_MM = 15
const PORT_STEP_MM = 15
/** Between cables that run side by side. For the drawing only. */
const LANE_STEP_MM = 9

/** From the side of a board's sockets to its first network port. For the drawing only. */
const FIRST_PORT_MM = 40

/** Where every cable, lane and network link is drawn on the top view, with rate and load. */
export function planDrawing(
  machine: Machine,
  rates: Pick<ScenarioRates, 'loads'>,
): PlanDrawing | null {
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  const { id: boardId, dataSheet: board } = pieceOf(machine, 'board') ?? {}
  if (!chassis?.boardAt || !board?.widthMm || !board.depthMm) return null
  const { boardAt, depthMm } = chassis
  const { data } = machine.wiring
  const arrangement = arrangementOf(machine)
  if (!arrangement?.board) return null
  const lying = { plane: arrangement.plane, board: arrangement.board }
  const at = (share: { rear: number; sockets: number }): PlanPoint =>
    onBoard(lying, lying.board.depthMm * share.rear, lying.board.widthMm * share.sockets)
  const cpu = at(CPU_AT)
  const chipset = at(CHIPSET_AT)
  const linkOf = new Map(machine.links.map((link) => [link.id, link]))
  const loadOf = new Map(rates.loads.map(({ link, bytesPerSecond }) => [link.id, bytesPerSecond]))
  const wayOf = new Map(machine.drivePaths.map(({ driveId, links }) => [driveId, links]))
  const ports = data.hosts.flatMap((host) => portsOf(machine, host))
  const ends = endsOf(machine)
  const portOf = ({ hostId, connectors }: DataCable): PlanPort | undefined =>
    ports.find(({ host, connector }) => host.id === hostId && connector === connectors[0])
  /** The cable that drives share, or the port of each. */
  const cableLinks = (driveIds: readonly string[]): string[] => {
    const way = driveIds.flatMap((id) => wayOf.get(id) ?? [])
    const shared = way.filter((id) => linkOf.get(id)?.kind === 'cable')
    return shared.length > 0
      ? [...new Set(shared)]
      : way.filter((id) => linkOf.get(id)?.kind === 'port')
  }
  const runs: PlanRun[] = []

  data.cables.forEach((cable, index) => {
    for (const { end, at, driveIds } of ends.filter((one) => cable.ends.includes(one.end))) {
      const to = portOf(cable)
      if (!to) continue
      const linkIds = cableLinks(driveIds)
      const carried = linkIds.reduce((sum, id) => sum + (loadOf.get(id) ?? 0), 0)
      const widest = linkIds.reduce((sum, id) => sum + (linkOf.get(id)?.bytesPerSecond ?? 0), 0)
      const turn = at.x + 12 + (index % 6) * LANE_STEP_MM
      runs.push({
        id: `${cable.id} ${end.key}`,
        points: [at, { x: turn, y: at.y }, { x: turn, y: to.at.y }, to.at],
        linkIds,
        bytesPerSecond: widest,
        share: widest === 0 ? 0 : carried / widest,
        words: `${end.name} to ${to.host.name} port ${cable.connectors.join(' and ')}`,
      })
    }
  })

  const line = (linkId: string, points: PlanPoint[], piece = ''): void => {
    const link = linkOf.get(linkId)
    if (!link) return
    const share = (loadOf.get(linkId) ?? 0) / link.bytesPerSecond
    const { name: words, bytesPerSecond } = link
    runs.push({ id: `${linkId} ${piece}`, points, linkIds: [linkId], bytesPerSecond, share, words })
  }
  line(CHIPSET, [chipset, cpu])
  const onBoardPorts = ports.filter(({ host, isTaken }) => isTaken && host.pieceId === boardId)
  const [port] = onBoardPorts
  if (port) line(CHIPSET, [port.at, { x: chipset.x, y: port.at.y }, chipset], 'ports of the board')
  const slots = slotsOf(machine)
  for (const { slot, x, y, widthMm, cardId } of slots) {
    if (cardId === null) continue
    const origin = board.slots?.[slot - 1]?.origin === 'chipset' ? chipset : cpu
    const out = { x: Math.max(x + 30, origin.x), y: y + widthMm / 2 }
    const own = machine.links.find(
      ({ kind, partIds }) => kind === 'slot' && partIds.includes(cardId),
    )
    if (own) line(own.id, [out, { x: origin.x, y: out.y }, origin])
  }
  machine.networkPaths.forEach(({ id, port }, index) => {
    const slot = slots.find(({ cardId }) => cardId === port.partId)
    const y = slot
      ? slot.y + slot.widthMm / 2
      : onBoard(lying, 0, FIRST_PORT_MM + index * LANE_STEP_MM).y
    const from = slot ? [{ x: boardAt.frontMm - 6, y }] : [chipset, { x: chipset.x, y }]
    line(id, [...from, { x: depthMm + 34, y }])
  })
  const cables = data.cables.flatMap((cable) => {
    const port = portOf(cable)
    return port ? [{ cable, hostName: port.host.name, at: port.at }] : []
  })
  return { runs, ends, ports, cables, slots, cpu, chipset }
}

/** Plugs behind the bays; those of one column are drawn side by side, although they lie one over the other. */
function endsOf(machine: Machine): PlanEnd[] {
  const all = machine.wiring.data.cables.flatMap(({ ends, pinned }) =>
    ends.flatMap((end) => {
      const spot = spotOfBays({ pieces: machine.ofKind }, baysIn(machine, end.bayIds))
      return spot ? [{ end, pinned, spot }] : []
    }),
  )
  all.sort((one, other) => one.spot.overFloorMm - other.spot.overFloorMm).reverse()
  return all.map(({ end, pinned, spot }) => {
    const column = all.filter((one) => Math.abs(one.spot.leftMm - spot.leftMm) < END_STEP_MM)
    const at = column.findIndex((one) => one.end === end)
    return {
      end,
      pinned,
      at: { x: spot.frontMm, y: spot.leftMm + (at - (column.length - 1) / 2) * END_STEP_MM },
      driveIds: end.drives.map(({ id }) => id),
    }
  })
}

const baysIn = ({ bays }: Machine, ids: readonly string[]): Bay[] =>
  bays.filter(({ id }) => ids.includes(id))

const lengthMmOf = (piece: Piece | undefined): number | null =>
  piece && 'lengthMm' in piece.dataSheet ? piece.dataSheet.lengthMm : null

function portsOf(machine: Machine, host: PortHost): PlanPort[] {
  // USB leaves at the rear, where nothing inside the case is drawn to it.
  if (host.plug === 'USB') return []
  const { pieces, ofKind, cardPlaces, wiring } = machine
  const lengthMm = lengthMmOf(pieces.get(host.pieceId))
  const spot = spotOfPiece({ pieces: ofKind, cardPlaces }, host.pieceId, lengthMm)
  if (!spot) return []
  const board = pieceOf(machine, 'board')
  const isBoard = board?.id === host.pieceId
  const endMm = spot.leftMm + (board?.dataSheet.widthMm ?? 0)
  return host.laneRates.map((_, index) => ({
    host,
    connector: index + 1,
    // Along the front edge of a board, along the length of a card.
    at: isBoard
      ? { x: spot.frontMm + 8, y: endMm - 12 - index * PORT_STEP_MM }
      : { x: spot.frontMm + 10 + index * PORT_STEP_MM, y: spot.leftMm },
    isTaken: wiring.data.cables.some(
      (cable) => cable.hostId === host.id && cable.connectors.includes(index + 1),
    ),
  }))
}

/** The slots of the board, where cards stand or may be dragged to. */
function slotsOf(machine: Machine): PlanSlot[] {
  const boardAt = pieceOf(machine, 'chassis')?.dataSheet.boardAt
  const slots = pieceOf(machine, 'board')?.dataSheet.slots ?? []
  if (!boardAt) return []
  const choices = placeChoices(machine)
  return machine.cardPlaces.flatMap(({ slot, leftMm, widthMm, pieceId }) => {
    const known = slots[slot]
    if (!known) return []
    const card = pieceId === null ? undefined : machine.pieces.get(pieceId)
    const lengthMm = lengthMmOf(card) ?? 60 + known.physicalLanes * 4
    return [
      {
        slot: slot + 1,
        cardId: card?.id ?? null,
        cardName: card?.dataSheet.model ?? null,
        mayGoTo: choices.find((one) => one.pieceId === pieceId)?.numbers ?? [],
        x: boardAt.frontMm - lengthMm,
        y: leftMm,
        widthMm,
        lengthMm,
      },
    ]
  })
}

/** Power leads on the top view: from the supply to each plug. */
export function leadRuns(machine: Machine): PlanRun[] {
  const from = spotOfSupply({ pieces: machine.ofKind })
  const { power } = machine.wiring
  if (!from || !power) return []
  const nameOf = new Map(power.leads.map(({ lead }) => [lead.key, lead.name]))
  return power.feeds.flatMap(({ end, leadKey, startAmps, ratedAmps }, index): PlanRun[] => {
    const spot = spotOfBays({ pieces: machine.ofKind }, baysIn(machine, end.bayIds))
    if (!spot) return []
    const at = { x: spot.frontMm, y: spot.leftMm }
    const turn = at.x + 14 + (index % 6) * LANE_STEP_MM
    const start = { x: from.frontMm, y: from.leftMm }
    return [
      {
        id: `${leadKey} ${end.key}`,
        points: [start, { x: turn, y: start.y }, { x: turn, y: at.y }, at],
        linkIds: [],
        bytesPerSecond: null,
        share: startAmps === null ? 0 : startAmps / ratedAmps,
        words: `${nameOf.get(leadKey) ?? 'lead'} to ${end.name}`,
      },
    ]
  })
}
