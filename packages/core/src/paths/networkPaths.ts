import type { DesignDocument } from '../design/document'
import { fittedOne } from '../design/fittedParts'
import { type NetworkPort, networkPorts } from '../network/networkPorts'
import { ethernetBytesPerSecond } from './linkRates'
import { type CardLink, CHIPSET, type NetworkPath, type PathLink } from './pathLink'

/** The network ports of board and cards, each a link of its own; the quickest first. */
export function networkPaths(
  document: DesignDocument,
  cardLinks: readonly CardLink[],
): { network: NetworkPath[]; networkLinks: PathLink[] } {
  const boardId = fittedOne(document, 'board')?.part.id
  const wayOf = ({ partId }: NetworkPort): string[] | undefined =>
    partId === boardId ? [CHIPSET] : cardLinks.find((one) => one.partId === partId)?.way
  const found = networkPorts(document).flatMap((port) => {
    const { partId, model, bitsPerSecond } = port
    const way = wayOf(port)
    // A card without a slot moves nothing.
    if (!way) return []
    const id = `network-${port.id}`
    const name = `network port of ${model}`
    const link: PathLink = {
      id,
      name,
      bytesPerSecond: ethernetBytesPerSecond(bitsPerSecond),
      reason: `${String(bitsPerSecond / 1e9)} Gb/s, less the headers of Ethernet and TCP`,
      known: true,
      partIds: [partId],
    }
    return [{ link, path: { id, name, port, links: [id, ...way] } }]
  })
  return { network: found.map(({ path }) => path), networkLinks: found.map(({ link }) => link) }
}
