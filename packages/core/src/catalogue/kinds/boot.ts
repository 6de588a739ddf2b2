import { z } from 'zod'
import { m2Keys, maybe, sheetBase, watts } from '../sheetFields'

/** What the system starts from, kept apart from the drives that hold data. */
export const bootSheet = z
  .strictObject({
    kind: z.literal('boot'),
    ...sheetBase,
    capacityBytes: z.int().min(1_000_000_000).max(1e14),
    attaches: maybe(z.enum(['SATA', 'M.2 SATA', 'M.2 PCIe', 'USB'])),
    m2Keys,
    enduranceBytes: maybe(z.number().positive().max(1e18)).describe(
      'What may be written in its life (TBW).',
    ),
    idleWatts: watts,
  })
  .meta({ title: 'boot device', plural: 'boot devices' })
