import type { DesignDocument } from '../design/document'
import { fittedOfKind } from '../design/fittedParts'
import { fileCopyBytesPerSecond } from '../paths/linkRates'
import { networkPorts } from './networkPorts'

const BITS_PER_BYTE = 8

/** Several links together give about this share of their sum. Common practice, no source. */
const SEVERAL_LINKS_SHARE = 0.8

export interface NetworkLinks {
  links: number
  /** What one reader can get at most: one link. */
  fastestBytesPerSecond: number
  /** What all readers together can get. */
  togetherBytesPerSecond: number
  /** Boards and cards whose ports no data sheet gives. */
  notKnownPartIds: string[]
}

/**
 * What can the machine's network ports move in a file copy?
 *
 * Aggregated links never give one reader more than one of them.
 *
 * @example one port of 1 Gb/s: 113.9 MB/s, for one reader and for all
 */
export function networkLinks(document: DesignDocument): NetworkLinks {
  const boards = fittedOfKind(document, 'board')
  const nics = fittedOfKind(document, 'nic')
  const bits = networkPorts(document).map(({ bitsPerSecond }) => bitsPerSecond)
  const sum = bits.reduce((total, one) => total + one, 0)
  const fastest = fileCopyBytesPerSecond(Math.max(0, ...bits))
  return {
    links: bits.length,
    fastestBytesPerSecond: fastest,
    togetherBytesPerSecond: Math.max(
      fastest,
      bits.length > 1 ? (sum / BITS_PER_BYTE) * SEVERAL_LINKS_SHARE : 0,
    ),
    notKnownPartIds: [
      ...boards.filter(({ sheet }) => sheet.networkPorts === null),
      ...nics.filter(({ sheet }) => sheet.bitsPerSecond === null),
    ].map(({ part }) => part.id),
  }
}
