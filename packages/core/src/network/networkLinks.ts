import type { DesignDocument } from '../design/document'
import { fittedOfKind } from '../design/fittedParts'

const BITS_PER_BYTE = 8

/**
 * Of what a link signals, a file copy sees about this share: 113 to 114 of 125 MB/s on gigabit.
 * Common practice, no source.
 */
const COPY_SHARE = 0.91

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
 * @example one port of 1 Gb/s: 113.75 MB/s, for one reader and for all
 */
export function networkLinks(document: DesignDocument): NetworkLinks {
  const boards = fittedOfKind(document, 'board')
  const nics = fittedOfKind(document, 'nic')
  const rates = [
    ...boards.flatMap(({ sheet }) =>
      (sheet.networkPorts ?? []).flatMap(({ bitsPerSecond, count }) =>
        Array.from({ length: count }, () => bitsPerSecond / BITS_PER_BYTE),
      ),
    ),
    ...nics.flatMap(({ sheet }) =>
      sheet.bitsPerSecond === null
        ? []
        : Array.from({ length: sheet.ports }, () => (sheet.bitsPerSecond ?? 0) / BITS_PER_BYTE),
    ),
  ]
  const sum = rates.reduce((total, rate) => total + rate, 0)
  const fastest = rates.reduce((best, rate) => Math.max(best, rate), 0)
  return {
    links: rates.length,
    fastestBytesPerSecond: fastest * COPY_SHARE,
    togetherBytesPerSecond: Math.max(
      fastest * COPY_SHARE,
      rates.length > 1 ? sum * SEVERAL_LINKS_SHARE : 0,
    ),
    notKnownPartIds: [
      ...boards.filter(({ sheet }) => sheet.networkPorts === null),
      ...nics.filter(({ sheet }) => sheet.bitsPerSecond === null),
    ].map(({ part }) => part.id),
  }
}
