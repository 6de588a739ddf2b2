import {
  cardPlaces,
  CHIPSET,
  type DataCable,
  type DataEnd,
  type DesignDocument,
  fittedOne,
  type PortHost,
  type ScenarioRates,
  spotOfBays,
  spotOfHost,
  spotOfSupply,
  type Topology,
  type Wiring,
} from '@flint/core'

/** Millimetres from the front and from the left, as the top view has them. */
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
  cables: { cable: DataCable; at: PlanPoint }[]
  slots: PlanSlot[]
  cpu: PlanPoint | null
  chipset: PlanPoint | null
}

/** Between plugs of one column, and between ports of a card or board. For the drawing only. */
const END_STEP_MM = 15
const PORT_STEP_MM = 15
/** Between cables that run side by side. For the drawing only. */
const LANE_STEP_MM = 9
/** Where CPU and chipset lie on a board, as shares of its depth from the rear and of its width. For the drawing only. */
const CPU_AT = { depth: 0.55, width: 0.74 }
const CHIPSET_AT = { depth: 0.66, width: 0.46 }

/** Where every cable, lane and network link is drawn on the top view, with rate and load. */
export function planDrawing(
  document: DesignDocument,
  wiring: Wiring,
  topology: Topology,
  rates: ScenarioRates,
): PlanDrawing | null {
  const chassis = fittedOne(document, 'chassis')?.sheet
  const board = fittedOne(document, 'board')?.sheet
  if (!chassis?.boardAt || !board?.widthMm || !board.depthMm) return null
  const { boardAt, depthMm } = chassis
  const boardId = fittedOne(document, 'board')?.part.id
  const onBoard = (at: { depth: number; width: number }): PlanPoint => ({
    x: boardAt.frontMm - (board.depthMm ?? 0) * at.depth,
    y: boardAt.leftMm + (board.widthMm ?? 0) * at.width,
  })
  const cpu = onBoard(CPU_AT)
  const chipset = onBoard(CHIPSET_AT)
  const linkOf = new Map(topology.links.map((link) => [link.id, link]))
  const loadOf = new Map(rates.loads.map(({ link, bytesPerSecond }) => [link.id, bytesPerSecond]))
  const ports = wiring.hosts.flatMap((host) => portsOf(document, host, wiring))
  const ends = endsOf(document, wiring.data.cables)
  const runs: PlanRun[] = []

  wiring.data.cables.forEach((cable, index) => {
    for (const { end, at, driveIds } of ends.filter((one) => cable.ends.includes(one.end))) {
      const to = ports.find(
        ({ host, connector }) => host.id === cable.host.id && connector === cable.connectors[0],
      )
      if (!to) continue
      const shared = [...linkOf.values()].find(({ id }) => id === `cable-${cable.id}`)
      const linkIds = shared ? [shared.id] : driveIds.map((id) => `port-${id}`)
      const carried = linkIds.reduce((sum, id) => sum + (loadOf.get(id) ?? 0), 0)
      const widest = linkIds.reduce((sum, id) => sum + (linkOf.get(id)?.bytesPerSecond ?? 0), 0)
      const turn = at.x + 12 + (index % 6) * LANE_STEP_MM
      runs.push({
        id: `${cable.id} ${end.id}`,
        points: [at, { x: turn, y: at.y }, { x: turn, y: to.at.y }, to.at],
        linkIds,
        bytesPerSecond: widest,
        share: widest === 0 ? 0 : carried / widest,
        words: `${end.name} to ${cable.host.name} port ${cable.connectors.join(' and ')}`,
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
  const onBoardPorts = ports.filter(({ host, isTaken }) => isTaken && host.partId === boardId)
  const [port] = onBoardPorts
  if (port) line(CHIPSET, [port.at, { x: chipset.x, y: port.at.y }, chipset], 'ports of the board')
  const slots = slotsOf(document)
  for (const { slot, x, y, widthMm, cardId } of slots) {
    if (cardId === null) continue
    const origin = board.slots?.[slot - 1]?.origin === 'chipset' ? chipset : cpu
    const out = { x: Math.max(x + 30, origin.x), y: y + widthMm / 2 }
    line(`slot-${slot}`, [out, { x: origin.x, y: out.y }, origin])
  }
  topology.network.forEach(({ id, port }, index) => {
    const slot = slots.find(({ cardId }) => cardId === port.partId)
    const y = slot
      ? slot.y + slot.widthMm / 2
      : boardAt.leftMm + (board.widthMm ?? 0) - 40 - index * LANE_STEP_MM
    const from = slot ? [{ x: boardAt.frontMm - 6, y }] : [chipset, { x: chipset.x, y }]
    line(id, [...from, { x: depthMm + 34, y }])
  })
  const cables = wiring.data.cables.flatMap((cable) => {
    const port = ports.find(
      ({ host, connector }) => host.id === cable.host.id && connector === cable.connectors[0],
    )
    return port ? [{ cable, at: port.at }] : []
  })
  return { runs, ends, ports, cables, slots, cpu, chipset }
}

/** Plugs behind the bays; those of one column are drawn side by side, although they lie one over the other. */
function endsOf(document: DesignDocument, cables: readonly DataCable[]): PlanEnd[] {
  const all = cables.flatMap(({ ends, pinned }) =>
    ends.flatMap((end) => {
      const spot = spotOfBays(document, end.bays)
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
      driveIds: end.bays.flatMap(({ drive }) => drive?.part.id ?? []),
    }
  })
}

function portsOf(document: DesignDocument, host: PortHost, { data }: Wiring): PlanPort[] {
  const spot = spotOfHost(document, host)
  if (!spot) return []
  const board = fittedOne(document, 'board')
  const isBoard = board?.part.id === host.partId
  const endMm = spot.leftMm + (board?.sheet.widthMm ?? 0)
  return host.laneRates.map((_, index) => ({
    host,
    connector: index + 1,
    // Along the front edge of a board, along the length of a card.
    at: isBoard
      ? { x: spot.frontMm + 8, y: endMm - 12 - index * PORT_STEP_MM }
      : { x: spot.frontMm + 10 + index * PORT_STEP_MM, y: spot.leftMm },
    isTaken: data.cables.some(
      (cable) => cable.host.id === host.id && cable.connectors.includes(index + 1),
    ),
  }))
}

/** The slots of the board, where cards stand or may be dragged to. */
function slotsOf(document: DesignDocument): PlanSlot[] {
  const boardAt = fittedOne(document, 'chassis')?.sheet.boardAt
  const slots = fittedOne(document, 'board')?.sheet.slots ?? []
  if (!boardAt) return []
  return cardPlaces(document).flatMap(({ slot, leftMm, widthMm, card }) => {
    const known = slots[slot]
    if (!known) return []
    const lengthMm = card?.sheet.lengthMm ?? 60 + known.physicalLanes * 4
    return [
      {
        slot: slot + 1,
        cardId: card?.part.id ?? null,
        cardName: card?.sheet.model ?? null,
        x: boardAt.frontMm - lengthMm,
        y: leftMm,
        widthMm,
        lengthMm,
      },
    ]
  })
}

/** Power leads on the top view: from the supply to each plug. */
export function leadRuns(document: DesignDocument, { power }: Wiring): PlanRun[] {
  const from = spotOfSupply(document)
  if (!from || !power) return []
  return power.feeds.flatMap(({ end, lead, startAmps, ratedAmps }, index): PlanRun[] => {
    const spot = end.bays.length > 0 ? spotOfBays(document, end.bays) : null
    if (!spot) return []
    const at = { x: spot.frontMm, y: spot.leftMm }
    const turn = at.x + 14 + (index % 6) * LANE_STEP_MM
    const start = { x: from.frontMm, y: from.leftMm }
    return [
      {
        id: `${lead.id} ${end.id}`,
        points: [start, { x: turn, y: start.y }, { x: turn, y: at.y }, at],
        linkIds: [],
        bytesPerSecond: null,
        share: startAmps === null ? 0 : startAmps / ratedAmps,
        words: `${lead.name} to ${end.name}`,
      },
    ]
  })
}
