import { z } from 'zod'
import { maybe, sheetBase, watts } from '../sheetFields'

/** One module. */
export const memorySheet = z
  .strictObject({
    kind: z.literal('memory'),
    ...sheetBase,
    capacityBytes: z
      .int()
      .min(2 ** 28)
      .max(2 ** 42),
    type: maybe(z.enum(['DDR3', 'DDR4', 'DDR5'])),
    ecc: z.boolean(),
    idleWatts: watts,
  })
  .meta({ title: 'memory module', plural: 'memory modules' })
