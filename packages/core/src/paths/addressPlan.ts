import type { Reader } from '../design/readers'
import type { NetworkPath } from '../machine/links/link'
import type { Machine } from '../machine/machine'
import { addressText, blockText, maskText } from '../network/addressBlock'
import { freeBlocks } from '../network/freeBlocks'
import { readerPaths } from './readerPaths'
import { readersOf } from './readersOf'
import type { ScenarioDesign } from './scenarios/scenario'

/** A cable straight to another machine, with the addresses of both ends. */
export interface PlannedCable {
  reader: Reader
  path: NetworkPath
  /** As RFC 4632 writes it: `10.2.0.0/30`. */
  block: string
  mask: string
  serverAddress: string
  readerAddress: string
}

/**
 * Which addresses do the two ends of each direct cable get?
 *
 * Every cable is a network of its own, of two addresses, that no other network of the house has and that nothing
 * routes: so no machine ever takes a way that it should not. No gateway and no name server are set on either end.
 *
 * @returns one for each reader with a cable of its own and a port for it, in their order
 * Source: RFC 1918 and RFC 4632; that unrouted networks of their own keep direct cables apart is common practice.
 */
export function addressPlan({ brief, network }: ScenarioDesign, machine: Machine): PlannedCable[] {
  const readers = readersOf(brief, null)
  const paths = readerPaths(readers, machine.networkPaths, network)
  const cables = readers.flatMap((reader, index) => {
    const path = paths[index]
    return reader.way === 'direct' && path ? [{ reader, path }] : []
  })
  const blocks = freeBlocks(network.ownBlocks, cables.length)
  return cables.flatMap((cable, index): PlannedCable[] => {
    const block = blocks[index]
    if (!block) return []
    return [
      {
        ...cable,
        block: blockText(block),
        mask: maskText(block.prefix),
        serverAddress: addressText(block.first + 1),
        readerAddress: addressText(block.first + 2),
      },
    ]
  })
}
