import { type Machine, piecesOf } from '../machine/machine'
import { type CableMedium, cableMedium } from '../network/cableMedia'
import type { ReaderFigures } from './readerFigures'

export interface ReaderCable {
  metres: number
  /** The plug at this end: of the machine, or of the switch of the design; null where it is not known. */
  plug: string | null
  /** Null where no cable of that length is made for it, or the plug is not known. */
  medium: CableMedium | null
}

/**
 * What is a reader's cable made of?
 *
 * One of its own goes to the machine's port. One to a switch goes to the slowest port of a switch of the design that
 * is quick enough for it; which plug another switch has is not known.
 *
 * @returns null for radio, without a length, and for a reader whom nothing reaches
 */
export function readerCable(
  { reader, path }: Pick<ReaderFigures, 'reader' | 'path'>,
  machine: Machine,
): ReaderCable | null {
  const { metres, way, bitsPerSecond } = reader
  if (metres === null || way === 'Wi-Fi' || !path) return null
  if (way === 'direct') {
    const { plug } = path.port
    return { metres, plug, medium: cableMedium(plug, path.port.bitsPerSecond, metres) }
  }
  if (bitsPerSecond === null) return { metres, plug: null, medium: null }
  const [port] = piecesOf(machine, 'switch')
    .flatMap(({ dataSheet }) => dataSheet.ports ?? [])
    .filter((one) => one.bitsPerSecond >= bitsPerSecond)
    .sort((one, other) => one.bitsPerSecond - other.bitsPerSecond)
  if (!port) return { metres, plug: null, medium: null }
  return { metres, plug: port.plug, medium: cableMedium(port.plug, bitsPerSecond, metres) }
}
