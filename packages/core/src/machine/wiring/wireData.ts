import { OUTSIDE_PLUGS } from '../../catalogue/plugs'
import { type PathChoices, sameEnd } from '../../design/pathChoices'
import type { BayId } from '../bays'
import type { PieceId } from '../piece'
import type { Gain } from './assignPlugs'
import type { Host, Item } from './assignment'
import { ConnectorAllocator, type DataCable } from './connectorAllocator'
import type { DataEnd } from './dataEnds'
import type { DriveGroups } from './driveGroups'
import { isPortOf, type PortHost } from './portHosts'
import type { Solver } from '../solver'

/** The port a drive hangs on in the end. */
export interface DrivePort {
  driveId: PieceId
  cableId: string
  /** Counted from 1. */
  connector: number
  /** Lane of the connector, counted from 1. */
  lane: number
}

export interface DataWiring {
  hosts: readonly PortHost[]
  cables: DataCable[]
  ports: DrivePort[]
  /** Drives that no port is left for, or that nothing speaks to. */
  unreachedIds: PieceId[]
  /** Boot devices that no port is left for. */
  unreachedPieceIds: PieceId[]
  /** NVMe drives in bays whose backplane is not made for them, or does not say so. */
  unspokenIds: PieceId[]
  /** Bays without a drive that no cable goes to, where one could. */
  unreachedBays: BayId[]
  /** Connectors left over, by host. */
  free: { hostId: string; connectors: number[] }[]
  /** How much better it could be at most, where there are too many ways to look at all. */
  couldBeBetter: Gain | null
}

const MB = 1_000_000

export interface DataProblem {
  ends: readonly DataEnd[]
  /** What wiring sees of them. */
  look: string
  /** Boot devices with a data plug; they take the slowest ports of the board while it has any. */
  boots: readonly DataEnd[]
  unspokenIds: readonly PieceId[]
  hosts: readonly PortHost[]
  groups: DriveGroups
  /** What the link of a host to the CPU moves, bytes a second. */
  mostOf: (host: PortHost) => number
  boardId: PieceId | null
}

/**
 * Which data cable goes from which port to which drive?
 *
 * Plugs with drives behind them are dealt out to the hosts first, then to their connectors; four single
 * drives share a fan-out cable. What the builder has fixed stays. Plugs of backplanes without a drive are
 * attached to what is left over, so that the bays work when they are wanted.
 */
export function wireData(
  problem: DataProblem,
  paths: Pick<PathChoices, 'members' | 'portPins'>,
  solver: Solver,
): DataWiring {
  const { look, boots, hosts, groups } = problem
  const from = [hosts, boots, paths.members, paths.portPins, ...groups.look]
  return withDrives(
    solver.alike('data cables', from, look, () => wire(problem, paths, solver)),
    problem,
  )
}

/** Wiring worked out for ends that look alike, with the drives that are behind them now. */
function withDrives(
  wiring: DataWiring,
  { ends, boots, hosts, unspokenIds }: DataProblem,
): DataWiring {
  const endOf = new Map<string, DataEnd>()
  for (const end of ends) endOf.set(end.key, end)
  for (const end of boots) endOf.set(end.key, end)
  const lanesOf = new Map<string, number>()
  for (const { id, lanes } of hosts) lanesOf.set(id, lanes)
  const ports: DrivePort[] = []
  const cables = wiring.cables.map((before) => {
    const { id, hostId, connectors, pinned } = before
    const behind: DataEnd[] = []
    for (const { key } of before.ends) {
      const end = endOf.get(key)
      if (end) behind.push(end)
    }
    const cable = { id, hostId, connectors, ends: behind, pinned }
    addPorts(ports, cable, lanesOf.get(hostId) ?? 1)
    return cable
  })
  const reached = new Set<PieceId>()
  for (const { driveId } of ports) reached.add(driveId)
  const unreachedIds: PieceId[] = []
  for (const { drives } of ends) {
    for (const { id } of drives) if (!reached.has(id)) unreachedIds.push(id)
  }
  unreachedIds.push(...unspokenIds)
  return { ...wiring, cables, ports, unreachedIds, unspokenIds: [...unspokenIds] }
}

