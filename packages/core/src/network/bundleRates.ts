import { expectedLinks } from './expectedLinks'

export interface BundleRates {
  /** The most that one client can have: one link, however many are joined. */
  oneBytesPerSecond: number
  /** All clients together: each with a link of its own as far as they go, on average, all on one link. */
  bestBytesPerSecond: number
  expectedBytesPerSecond: number
  worstBytesPerSecond: number
  /** On average, when one of the links has failed; 0 where there was only one. */
  afterOneFailsBytesPerSecond: number
}

/**
 * What do some clients get over equal links that are joined?
 *
 * A switch and a bond choose the link of each client by its addresses, as good as at random, and never split one.
 *
 * @param links joined links, at least 1
 * @param clients who read at once, at least 1
 * @param linkBytesPerSecond what a file copy sees of one link
 * @param machineBytesPerSecond what drives and slots give all of them together
 * Source: `expectedLinks`. Common practice, no source: four links of 1 Gb/s gave four readers 380 MB/s, between the
 * average of 312 and the best of 456.
 * @example bundleRates(4, 4, 114e6).expectedBytesPerSecond // 311.7e6
 */
export function bundleRates(
  links: number,
  clients: number,
  linkBytesPerSecond: number,
  machineBytesPerSecond = Infinity,
): BundleRates {
  const capped = (usedLinks: number): number =>
    Math.min(usedLinks * linkBytesPerSecond, machineBytesPerSecond)
  return {
    oneBytesPerSecond: capped(1),
    bestBytesPerSecond: capped(Math.min(clients, links)),
    expectedBytesPerSecond: capped(expectedLinks(links, clients)),
    worstBytesPerSecond: capped(1),
    afterOneFailsBytesPerSecond: links > 1 ? capped(expectedLinks(links - 1, clients)) : 0,
  }
}
