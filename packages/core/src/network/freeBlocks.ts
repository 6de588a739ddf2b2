import { type AddressBlock, overlap, readBlock, sizeOf } from './addressBlock'

/** A cable has two ends: two addresses, with that of the block and the one for all of it four. */
const CABLE_PREFIX = 30

/** Blocks for use inside a house. Source: RFC 1918, section 3. */
export const PRIVATE_BLOCKS = ['10.0.0.0/8', '172.16.0.0/12', '192.168.0.0/16'] as const

/**
 * What routers for houses use as they are sold, and what guests and containers usually take: kept clear of even
 * where nobody says that they are in use. Common practice, no source.
 */
export const USUAL_BLOCKS = [
  '10.0.0.0/16',
  '10.1.0.0/16',
  '10.8.0.0/16',
  '10.42.0.0/15',
  '172.17.0.0/16',
  '172.18.0.0/15',
  '192.168.0.0/16',
] as const

/**
 * The first blocks for single cables that nothing in the house uses.
 *
 * @param taken blocks that the house uses, as text; what is none is left out
 * @param count how many are wanted
 * @returns fewer where there are no more
 * Source: RFC 1918 for the addresses, RFC 4632 for the blocks.
 * @example freeBlocks([], 3).length // 3
 */
export function freeBlocks(taken: readonly string[], count: number): AddressBlock[] {
  const inUse = [...USUAL_BLOCKS, ...taken].flatMap((text) => readBlock(text) ?? [])
  const found: AddressBlock[] = []
  for (const text of PRIVATE_BLOCKS) {
    const whole = readBlock(text)
    if (!whole) continue
    let first = whole.first
    while (found.length < count && first < whole.first + sizeOf(whole.prefix)) {
      const block = { first, prefix: CABLE_PREFIX }
      const hit = inUse.find((one) => overlap(one, block))
      if (hit) first = hit.first + sizeOf(hit.prefix)
      else {
        found.push(block)
        first += sizeOf(CABLE_PREFIX)
      }
    }
  }
  return found
}
