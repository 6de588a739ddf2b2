import type { DriveSheet } from '../catalogue/kinds/drive'
import { USUAL_DRIVE_BYTES_PER_SECOND } from '../machine/linkRates'
import { DISK_INNER_SHARE, type Surface } from './surfaceSeconds'

/** A whole drive, as its data sheet has it, or as drives usually are. */
export function driveSurface(sheet: DriveSheet): Surface {
  const { capacityBytes, outerRateBytesPerSecond } = sheet
  return {
    sizeBytes: capacityBytes,
    outerBytesPerSecond: outerRateBytesPerSecond ?? USUAL_DRIVE_BYTES_PER_SECOND,
    innerShare: innerShareOf(sheet),
    jobBytes: capacityBytes,
  }
}

/** What is left of a drive's outer rate at its inner edge. */
function innerShareOf(sheet: DriveSheet): number {
  const { medium, outerRateBytesPerSecond: outer, innerRateBytesPerSecond: inner } = sheet
  if (medium === 'flash') return 1
  return outer === null || inner === null ? DISK_INNER_SHARE : Math.min(1, inner / outer)
}
