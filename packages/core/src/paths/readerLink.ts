import type { Reader } from '../design/readers'
import { COPY_SHARE, ethernetBytesPerSecond } from '../machine/linkRates'
import type { Link } from '../machine/links/link'

/**
 * The link of a reader's own machine; null where it is not known, and holds nothing back.
 *
 * A copy sees a share of what a cable carries, as of the port at its other end. What Wi-Fi carries is taken as it is
 * given, since nobody can tell it from what it is sold as; it is made larger by that share, which the copy loses.
 */
export function readerLink({ id, name, way, bitsPerSecond }: Reader): Link | null {
  if (bitsPerSecond === null) return null
  const isRadio = way === 'Wi-Fi'
  return {
    kind: 'reader',
    id: `link of ${id}`,
    name: isRadio ? `Wi-Fi of ${name}` : `network port of ${name}`,
    bytesPerSecond: isRadio
      ? bitsPerSecond / 8 / COPY_SHARE
      : ethernetBytesPerSecond(bitsPerSecond),
    reason: `${String(bitsPerSecond / 1e9)} Gb/s${isRadio ? ' as it is given' : ', less the headers of Ethernet and TCP'}`,
    known: true,
    partIds: [],
  }
}
