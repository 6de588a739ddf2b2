import { z } from 'zod'
import { cardFields, count, maybe, sheetBase } from '../sheetFields'

export const nicSheet = z
  .strictObject({
    kind: z.literal('nic'),
    ...sheetBase,
    ...cardFields,
    ports: count,
    bitsPerSecond: maybe(z.number().positive().max(1e12)).describe(
      'Bits a second on the wire, each port.',
    ),
    plug: maybe(z.enum(['RJ45', 'SFP+', 'SFP28'])),
  })
  .meta({ title: 'network card', plural: 'network cards' })

export type NicSheet = z.infer<typeof nicSheet>
