import type { Brief } from '../design/brief'
import type { Service } from '../design/services'
import { KIB } from '../units/bytes'
import { metadataBytes } from './metadataBytes'
import { smallBlocks } from './smallBlocks'
import type { WriteLogSizes } from './writeLogSizes'
import { addedBytesPerDay } from './writtenPerDay'

/** Size of records where nobody has set another. Source: OpenZFS property recordsize, 128 KiB by default. */
export const RECORD_BYTES = 128 * KIB

/**
 * What a system wants of its device: itself, one version to go back to, logs and updates. Common practice, no source.
 */
export const SYSTEM_BYTES = 16e9

/**
 * The least that a service should hold, for the data of a brief; null where that is not known, or where any size
 * serves.
 */
export function serviceSize(
  { role, movedEveryHours, smallBlockBytes }: Service,
  brief: Readonly<Brief>,
  { byRateBytes }: WriteLogSizes,
): number | null {
  switch (role) {
    case 'write log':
      return byRateBytes
    case 'metadata':
      return metadataBytes(brief, RECORD_BYTES) + smallBlocks(brief, smallBlockBytes)
    case 'system':
      return SYSTEM_BYTES
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
