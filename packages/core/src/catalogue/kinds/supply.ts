import { z } from 'zod'
import { CERTIFICATES } from '../../power/supplyEfficiency'
import { SUPPLY_SHAPES } from '../standards'
import { count, maybe, millimetres, sheetBase } from '../sheetFields'

export const supplySheet = z.strictObject({
  kind: z.literal('supply'),
  ...sheetBase,
  shape: maybe(z.enum(SUPPLY_SHAPES)),
  lengthMm: maybe(millimetres),
  ratedWatts: z.number().positive().max(10_000),
  /** What the 12 V rails carry together. */
  rated12VAmps: maybe(z.number().positive().max(1_000)),
  certificate: z.enum(CERTIFICATES),
  sataPlugs: maybe(count),
  peripheralPlugs: maybe(count),
  cpuPlugs: maybe(count),
})
