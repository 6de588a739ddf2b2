import { z } from 'zod'
import { cardFields, count, maybe, sheetBase } from '../sheetFields'

export const controllerSheet = z.strictObject({
  kind: z.literal('controller'),
  ...sheetBase,
  ...cardFields,
  /** What stands between the drives and the file system. */
  manner: maybe(z.enum(['plain', 'RAID card', 'SATA adapter'])),
  /** Drives that can be attached directly. */
  drivePorts: count,
})
