import { readQuantity } from '../units/readQuantity'

/** Drives of one size. */
export interface DrivesOfSize {
  count: number
  capacityBytes: number
}

/** More than a machine holds. */
const MOST_DRIVES = 120
const LEAST_BYTES = 1_000_000_000
const MOST_BYTES = 1e15

/** "4 × 2 TB", "4x 2TB", "2 TB": how many, if it says so, and how large. */
const ENTRY = /^(?:(\d{1,3})\s*[x×*]\s*)?(.+)$/i

/**
 * Drives as a person lists them: "4 × 2 TB, 2 × 500 GB". A size without a unit is in TB.
 *
 * @returns one entry for each that is listed, or a sentence on the first that cannot be read
 * @example readDriveList('2 × 500 GB') // [{ count: 2, capacityBytes: 500000000000 }]
 */
export function readDriveList(text: string): DrivesOfSize[] | { problem: string } {
  const found: DrivesOfSize[] = []
  for (const piece of text.split(/[;,+]\s+|;|\n/)) {
    const entry = piece.trim()
    if (entry === '') continue
    const [, times = '1', size = ''] = ENTRY.exec(entry) ?? []
    const read = readQuantity(size, 'TB')
    if ('problem' in read) {
      return { problem: `“${entry}” is not a size. Write drives as 4 × 2 TB, 2 × 500 GB.` }
    }
    const capacityBytes = Math.round(read.value * 1e12)
    const count = Number(times)
    if (capacityBytes < LEAST_BYTES || capacityBytes > MOST_BYTES) {
      return { problem: `“${entry}”: a drive has from 1 GB to 1,000 TB.` }
    }
    if (count < 1) return { problem: `“${entry}” is no drive.` }
    found.push({ count, capacityBytes })
  }
  const all = found.reduce((sum, { count }) => sum + count, 0)
  return all > MOST_DRIVES
    ? { problem: `These are ${all} drives; ${MOST_DRIVES} is the most.` }
    : found
}
