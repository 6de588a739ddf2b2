import { z } from 'zod'
import { maybe, sheetBase, watts } from '../sheetFields'

export const driveSheet = z.strictObject({
  kind: z.literal('drive'),
  ...sheetBase,
  capacityBytes: z.int().min(1_000_000_000).max(1e15),
  formFactor: z.enum(['3.5', '2.5']),
  plug: maybe(z.enum(['SATA', 'SAS'])),
  medium: z.enum(['disk', 'flash']),
  /** Revolutions a minute; 0 for flash. */
  rpm: maybe(z.int().min(0).max(20_000)),
  recording: maybe(z.enum(['conventional', 'shingled', 'flash'])),
  idleWatts: watts,
  standbyWatts: watts,
  /** Peak current from the 12 V rail while starting, amperes. */
  start12VAmps: maybe(z.number().min(0).max(10)),
  outerRateBytesPerSecond: maybe(z.number().positive().max(1e11)),
})

export type DriveSheet = z.infer<typeof driveSheet>
