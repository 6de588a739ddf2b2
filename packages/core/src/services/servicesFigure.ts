import { insideBytesOf } from './insideBytesOf'
import type { Brief } from '../design/brief'
import type { Design, Pool } from '../design/design'
import type { Service, ServiceRole } from '../design/services'
import { ethernetBytesPerSecond } from '../machine/linkRates'
import { type Machine, piecesOf } from '../machine/machine'
import { networkPorts } from '../machine/networkPorts'
import type { Piece, PieceId } from '../machine/piece'
import { KIB } from '../units/bytes'
import type { Missing } from '../units/amount'
import { lifeYears, type Years } from './lifeYears'
import { metadataBytes } from './metadataBytes'
import { readCacheHeaders } from './readCacheHeaders'
import { type WriteLogSizes, writeLogSizes } from './writeLogSizes'
import { addedBytesPerDay, writtenPerDay } from './writtenPerDay'

/** Size of records where nobody has set another. Source: OpenZFS property recordsize, 128 KiB by default. */
const RECORD_BYTES = 128 * KIB

/** A device that can have services: a boot device, or flash in no group. */
export type ServiceDevice = Piece<'boot'> | Piece<'drive'>

/** One stretch of a device, from its beginning on. */
export interface Partition {
  serviceId: string
  role: ServiceRole
  poolId: string | null
  fromBytes: number
  bytes: number
}

export interface DeviceFigure {
  device: ServiceDevice
  partitions: Partition[]
  /** What no service has; less than 0 where they want more than there is. */
  freeBytes: number
  writtenBytesPerDay: number
  /** Null where nothing is written, or where what it endures is not known. */
  years: Years | null
  missing: Missing[]
}

export interface ServiceFigure {
  service: Service
  /** Whether nobody has said so: boot devices hold the system unless they are told otherwise. */
  isImplied: boolean
  pool: Pool | null
  /** Its devices that are there, each once: neither gone, nor away, nor members of a pool. */
  deviceIds: PieceId[]
  /** What it can hold: of mirrored devices the smallest, of others their sum. */
  bytes: number
  /** The least that it should hold; null where that is not known, or where any size serves. */
  wantedBytes: number | null
  /** Of its devices, how many may fail without loss. */
  tolerates: number
  /** To each of its devices. */
  writtenBytesPerDay: number
  /** Memory that it takes, for a read cache. */
  memoryBytes: number
}

export interface ServicesFigure {
  services: ServiceFigure[]
  devices: DeviceFigure[]
  /** The quickest that anybody could write to the machine; null without a network port. */
  incomingBytesPerSecond: number | null
  /** What a write log wants, by each school. */
  logSizes: WriteLogSizes
  memoryBytes: number | null
}

/** What of a design is read for its services. */
export type ServicesDesign = Pick<Design, 'services' | 'fitted'> & {
  pools: readonly Pool[]
  brief: Readonly<Brief>
}

const IMPLIED_ID = 'system'

/** The devices that can have services, boot devices first. */
function serviceDevices(machine: Machine, pools: readonly Pool[]): ServiceDevice[] {
  const members = membersOf(pools)
  return [
    ...piecesOf(machine, 'boot'),
    ...piecesOf(machine, 'drive').filter(
      ({ id, dataSheet }) => dataSheet.medium === 'flash' && !members.has(id),
    ),
  ]
}

/** Every drive of every group. */
export const membersOf = (pools: readonly Pool[]): Set<PieceId> =>
  new Set(pools.flatMap(({ groups }) => groups.flatMap(({ driveIds }) => driveIds)))

/**
 * What do the services of a design hold, write and tolerate, and how long do their devices last?
 *
 * Every device that can have a service is in it, with or without one. A service on a drive that is a member of a pool
 * has no room there.
 */
