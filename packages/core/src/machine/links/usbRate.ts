import { usbBytesPerSecond, USUAL_USB_BITS_PER_SECOND } from '../linkRates'
import type { Piece } from '../piece'
import type { Link } from './link'

/**
 * What a device on a USB port of the board has: the slower of the two ends. An end that no data sheet gives is taken
 * as the slowest that is sold.
 */
export function usbRate(
  board: Piece<'board'> | undefined,
  { dataSheet }: Piece,
): Pick<Link, 'bytesPerSecond' | 'reason' | 'known'> {
  const ends = [
    { name: 'the board', bits: board?.dataSheet.usbBitsPerSecond ?? null },
    {
      name: dataSheet.model,
      bits: 'usbBitsPerSecond' in dataSheet ? dataSheet.usbBitsPerSecond : null,
    },
  ].map(({ name, bits }) => ({
    name,
    known: bits !== null,
    bits: bits ?? USUAL_USB_BITS_PER_SECOND,
  }))
  const [slower] = ends.sort(
    (one, other) => one.bits - other.bits || Number(one.known) - Number(other.known),
  )
  const { bits, name, known } = slower ?? {
    bits: USUAL_USB_BITS_PER_SECOND,
    name: '',
    known: false,
  }
  return {
    bytesPerSecond: usbBytesPerSecond(bits),
    reason: `USB of ${String(bits / 1e9)} Gb/s${known ? '' : `, assumed for ${name}`}`,
    known,
  }
}
