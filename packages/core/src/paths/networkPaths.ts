import type { DesignDocument } from '../design/document'
import { fittedOfKind, type FittedWithSheet } from '../design/fittedParts'
import { ethernetBytesPerSecond } from './linkRates'
import { type CardLink, CHIPSET, type NetworkPath, type PathLink } from './pathLink'

/** The network ports of board and cards, each a link of its own; the quickest first. */
export function networkPaths(
  document: DesignDocument,
  board: FittedWithSheet<'board'>,
  cardLinks: readonly CardLink[],
): { network: NetworkPath[]; networkLinks: PathLink[] } {
  const found: { path: NetworkPath; link: PathLink }[] = []
  const add = (
    partId: string,
    model: string,
    bitsPerSecond: number,
    count: number,
    above: string[],
  ): void => {
    for (let port = 1; port <= count; port += 1) {
      const id = `network-${partId}-${found.length + 1}`
      const name = `network port of ${model}`
      const link = {
        id,
        name,
        bytesPerSecond: ethernetBytesPerSecond(bitsPerSecond),
        reason: `${String(bitsPerSecond / 1e9)} Gb/s, less the headers of Ethernet and TCP`,
        known: true,
        partIds: [partId],
      }
      found.push({ link, path: { id, name, links: [id, ...above] } })
    }
  }
  for (const { bitsPerSecond, count } of board.sheet.networkPorts ?? []) {
    add(board.part.id, board.sheet.model, bitsPerSecond, count, [CHIPSET])
  }
  for (const { part, sheet } of fittedOfKind(document, 'nic')) {
    const way = cardLinks.find(({ partId }) => partId === part.id)?.way
    if (way && sheet.bitsPerSecond !== null) {
      add(part.id, sheet.model, sheet.bitsPerSecond, sheet.ports, way)
    }
  }
  found.sort((one, other) => other.link.bytesPerSecond - one.link.bytesPerSecond)
  return { network: found.map(({ path }) => path), networkLinks: found.map(({ link }) => link) }
}
