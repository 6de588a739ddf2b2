import { z } from 'zod'
import { documentId as id } from './pools/poolFields'

/** What a small fast device, or a part of one, can do beside holding files. */
export const SERVICE_ROLES = ['system', 'write log', 'read cache', 'metadata', 'fast tier'] as const
export type ServiceRole = (typeof SERVICE_ROLES)[number]

/** The letter that stands for a role where there is no room for its name. */
export const ROLE_LETTERS: Record<ServiceRole, string> = {
  system: 'S',
  'write log': 'L',
  'read cache': 'R',
  metadata: 'M',
  'fast tier': 'T',
}

/** How the devices of a service stand to each other; of one device it says nothing. */
export const ARRANGEMENTS = ['mirror', 'stripe'] as const
export type Arrangement = (typeof ARRANGEMENTS)[number]

const servicePart = z.strictObject({
  pieceId: id,
  /** How much of the device; null for all that no other service has. */
  bytes: z.int().positive().max(1e15).nullable().default(null),
})

/** A job that one or more devices do, for a pool or for the machine itself. */
export const service = z.strictObject({
  id,
  role: z.enum(SERVICE_ROLES),
  /** The pool that it serves; null for the system. */
  poolId: id.nullable().default(null),
  arrangement: z.enum(ARRANGEMENTS),
  parts: z.array(servicePart).max(8),
  /** What it writes on a day, when its user knows better than the estimate. */
  writtenBytesPerDay: z.number().min(0).max(1e15).nullable().default(null),
  /** For a fast tier: how often its files are moved on. */
  movedEveryHours: z.number().positive().max(10_000).default(24),
  /** For a read cache: what its user takes to be found in it, of all that is read. Nobody else can know it. */
  hitShare: z.number().min(0).max(1).nullable().default(null),
  /** For a read cache: the size of the records in it; null for what is usual. */
  recordBytes: z.int().min(512).max(16_777_216).nullable().default(null),
  /** For a metadata device: blocks of this size and below go to it whole; null for metadata alone. */
  smallBlockBytes: z.int().min(512).max(16_777_216).nullable().default(null),
})
export type Service = z.infer<typeof service>

/** What a service begins with, whatever its role. */
export const SERVICE_DEFAULTS = {
  writtenBytesPerDay: null,
  movedEveryHours: 24,
  hitShare: null,
  recordBytes: null,
  smallBlockBytes: null,
} satisfies Partial<Service>

/** More jobs than a house has devices for. */
export const MOST_SERVICES = 32

/** The arrangement that a role begins with: what may be lost with its device is mirrored, a cache never is. */
export function usualArrangement(role: ServiceRole): Arrangement {
  return role === 'read cache' ? 'stripe' : 'mirror'
}
