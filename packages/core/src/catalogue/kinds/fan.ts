import { z } from 'zod'
import { decibels, maybe, millimetres, sheetBase, watts } from '../sheetFields'

export const fanSheet = z
  .strictObject({
    kind: z.literal('fan'),
    ...sheetBase,
    sizeMm: millimetres,
    thicknessMm: maybe(millimetres),
    idleWatts: watts.describe('At 40 % of its speed range.'),
    noiseDecibels: decibels,
  })
  .meta({ title: 'fan', plural: 'fans' })
