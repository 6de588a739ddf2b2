import type { Brief } from '../design/brief'
import type { Service, ServiceRole } from '../design/services'
import { DAYS_PER_YEAR } from '../units/time'
import { smallData } from './smallBlocks'

/** What a system writes for itself: logs, counters, updates. Common practice, no source. */
const SYSTEM_BYTES_PER_DAY = 5e9
/** Of images of machines, what their guests write anew each day. Common practice, no source. */
const REWRITTEN_SHARE = 0.01
/** Of a read cache, what is replaced each day. Common practice, no source. */
const REPLACED_SHARE = 0.1
/** Of what is written, its metadata. Common practice, no source. */
const METADATA_SHARE = 0.01

/** What comes in on a day, of all kinds of data. */
export function addedBytesPerDay({ data }: Pick<Brief, 'data'>): number {
  return data.reduce((sum, entry) => sum + entry.growthBytesPerYear, 0) / DAYS_PER_YEAR
}

/**
 * What is written on a day that waits for the disk: guests' images, whose systems ask for it. File shares and block
 * export mostly do not, unless they are told to. Common practice, no source.
 */
export function synchronousBytesPerDay({ data }: Pick<Brief, 'data'>): number {
  const images = data.filter(({ kind }) => kind === 'machine images')
  return images.reduce(
    (sum, { nowBytes, growthBytesPerYear }) =>
      sum + growthBytesPerYear / DAYS_PER_YEAR + nowBytes * REWRITTEN_SHARE,
    0,
  )
}

const estimates: Record<ServiceRole, (brief: Pick<Brief, 'data'>, bytes: number) => number> = {
  system: () => SYSTEM_BYTES_PER_DAY,
  'write log': (brief) => synchronousBytesPerDay(brief),
  'read cache': (_brief, bytes) => bytes * REPLACED_SHARE,
  metadata: (brief) => (addedBytesPerDay(brief) + synchronousBytesPerDay(brief)) * METADATA_SHARE,
  'fast tier': (brief) => addedBytesPerDay(brief),
}

/**
 * How much does a service write on a day, to each of its devices?
 *
 * What its user says, else an estimate from the brief. Mirrored devices are written all of it each, others their share.
 *
 * @param bytes of the service on all its devices
 */
export function writtenPerDay(service: Service, brief: Pick<Brief, 'data'>, bytes: number): number {
  const { role, arrangement, parts, smallBlockBytes } = service
  const small = role === 'metadata' ? smallData(brief.data, smallBlockBytes) : []
  const together =
    service.writtenBytesPerDay ?? estimates[role](brief, bytes) + addedBytesPerDay({ data: small })
  return arrangement === 'mirror' || parts.length < 2 ? together : together / parts.length
}