export function servicesFigure(design: ServicesDesign, machine: Machine): ServicesFigure {
  const devices = serviceDevices(machine, design.pools)
  const services = withImpliedSystem(design, machine)
  const memory = piecesOf(machine, 'memory')
  const memoryBytes =
    memory.length === 0
      ? null
      : memory.reduce((sum, { dataSheet }) => sum + dataSheet.capacityBytes, 0)
  const incoming = incomingBytesPerSecond(machine)
  const logSizes = writeLogSizes(incoming, memoryBytes)
  const away = new Set(machine.awayIds)
  const laidOut = new Map(devices.map((device) => [device.id, partitionsOf(device, services)]))
  const figures = services.map(({ service, isImplied }): ServiceFigure => {
    const deviceIds = [...new Set(service.parts.map(({ pieceId }) => pieceId))].filter(
      (id) => laidOut.has(id) && !away.has(id),
    )
    const sizes = deviceIds.map(
      (id) => laidOut.get(id)?.find(({ serviceId }) => serviceId === service.id)?.bytes ?? 0,
    )
    const bytes =
      sizes.length === 0
        ? 0
        : service.arrangement === 'mirror'
          ? Math.min(...sizes)
          : sizes.reduce((sum, size) => sum + size, 0)
    return {
      service,
      isImplied,
      pool: design.pools.find(({ id }) => id === service.poolId) ?? null,
      deviceIds,
      bytes,
      wantedBytes: wantedBytes(service, design.brief, logSizes),
      tolerates: service.arrangement === 'mirror' ? Math.max(0, deviceIds.length - 1) : 0,
      writtenBytesPerDay: writtenPerDay(service, design.brief, bytes),
      memoryBytes: service.role === 'read cache' ? readCacheHeaders(bytes, RECORD_BYTES) : 0,
    }
  })
  const worn = new Map(design.fitted.map(({ id, wornShare }) => [id, wornShare ?? 0]))
  return {
    services: figures,
    devices: devices.map((device) =>
      deviceFigure(device, laidOut.get(device.id) ?? [], figures, worn.get(device.id) ?? 0),
    ),
    incomingBytesPerSecond: incoming,
    logSizes,
    memoryBytes,
  }
}

function deviceFigure(
  device: ServiceDevice,
  partitions: Partition[],
  figures: readonly ServiceFigure[],
  wornShare: number,
): DeviceFigure {
  const { capacityBytes, enduranceBytes } = device.dataSheet
  const writtenBytesPerDay = partitions.reduce(
    (sum, { serviceId }) =>
      sum + (figures.find(({ service }) => service.id === serviceId)?.writtenBytesPerDay ?? 0),
    0,
  )
  return {
    device,
    partitions,
    freeBytes: capacityBytes - partitions.reduce((sum, { bytes }) => sum + bytes, 0),
    writtenBytesPerDay,
    years:
      enduranceBytes === null ? null : lifeYears(enduranceBytes, writtenBytesPerDay, wornShare),
    missing:
      enduranceBytes === null && writtenBytesPerDay > 0
        ? [{ pieceId: device.id, field: 'enduranceBytes' }]
        : [],
  }
}

/** The services, and the system on boot devices that have none, where nobody has said where it is. */
function withImpliedSystem(
  { services }: Pick<Design, 'services'>,
  machine: Machine,
): { service: Service; isImplied: boolean }[] {
  const said = services.map((service) => ({ service, isImplied: false }))
  if (services.some(({ role }) => role === 'system')) return said
  const used = new Set(services.flatMap(({ parts }) => parts.map(({ pieceId }) => pieceId)))
  const boots = piecesOf(machine, 'boot').filter(({ id }) => !used.has(id))
  if (boots.length === 0) return said
  const service: Service = {
    id: IMPLIED_ID,
    role: 'system',
    poolId: null,
    arrangement: 'mirror',
    parts: boots.map(({ id }) => ({ pieceId: id, bytes: null })),
    writtenBytesPerDay: null,
    movedEveryHours: 24,
  }
  return [{ service, isImplied: true }, ...said]
}

/** The stretches of a device in the order of its services; what is left is shared by those that say no size. */
function partitionsOf(
  { id, dataSheet }: ServiceDevice,
  services: readonly { service: Service }[],
): Partition[] {
  const parts = services.flatMap(({ service }) =>
    service.parts.filter(({ pieceId }) => pieceId === id).map(({ bytes }) => ({ service, bytes })),
  )
  const sizes = insideBytesOf(
    dataSheet.capacityBytes,
    parts.map(({ bytes }) => bytes),
  )
  let fromBytes = 0
  return parts.map(({ service }, index) => {
    const bytes = sizes[index] ?? 0
    const partition = {
      serviceId: service.id,
      role: service.role,
      poolId: service.poolId,
      fromBytes,
      bytes,
    }
    fromBytes += bytes
    return partition
  })
}

/** The quickest that anybody could write to the machine: all its network ports together; null without one. */
function incomingBytesPerSecond({ ofKind }: Machine): number | null {
  const ports = networkPorts(ofKind)
  return ports.length === 0
    ? null
    : ports.reduce((sum, { bitsPerSecond }) => sum + ethernetBytesPerSecond(bitsPerSecond), 0)
}

function wantedBytes(
  { role, movedEveryHours }: Service,
  brief: Readonly<Brief>,
  { byRateBytes }: WriteLogSizes,
): number | null {
  switch (role) {
    case 'write log':
      return byRateBytes
    case 'metadata':
      return metadataBytes(brief, RECORD_BYTES)
    case 'fast tier':
      return Math.max(
        0,
        ...brief.data.map(({ fileBytes }) => fileBytes),
        (addedBytesPerDay(brief) * movedEveryHours) / 24,
      )
    default:
      return null
  }
}
