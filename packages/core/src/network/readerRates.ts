import { expectedLinks } from './expectedLinks'

export interface ReaderRates {
  readers: number
  /** The most that one of them can get: one link, however many are joined. */
  eachAtMostBytesPerSecond: number
  /** All together when each has a link of its own as far as they go. */
  togetherAtBestBytesPerSecond: number
  /** All together on average when links are chosen by address. */
  togetherExpectedBytesPerSecond: number
}

/**
 * What do some readers get over equal links that are joined?
 *
 * @param linkBytesPerSecond what a file copy sees of one link
 * @param machineBytesPerSecond what drives and slots give all readers together
 * @example readerRates(4, 4, 114).togetherExpectedBytesPerSecond // 311.7
 */
export function readerRates(
  readers: number,
  links: number,
  linkBytesPerSecond: number,
  machineBytesPerSecond = Infinity,
): ReaderRates {
  const capped = (bytesPerSecond: number): number => Math.min(bytesPerSecond, machineBytesPerSecond)
  return {
    readers,
    eachAtMostBytesPerSecond: capped(linkBytesPerSecond),
    togetherAtBestBytesPerSecond: capped(Math.min(readers, links) * linkBytesPerSecond),
    togetherExpectedBytesPerSecond: capped(expectedLinks(links, readers) * linkBytesPerSecond),
  }
}
