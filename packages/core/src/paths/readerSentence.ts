import { certain } from '../units/certain'
import type { Formatter } from '../units/formatter'
import type { ReaderFigures } from './readerFigures'

/**
 * What a reader gets and why, in one sentence: “Alone 114 MB/s, limited by the network port of the board (1 Gb/s); the
 * pool could give 640 MB/s.”
 */
export function readerSentence(figures: ReaderFigures, format: Formatter): string {
  const { path, reader, aloneBytesPerSecond, heldBackBy, poolBytesPerSecond } = figures
  if (!path) {
    return reader.way === 'direct'
      ? 'No network port is left for its cable.'
      : 'No network port is left for it.'
  }
  if (poolBytesPerSecond === null || aloneBytesPerSecond === 0) {
    return 'Nothing can be read yet: there is no pool with drives that are reached.'
  }
  const rate = format.rate(aloneBytesPerSecond)
  if (heldBackBy?.kind === 'network' || heldBackBy?.kind === 'reader') {
    const [alone, could] = format.apart(aloneBytesPerSecond, poolBytesPerSecond, format.rate)
    return `Alone ${alone}, limited by the ${heldBackBy.name} (${speedOf(figures, format)}); the pool could give ${could}.`
  }
  return heldBackBy && heldBackBy.kind !== 'platter'
    ? `Alone ${rate}, limited by ${heldBackBy.name} (${heldBackBy.reason}).`
    : `Alone ${rate}, as much as the drives of the pool give.`
}

function speedOf({ heldBackBy, reader, path }: ReaderFigures, format: Formatter): string {
  const given = heldBackBy?.kind === 'reader' ? reader.bitsPerSecond : path?.port.bitsPerSecond
  // Where nobody gives a speed there is no link that could hold back.
  const bits = certain(given)
  return bits < 1e9 ? `${format.number(bits / 1e6)} Mb/s` : `${format.number(bits / 1e9, 1)} Gb/s`
}