function wire(
  problem: DataProblem,
  { members, portPins }: Pick<PathChoices, 'members' | 'portPins'>,
  solver: Solver,
): DataWiring {
  const { ends, boots, groups, mostOf } = problem
  const all = problem.hosts.map((host) => new ConnectorAllocator(host))
  const bootCables = boots.flatMap((boot) => {
    const onBoard = all.find(({ host }) => host.pieceId === problem.boardId && takes(host, boot))
    return onBoard?.takeSlowest(boot) ?? []
  })
  // Hosts that take none of the plugs there are, as USB mostly, need not be thought about.
  const wired = new Set(bootCables.flatMap((cable) => cable.ends))
  const wanted = [
    ...ends.filter(({ drives }) => drives.length > 0),
    ...boots.filter((boot) => !wired.has(boot)),
  ]
  const allocators = all.filter(({ host }) => wanted.some((end) => takes(host, end)))
  const hosts = allocators.map(({ host }) => host)
  const pinOf = (end: DataEnd) => portPins.find((pin) => sameEnd(pin.end, end.ref))?.port
  const assigned = solver.assign(
    wanted.map((end) => {
      const pin = pinOf(end)
      const pinnedTo = pin ? hosts.findIndex((host) => isPortOf(host, pin)) : -1
      return itemOf(end, hosts, groups, pinnedTo)
    }),
    allocators.map((allocator) => {
      const { host } = allocator
      return asHost(host, allocator.free().length, hosts, mostOf(host) / MB)
    }),
    groups.groups,
    {
      members,
      order: ['left', 'shared', 'cost', { short: 0 }, 'late'],
      leastCost: leastCables(wanted, hosts),
    },
  )
  wanted.forEach((end, index) => {
    const at = assigned.hostOf[index] ?? null
    if (at !== null) allocators[at]?.take(end, pinOf(end)?.connector ?? null)
  })
  const cables = allocators.flatMap((allocator) => allocator.cables(members, groups, solver))
  cables.push(...bootCables)
  const attached = new Set(cables.flatMap((cable) => cable.ends))
  // What is left may still reach some drives of a plug of four, or serve plugs that are empty today.
  for (const end of [...wanted, ...ends.filter(({ drives }) => drives.length === 0)]) {
    if (attached.has(end)) continue
    for (const allocator of all) {
      const cable = takes(allocator.host, end) ? allocator.squeeze(end) : null
      if (!cable) continue
      cables.push(cable)
      attached.add(end)
      break
    }
  }
  const orderOf = new Map([...ends, ...boots].map((end, at) => [end, at]))
  for (const cable of cables) {
    cable.ends.sort((one, other) => (orderOf.get(one) ?? 0) - (orderOf.get(other) ?? 0))
  }
  const hostOf = new Map(problem.hosts.map((host) => [host.id, host]))
  const lanesOf = (cable: DataCable): number => hostOf.get(cable.hostId)?.lanes ?? 1
  return {
    hosts: problem.hosts,
    cables,
    ports: [],
    unreachedIds: [],
    unreachedPieceIds: boots.flatMap((boot) =>
      !attached.has(boot) && 'piece' in boot.ref ? [boot.ref.piece] : [],
    ),
    unspokenIds: [],
    unreachedBays: [
      ...ends.filter((end) => !attached.has(end)).flatMap(emptyBays),
      ...cables.flatMap((cable) => withoutPort(cable, lanesOf(cable))),
    ],
    free: all.flatMap((allocator) => {
      const connectors = allocator.free()
      return connectors.length > 0 ? [{ hostId: allocator.host.id, connectors }] : []
    }),
    couldBeBetter: assigned.couldBeBetter,
  }
}

