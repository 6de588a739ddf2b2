/** A way to make a cable of a port's kind of plug. */
export interface CableMedium {
  words: string
  /** The longest that is specified, or usually sold. */
  longestMetres: number
}

interface KnownMedium extends CableMedium {
  plugs: readonly string[]
  mostBitsPerSecond: number
}

/**
 * What cables there are, the cheapest first. Source: IEEE 802.3 for lengths over copper pairs and fibre (clauses 40,
 * 55, 126 and 52, from memory); what direct-attach cables are sold as is common practice, no source.
 */
const MEDIA: readonly KnownMedium[] = [
  { plugs: ['RJ45'], mostBitsPerSecond: 1e9, words: 'copper, category 5e', longestMetres: 100 },
  { plugs: ['RJ45'], mostBitsPerSecond: 5e9, words: 'copper, category 6', longestMetres: 100 },
  { plugs: ['RJ45'], mostBitsPerSecond: 10e9, words: 'copper, category 6', longestMetres: 55 },
  { plugs: ['RJ45'], mostBitsPerSecond: 10e9, words: 'copper, category 6A', longestMetres: 100 },
  {
    plugs: ['SFP+', 'SFP28'],
    mostBitsPerSecond: 25e9,
    words: 'a direct-attach cable',
    longestMetres: 3,
  },
  { plugs: ['SFP+'], mostBitsPerSecond: 10e9, words: 'a direct-attach cable', longestMetres: 7 },
  {
    plugs: ['SFP+'],
    mostBitsPerSecond: 10e9,
    words: 'two short-reach optics and multimode fibre',
    longestMetres: 300,
  },
  {
    plugs: ['SFP28'],
    mostBitsPerSecond: 25e9,
    words: 'two short-reach optics and multimode fibre',
    longestMetres: 100,
  },
  {
    plugs: ['SFP+', 'SFP28'],
    mostBitsPerSecond: 25e9,
    words: 'two long-reach optics and single-mode fibre',
    longestMetres: 10_000,
  },
]

/**
 * What makes a cable of some length at some speed?
 *
 * @param plug of the port; null where no data sheet says it
 * @returns the first that is long enough; null where none is, or the plug is not known
 * @example cableMedium('RJ45', 10e9, 60)?.words // 'copper, category 6A'
 */
export function cableMedium(
  plug: string | null,
  bitsPerSecond: number,
  metres: number,
): CableMedium | null {
  const found = MEDIA.find(
    ({ plugs, mostBitsPerSecond, longestMetres }) =>
      plug !== null &&
      plugs.includes(plug) &&
      bitsPerSecond <= mostBitsPerSecond &&
      metres <= longestMetres,
  )
  return found ? { words: found.words, longestMetres: found.longestMetres } : null
}
