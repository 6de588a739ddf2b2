import { type DataCable, drivesOf, HostBench } from './hostBench'
import { OUTSIDE_PLUGS } from '../../catalogue/plugs'
import { USUAL_DRIVE_BYTES_PER_SECOND } from '../linkRates'
import type { PathChoices } from '../pathChoices'
import type { DataEnd } from './dataEnds'
import { dealOut } from './dealOut'
import type { BornSet, Host, Item } from './hands'
import type { PortHost } from './portHosts'

/** The port a drive hangs on in the end. */
export interface DrivePort {
  driveId: string
  cable: DataCable
  /** Counted from 1. */
  connector: number
  /** Lane of the connector, counted from 1. */
  lane: number
}

export interface DataWiring {
  cables: DataCable[]
  ports: DrivePort[]
  /** Drives that no port is left for. */
  unreachedIds: string[]
  /** Bays without a drive that no cable goes to, where one could. */
  unreachedBays: number[]
  /** Connectors left over, by host. */
  free: { host: PortHost; connectors: number[] }[]
  /** Whether every way was looked at. */
  isBest: boolean
}

const MB = 1_000_000

/**
 * Which data cable goes from which port to which drive?
 *
 * Plugs with drives behind them are dealt out to the hosts first, then to their connectors; four single
 * drives share a fan-out cable. What the builder has fixed stays. Plugs of backplanes without a drive are
 * attached to what is left over, so that the bays work when they are wanted.
 *
 * @param mostOf what the link of a host to the CPU moves, bytes a second
 */
export function wireData(
  ends: readonly DataEnd[],
  allHosts: readonly PortHost[],
  sets: readonly BornSet[],
  { members, portPins }: Pick<PathChoices, 'members' | 'portPins'>,
  mostOf: (host: PortHost) => number,
): DataWiring {
  const pinOf = new Map(portPins.map((pin) => [pin.end, pin]))
  // Hosts that take none of the plugs there are, as USB mostly, need not be thought about.
  const hosts = allHosts.filter((host) => ends.some((end) => takes(host, end)))
  const wanted = ends.filter(({ bays }) => bays.some(({ drive }) => drive !== null))
  const items = wanted.map((end) => itemOf(end, hosts, pinOf.get(end.id)?.hostId ?? null))
  const dealt = dealOut(
    items,
    hosts.map((host) => asHost(host, hosts, mostOf(host) / MB)),
    sets,
    { members, leastCost: leastCables(wanted, hosts) },
  )
  const benches = hosts.map((host) => new HostBench(host))
  wanted.forEach((end, index) => {
    const at = dealt.hostOf[index] ?? null
    if (at !== null) benches[at]?.take(end, pinOf.get(end.id)?.connector ?? null)
  })
  const setOf = new Map(
    sets.flatMap(({ driveIds }, set) => driveIds.map((id) => [id, set] as const)),
  )
  const cables = benches.flatMap((bench) => bench.cables(members, setOf))
  const attached = new Set(cables.flatMap((cable) => cable.ends.map(({ id }) => id)))
  // What is left may still reach some drives of a plug of four, or serve plugs that are empty today.
  for (const end of [
    ...wanted,
    ...ends.filter(({ bays }) => bays.every(({ drive }) => drive === null)),
  ]) {
    if (attached.has(end.id)) continue
    for (const bench of benches) {
      const cable = takes(bench.host, end) ? bench.squeeze(end) : null
      if (!cable) continue
      cables.push(cable)
      attached.add(end.id)
      break
    }
  }
  const ports = cables.flatMap(portsOf)
  const reached = new Set(ports.map(({ driveId }) => driveId))
  const drives = ends.flatMap(({ bays }) => bays.flatMap(({ drive }) => drive?.part.id ?? []))
  return {
    cables,
    ports,
    unreachedIds: drives.filter((id) => !reached.has(id)),
    unreachedBays: [
      ...ends.filter(({ id }) => !attached.has(id)).flatMap(emptyBays),
      ...cables.flatMap(withoutPort),
    ].sort((one, other) => one - other),
    free: allHosts.flatMap((host) => {
      const bench = benches.find((one) => one.host === host) ?? new HostBench(host)
      const connectors = bench.free()
      return connectors.length > 0 ? [{ host, connectors }] : []
    }),
    isBest: dealt.isBest,
  }
}

/** Whether a cable exists from ports of this host to this plug. */
export function takes(host: PortHost, { plug, lanes, bays, isShared }: DataEnd): boolean {
  const needsSas = bays.some(({ drive }) => drive?.sheet.plug === 'SAS')
  if (needsSas && !host.takesSas) return false
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
function itemOf(end: DataEnd, hosts: readonly PortHost[], pinnedTo: string | null): Item {
  const drives = end.bays.flatMap(({ drive }) => drive ?? [])
  const possible = hosts.flatMap((host, index) => (takes(host, end) ? [index] : []))
  const pinned = possible.filter((index) => hosts[index]?.id === pinnedTo)
  return {
    takes: end.lanes === 1 ? [1, 0, 0] : [0, 1, end.isShared ? end.lanes : drives.length],
    driveIds: drives.map(({ part }) => part.id),
    demand:
      drives.reduce(
        (sum, { sheet }) => sum + (sheet.outerRateBytesPerSecond ?? USUAL_DRIVE_BYTES_PER_SECOND),
        0,
      ) / MB,
    // A pin to what is gone, or takes no such plug, is none.
    allowed: pinned.length > 0 ? pinned : possible,
  }
}

function asHost(host: PortHost, hosts: readonly PortHost[], most: number): Host {
  const { id, partId, lanes, laneRates } = host
  const goneWith = hosts.flatMap((one, index) =>
    one.id === id || one.behindId === id || one.partId === partId ? [index] : [],
  )
  return {
    goneWith,
    most,
    costOf: ([singles = 0, fours = 0, ports = 0]) => {
      const connectors = lanes === 1 ? singles + ports : fours + Math.ceil(singles / lanes)
      if (connectors > laneRates.length) return null
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

const emptyBays = ({ bays }: DataEnd): number[] =>
  bays.flatMap(({ bay, drive }) => (drive ? [] : [bay.number]))

/** Empty bays behind a plug of four that has fewer ports than bays: drives have the ports. */
function withoutPort({ host, connectors, ends }: DataCable): number[] {
  if (host.lanes > 1) return []
  return ends.flatMap((end) =>
    emptyBays(end).slice(Math.max(0, connectors.length - drivesOf(end).length)),
  )
}

/** Which lane each drive of a cable hangs on. */
function portsOf(cable: DataCable): DrivePort[] {
  const { host, connectors, ends } = cable
  const [first = 1] = connectors
  return ends.flatMap((end, endIndex) => {
    const drives = end.bays.flatMap(({ drive }, lane) => (drive ? [{ drive, lane }] : []))
    return drives.flatMap(({ drive, lane }, index): DrivePort[] => {
      const driveId = drive.part.id
      if (end.isShared) return [{ driveId, cable, connector: first, lane: 1 }]
      if (host.lanes > 1) {
        return [{ driveId, cable, connector: first, lane: (end.lanes === 1 ? endIndex : lane) + 1 }]
      }
      // Ports of one lane that feed a plug of four: one for each drive, as far as they go.
      const connector = connectors[index]
      return connector === undefined ? [] : [{ driveId, cable, connector, lane: 1 }]
    })
  })
}
