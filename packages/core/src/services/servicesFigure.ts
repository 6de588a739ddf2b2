import type { Brief } from '../design/brief'
import type { Design, FittedPart, Pool } from '../design/design'
import type { HouseRules } from '../design/houseRules'
import type { Service } from '../design/services'
import { ethernetBytesPerSecond } from '../machine/linkRates'
import { type Machine, piecesOf } from '../machine/machine'
import { networkPorts } from '../machine/networkPorts'
import type { PieceId } from '../machine/piece'
import type { Band } from '../units/band'
import { type DeviceFigure, deviceFigure } from './deviceFigure'
import { partitionsOf } from './partitions'
import { readCacheHeaders } from './readCacheHeaders'
import { serviceDevices } from './serviceDevices'
import { RECORD_BYTES, serviceSize } from './serviceSize'
import { slowestWait, syncWriteWait } from './syncWriteWait'
import { tierAsleepHours } from './tierAsleepHours'
import { withImpliedSystem } from './withImpliedSystem'
import { type WriteLogSizes, writeLogSizes } from './writeLogSizes'
import { writtenPerDay } from './writtenPerDay'

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
  /** Of mirrored devices that are not alike, what the larger ones hold in vain. */
  strandedBytes: number
  /**
   * For a fast tier whose disks may stop: the most hours of a day that they sleep, if only the mover wakes them; null
   * for others, and where their rate is not known.
   */
  asleepHours: number | null
  /** For a write log: how long a small write waits, with the slowest of its devices; null without one. */
  waitMicroseconds: Band | null
}

export interface ServicesFigure {
  services: ServiceFigure[]
  devices: DeviceFigure[]
  /** The quickest that anybody could write to the machine; null without a network port. */
  incomingBytesPerSecond: number | null
  /** What a write log wants, by each school. */
  logSizes: WriteLogSizes
  memoryBytes: number | null
  /** Of the memory, what guests take; null where there are some and nobody has said it. */
  guestBytes: number | null
}

/** What of a design is read for its services. */
export type ServicesDesign = Pick<Design, 'services'> & {
  /** How worn pieces are, as far as anybody has looked. */
  fitted: readonly Pick<FittedPart, 'id' | 'wornShare'>[]
  pools: readonly Pool[]
  brief: Readonly<Brief>
  houseRules: Readonly<Pick<HouseRules, 'spinDownMinutes'>>
}

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
    const pool = design.pools.find(({ id }) => id === service.poolId) ?? null
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
      pool,
      deviceIds,
      bytes,
      wantedBytes: serviceSize(service, design.brief, logSizes),
      tolerates: service.arrangement === 'mirror' ? Math.max(0, deviceIds.length - 1) : 0,
      writtenBytesPerDay: writtenPerDay(service, design.brief, bytes),
      strandedBytes:
        service.arrangement === 'mirror'
          ? sizes.reduce((sum, size) => sum + size - Math.min(...sizes), 0)
          : 0,
      asleepHours:
        service.role === 'fast tier'
          ? tierAsleepHours(service, pool, design.brief, design.houseRules.spinDownMinutes, machine)
          : null,
      waitMicroseconds:
        service.role === 'write log'
          ? slowestWait(
              devices
                .filter(({ id }) => deviceIds.includes(id))
                .map(({ dataSheet }) => syncWriteWait(dataSheet)),
            )
          : null,
      memoryBytes:
        service.role === 'read cache'
          ? readCacheHeaders(bytes, service.recordBytes ?? RECORD_BYTES)
          : 0,
    }
  })
  const writtenBy = new Map(
    figures.map(({ service, writtenBytesPerDay }) => [service.id, writtenBytesPerDay]),
  )
  const worn = new Map(design.fitted.map(({ id, wornShare }) => [id, wornShare ?? 0]))
  return {
    services: figures,
    devices: devices.map((device) =>
      deviceFigure(device, laidOut.get(device.id) ?? [], writtenBy, worn.get(device.id) ?? 0),
    ),
    incomingBytesPerSecond: incoming,
    logSizes,
    memoryBytes,
    guestBytes: guestBytesOf(design.brief),
  }
}

/** Images of machines are there to be run, so without a word about their memory it is not nothing. */
function guestBytesOf({ guestMemoryBytes, data }: Readonly<Brief>): number | null {
  return guestMemoryBytes ?? (data.some(({ kind }) => kind === 'machine images') ? null : 0)
}

/** The quickest that anybody could write to the machine: all its network ports together; null without one. */
function incomingBytesPerSecond({ ofKind }: Machine): number | null {
  const ports = networkPorts(ofKind)
  return ports.length === 0
    ? null
    : ports.reduce((sum, { bitsPerSecond }) => sum + ethernetBytesPerSecond(bitsPerSecond), 0)
}
