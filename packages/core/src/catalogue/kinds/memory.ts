import { z } from 'zod'
import { maybe, sheetBase, watts } from '../sheetFields'
import { steady } from '../draws'
import {
  inWatts,
  none,
  type PartKindDefinition,
  permitsAlways,
  silent,
} from '../partKindDefinition'

/** One module. */
export const memorySheet = z.strictObject({
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

type MemorySheet = z.infer<typeof memorySheet>

export const memoryKind: PartKindDefinition<MemorySheet> = {
  schema: memorySheet,
  words: { one: 'memory module', many: 'memory modules' },
  chosenIn: [{ step: 'core', title: 'Memory', noun: 'memory module' }],
  count: 'many',
  stands: 'inside',
  needs: () => [{ kind: 'memory slot' }],
  offers: none,
  draws: steady('idleWatts'),
  permitsDeepIdle: permitsAlways,
  decibels: silent,
  highlights: ({ type, ecc, idleWatts }, format) => [
    type,
    ecc ? 'ECC' : 'no ECC',
    inWatts(idleWatts, 'idle', format),
  ],
}
