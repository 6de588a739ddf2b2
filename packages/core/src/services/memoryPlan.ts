import { GIB } from '../units/bytes'
import type { ServicesFigure } from './servicesFigure'
import { dirtyLimitBytes } from './writeLogSizes'

/** What a system takes for itself and its usual services. Common practice, no source. */
export const SYSTEM_MEMORY_BYTES = 2 * GIB

/** Where the memory goes. */
export interface MemoryPlan {
  memoryBytes: number
  systemBytes: number
  /** Virtual machines and containers; null where there are some and nobody has said what they take. */
  guestBytes: number | null
  /** Headers of read caches. */
  headerBytes: number
  /** Writes that may wait. */
  waitingBytes: number
  /**
   * Left for files that are read again; less than 0 where the others want more than there is. While guests are not
   * known it is the most that can be left.
   */
  fileCacheBytes: number
}

/**
 * Where does the memory of the machine go, and what is left for the file cache?
 *
 * @returns null without memory
 */
export function memoryPlan({
  memoryBytes,
  guestBytes,
  services,
}: Pick<ServicesFigure, 'memoryBytes' | 'guestBytes' | 'services'>): MemoryPlan | null {
  if (memoryBytes === null) return null
  const headerBytes = services.reduce((sum, one) => sum + one.memoryBytes, 0)
  const waitingBytes = dirtyLimitBytes(memoryBytes)
  return {
    memoryBytes,
    systemBytes: SYSTEM_MEMORY_BYTES,
    guestBytes,
    headerBytes,
    waitingBytes,
    fileCacheBytes:
      memoryBytes - SYSTEM_MEMORY_BYTES - (guestBytes ?? 0) - headerBytes - waitingBytes,
  }
}
