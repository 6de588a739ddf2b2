import { z } from 'zod'
import { maybe, millimetres, sheetBase, watts } from '../sheetFields'

export const fanSheet = z.strictObject({
  kind: z.literal('fan'),
  ...sheetBase,
  sizeMm: millimetres,
  thicknessMm: maybe(millimetres),
  /** At 40 % of its speed range. */
  idleWatts: watts,
  noiseDecibels: maybe(z.number().min(0).max(100)),
})
