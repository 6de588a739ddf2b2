import { GIB, TB } from '../units/bytes'

/** Below this a storage server is short of memory by every school. Common practice, no source. */
export const FLOOR_BYTES = 8 * GIB

/** A drive holds a little more than its label says, so the rule counts terabytes to a tenth, as sold. */
const tenthsOfTb = (bytes: number): number => Math.round((bytes / TB) * 10) / 10

/** How much memory a storage server wants, by each of three schools. Common practice, no source. */
export interface MemoryWanted {
  'floor of 8 GiB': number
  '1 GiB per TB': number
  /** Null where the board does not say what it takes. */
  'as much as fits': number | null
}

/**
 * How much memory does a storage server want, by each school?
 *
 * @param rawBytes of the drives in groups, as sold
 * @param memoryMaxBytes what the board takes
 * @example memoryWanted(16e12, null)['1 GiB per TB'] // 17179869184: 16 GiB
 */
export function memoryWanted(rawBytes: number, memoryMaxBytes: number | null): MemoryWanted {
  return {
    'floor of 8 GiB': FLOOR_BYTES,
    '1 GiB per TB': Math.max(FLOOR_BYTES, tenthsOfTb(rawBytes) * GIB),
    'as much as fits': memoryMaxBytes,
  }
}
