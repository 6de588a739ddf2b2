import type { DataPlug } from '../catalogue/plugs'

/**
 * What links move, bytes a second in one direction, payload of the line code only.
 * Source: PCI Express Base, Serial ATA, SAS and USB specifications; from memory, the texts were not at hand.
 */

/** One lane of PCI Express by generation: 8b/10b up to the second, 128b/130b from the third on. */
const PCIE_LANE_BYTES_PER_SECOND: Record<number, number> = {
  1: 250e6,
  2: 500e6,
  3: 984.6e6,
  4: 1_969.2e6,
  5: 3_938.5e6,
  6: 7_563e6,
  7: 15_126e6,
}

/**
 * Packets have headers too, so less is moved than the line code lets through. Common practice, no source:
 * about 400 MB/s a lane of the second generation, which is four fifths; a little better since.
 */
const packetShare = (generation: number): number => (generation <= 2 ? 0.8 : 0.85)

/**
 * What plain PCI moves, all of its slots together and one way at a time: 32 bits at 33 MHz, of which whoever asks
 * for the bus and the pauses between bursts leave about four fifths. Source for bits and clock: PCI Local Bus, from
 * memory; for the share common practice, no source: 100 to 110 MB/s.
 */
export const PCI_BYTES_PER_SECOND = 0.8 * 4 * 33.33e6

/**
 * What a PCI Express link really moves.
 *
 * @param generation the lower one of slot and card
 * @param lanes the fewer of slot and card
 * @example pcieBytesPerSecond(2, 2) // 800e6: a ×4 slot that fell to ×2
 */
export function pcieBytesPerSecond(generation: number, lanes: number): number {
  const lane = PCIE_LANE_BYTES_PER_SECOND[generation] ?? 0
  return lane * packetShare(generation) * lanes
}

/** What the line code of a SATA link lets through by generation: 1.5, 3 and 6 Gb/s with 8b/10b. */
const SATA_LINE_BYTES_PER_SECOND: Record<number, number> = { 1: 150e6, 2: 300e6, 3: 600e6 }

/** Of that, frames and commands leave about this share: 550 of 600 MB/s. Common practice, no source. */
const SATA_SHARE = 0.92

/**
 * What a SATA link really moves.
 *
 * @param generation 1 to 3; another moves nothing
 * @example sataBytesPerSecond(3) // 552e6: quick SATA flash reads about 545 to 560 MB/s
 */
export function sataBytesPerSecond(generation: number): number {
  return (SATA_LINE_BYTES_PER_SECOND[generation] ?? 0) * SATA_SHARE
}

/** The newest that is sold, for what does not say which it is. */
export const NEWEST_SATA = 3

/** One lane of SAS: 6 Gb/s through the older plugs, 12 Gb/s through the newer ones and where the plug is not known. */
export function sasBytesPerSecond(plug: DataPlug | null): number {
  return plug === 'SFF-8087' || plug === 'SFF-8088' ? 600e6 : 1_200e6
}

/** The slowest USB that is still sold for drives, taken where no data sheet says how fast a port or a box is. */
export const USUAL_USB_BITS_PER_SECOND = 5e9

/** Of what the line code lets through, packets and commands to drives leave about this share. Common practice, no source. */
const USB_SHARE = 0.88

/**
 * What a USB link really moves to a drive.
 *
 * @param bitsPerSecond as it is sold: 480e6, 5e9, 10e9 or 20e9
 * Source for the line code: Universal Serial Bus 3.2, 8b/10b up to 5 Gb/s, 128b/132b above; Universal Serial Bus
 * 2.0, which loses its bits to packets alone (from memory).
 * @example usbBytesPerSecond(5e9) // 440e6
 */
export function usbBytesPerSecond(bitsPerSecond: number): number {
  const code = bitsPerSecond > 5e9 ? 128 / 132 : bitsPerSecond >= 1e9 ? 8 / 10 : 1
  return (bitsPerSecond / 8) * code * USB_SHARE
}

/** Bytes that each Ethernet frame has on the wire beside its packet: preamble, header, check sum, gap. */
const FRAME_BYTES = 38
/** Headers of IPv4 and TCP without options. */
const HEADER_BYTES = 40
/** Packets as Ethernet has them, and the large ones that switches and cards must be told to take. */
export const PACKET_BYTES = { usual: 1_500, jumbo: 9_000 } as const

/**
 * What TCP over IPv4 moves of an Ethernet link: of packets of 1,500 bytes 1,460, of 1,538 on the wire.
 * Source: IEEE 802.3 for the frame, RFC 791 and RFC 793 for the headers (from memory).
 *
 * @param packetBytes the largest packet that all on the way take
 * @example ethernetBytesPerSecond(1e9) // 118.66e6
 */
export function ethernetBytesPerSecond(
  bitsPerSecond: number,
  packetBytes: number = PACKET_BYTES.usual,
): number {
  return (bitsPerSecond / 8) * ((packetBytes - HEADER_BYTES) / (packetBytes + FRAME_BYTES))
}

/** Of what Ethernet and TCP let through, a file copy sees about this share. Common practice, no source. */
export const COPY_SHARE = 0.96

/**
 * What a file copy sees of an Ethernet link: about 113 to 114 MB/s of gigabit.
 *
 * @example fileCopyBytesPerSecond(1e9) // 113.9e6
 */
export function fileCopyBytesPerSecond(bitsPerSecond: number, packetBytes?: number): number {
  return ethernetBytesPerSecond(bitsPerSecond, packetBytes) * COPY_SHARE
}

/** What a drive reads when no data sheet says it. Common practice, no source. */
export const USUAL_DRIVE_BYTES_PER_SECOND = 150e6
