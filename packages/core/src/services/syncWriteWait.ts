import type { BootSheet } from '../catalogue/kinds/boot'
import type { DriveSheet } from '../catalogue/kinds/drive'
import { type Band, exactBand } from '../units/band'

/**
 * How long a small write waits until it is kept. Common practice, no source: flash that may answer from memory, since
 * it keeps that when power goes, against flash that must reach its cells first, and disks that turn to the place.
 */
const PROTECTED_NVME: Band = { low: 15, likely: 30, high: 80 }
const PROTECTED_SATA: Band = { low: 40, likely: 100, high: 400 }
const UNPROTECTED_FLASH: Band = { low: 400, likely: 1_500, high: 6_000 }
const DISK: Band = { low: 4_000, likely: 10_000, high: 25_000 }

/**
 * How long does a small write take that waits until a device has kept it?
 *
 * What the data sheet says, else by what the device is; where that is not known the band is as wide as all it may be.
 *
 * @returns microseconds
 */
export function syncWriteWait(sheet: DriveSheet | BootSheet): Band {
  if (sheet.kind === 'drive' && sheet.medium === 'disk') return DISK
  const { syncWriteMicroseconds: given, powerLossProtection } = sheet
  if (given !== null) return exactBand(given)
  const isNvme = sheet.kind === 'drive' ? sheet.plug === 'NVMe' : sheet.attaches === 'M.2 PCIe'
  const withProtection = isNvme ? PROTECTED_NVME : PROTECTED_SATA
  if (powerLossProtection === true) return withProtection
  return powerLossProtection === false
    ? UNPROTECTED_FLASH
    : { ...UNPROTECTED_FLASH, low: withProtection.low }
}

/** All of them must have kept it: the slowest counts; null without any. */
export function slowestWait(waits: readonly Band[]): Band | null {
  const [slowest] = waits.toSorted((one, other) => other.likely - one.likely)
  return slowest ?? null
}