/** Whether a cable exists from ports of this host to this plug. */
export function takes(
  host: Pick<PortHost, 'plug' | 'lanes' | 'takesSas' | 'takesNvme'>,
  {
    plug,
    lanes,
    needsSas,
    needsNvme,
    isShared,
  }: Pick<DataEnd, 'plug' | 'lanes' | 'needsSas' | 'needsNvme' | 'isShared'>,
): boolean {
  if (needsSas && !host.takesSas) return false
  if (needsNvme && !(host.takesNvme && host.lanes >= lanes)) return false
  if (plug === 'USB' || host.plug === 'USB') return plug === host.plug
  // The chip that shares lanes among drives is spoken to by SAS only.
  if (isShared && !host.takesSas) return false
  const hostIsOutside = host.plug !== null && OUTSIDE_PLUGS.includes(host.plug)
  if (hostIsOutside || OUTSIDE_PLUGS.includes(plug)) {
    return hostIsOutside && OUTSIDE_PLUGS.includes(plug) && lanes === host.lanes
  }
  return host.plug !== null || lanes === 1
}

/** What it takes: ends of one lane, plugs of four, ports where one-lane ports feed such a plug. */
function itemOf(
  end: DataEnd,
  hosts: readonly PortHost[],
  groups: DriveGroups,
  pinnedTo: number,
): Item {
  const possible = hosts.flatMap((host, index) => (takes(host, end) ? [index] : []))
  return {
    takes: end.lanes === 1 ? [1, 0, 0] : [0, 1, end.isShared ? end.lanes : end.drives.length],
    drives: end.drives.length,
    groups: groups.ofAll(end.drives.map(({ id }) => id)),
    demands: [end.drives.reduce((sum, { bytesPerSecond }) => sum + bytesPerSecond, 0) / MB],
    // A pin to what is gone, or takes no such plug, is none.
    allowed: possible.includes(pinnedTo) ? [pinnedTo] : possible,
  }
}

function asHost(
  host: PortHost,
  connectorsFree: number,
  hosts: readonly PortHost[],
  most: number,
): Host {
  const { id, pieceId, lanes } = host
  const goneWith = hosts.flatMap((one, index) =>
    one.id === id || one.behindId === id || one.pieceId === pieceId ? [index] : [],
  )
  return {
    goneWith,
    most: [most],
    costs: `${connectorsFree} of ${lanes} lanes`,
    costOf: ([singles = 0, fours = 0, ports = 0]) => {
      const connectors = lanes === 1 ? singles + ports : fours + Math.ceil(singles / lanes)
      if (connectors > connectorsFree) return null
      // A cable that gathers four ports counts as two: it takes all the ports and is seldom in a box.
      return lanes === 1 ? singles + 2 * fours : connectors
    },
  }
}

/** Cables that are needed in any case. */
function leastCables(ends: readonly DataEnd[], hosts: readonly PortHost[]): number {
  const singles = ends.filter(({ lanes }) => lanes === 1).length
  const widest = Math.max(1, ...hosts.map(({ lanes }) => lanes))
  return ends.length - singles + Math.ceil(singles / widest)
}

function emptyBays({ bayIds, drives }: DataEnd): BayId[] {
  const lanes = new Set(drives.map(({ lane }) => lane))
  return bayIds.filter((_, lane) => !lanes.has(lane))
}

/** Empty bays behind a plug of four that has fewer ports than bays: drives have the ports. */
function withoutPort({ connectors, ends }: DataCable, hostLanes: number): BayId[] {
  if (hostLanes > 1) return []
  return ends.flatMap((end) =>
    emptyBays(end).slice(Math.max(0, connectors.length - end.drives.length)),
  )
}

/** Adds which lane each drive of a cable hangs on. */
function addPorts(
  ports: DrivePort[],
  { id: cableId, connectors, ends }: DataCable,
  hostLanes: number,
): void {
  const [first = 1] = connectors
  ends.forEach((end, endIndex) => {
    end.drives.forEach(({ id: driveId, lane }, index) => {
      if (end.isShared) ports.push({ driveId, cableId, connector: first, lane: 1 })
      else if (hostLanes > 1) {
        const at = end.lanes === 1 ? endIndex : lane
        ports.push({ driveId, cableId, connector: first, lane: at + 1 })
      } else {
        // Ports of one lane that feed a plug of four: one for each drive, as far as they go.
        const connector = connectors[index]
        if (connector !== undefined) ports.push({ driveId, cableId, connector, lane: 1 })
      }
    })
  })
}
