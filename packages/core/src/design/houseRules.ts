import { z } from 'zod'

/** Questions on which builders disagree: what this builder goes by. */
export const houseRules = z.strictObject({
  /** Share of the available space that may be filled. */
  fillCeiling: z.number().min(0.1).max(1),
  /** Share of the available space kept for snapshots. */
  snapshotReserve: z.number().min(0).max(0.9),
  /** How many bytes of files one byte of space is taken to hold, where the layout compresses. */
  compressionRatio: z.number().min(1).max(10).default(1),
  /** Memory that corrects its errors. */
  ecc: z.enum(['required', 'worthwhile']).default('worthwhile'),
  /** How much memory a storage server wants. */
  memory: z.enum(['1 GiB per TB', 'floor of 8 GiB', 'as much as fits']).default('floor of 8 GiB'),
  /** Minutes without a read after which disks stop; null for disks that always spin. */
  spinDownMinutes: z.number().positive().max(1_440).nullable().default(null),
  /** How warm drives should get at most, and how warm they may. */
  driveCelsiusAdvised: z.number().min(20).max(80).default(45),
  driveCelsiusMost: z.number().min(20).max(80).default(50),
})

export type HouseRules = z.infer<typeof houseRules>

/** Common practice, no source: keep a fifth free, reserve nothing unless asked, drives below 45 °C and never above 50. */
export const DEFAULT_HOUSE_RULES: HouseRules = {
  fillCeiling: 0.8,
  snapshotReserve: 0,
  compressionRatio: 1,
  ecc: 'worthwhile',
  memory: 'floor of 8 GiB',
  spinDownMinutes: null,
  driveCelsiusAdvised: 45,
  driveCelsiusMost: 50,
}
