import { fileCopyBytesPerSecond } from '../machine/linkRates'

export interface CopyTime {
  bitsPerSecond: number
  bytesPerSecond: number
  /** Whether the machine, not the link, is what holds it back. */
  heldByMachine: boolean
  seconds: number
}

/** Link speeds that are sold, bits a second. Source: IEEE 802.3 (from memory). */
export const LINK_SPEEDS = [1e9, 2.5e9, 5e9, 10e9, 25e9] as const

/**
 * How long does a copy take over a link of each speed?
 *
 * @param bytes what is copied
 * @param machineBytesPerSecond what drives and slots give one reader; Infinity when they do not matter
 * @param packetBytes the largest packet that all on the way take
 * @example copyTimes(100e9, Infinity)[0].seconds // 877.9: about 14 and a half minutes over 1 Gb/s
 */
export function copyTimes(
  bytes: number,
  machineBytesPerSecond: number,
  packetBytes?: number,
): CopyTime[] {
  return LINK_SPEEDS.map((bitsPerSecond) => {
    const link = fileCopyBytesPerSecond(bitsPerSecond, packetBytes)
    const bytesPerSecond = Math.min(link, machineBytesPerSecond)
    const heldByMachine = machineBytesPerSecond < link
    return { bitsPerSecond, bytesPerSecond, heldByMachine, seconds: bytes / bytesPerSecond }
  })
}
