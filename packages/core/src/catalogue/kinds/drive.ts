import { z } from 'zod'
import { decibels, m2Keys, maybe, sheetBase, watts } from '../sheetFields'

export const driveSheet = z
  .strictObject({
    kind: z.literal('drive'),
    ...sheetBase,
    capacityBytes: z.int().min(1_000_000_000).max(1e15),
    formFactor: z.enum(['3.5', '2.5', 'M.2', 'USB']),
    plug: maybe(z.enum(['SATA', 'SAS', 'NVMe', 'USB'])),
    m2Keys,
    medium: z.enum(['disk', 'flash']),
    rpm: maybe(z.int().min(0).max(20_000)).describe('Revolutions a minute; 0 for flash.'),
    recording: maybe(z.enum(['conventional', 'shingled', 'flash'])),
    idleWatts: watts,
    standbyWatts: watts.describe('Spun down, or asleep.'),
    readingWatts: watts.describe('While it reads all the time.'),
    start12VAmps: maybe(z.number().min(0).max(10)).describe(
      'Peak current from the 12 V rail while starting, amperes.',
    ),
    noiseDecibels: decibels,
    maxCelsius: maybe(z.number().min(0).max(120)).describe('Warmest that the maker allows.'),
    outerRateBytesPerSecond: maybe(z.number().positive().max(1e11)),
  })
  .meta({ title: 'drive', plural: 'drives' })

export type DriveSheet = z.infer<typeof driveSheet>
