import { z } from 'zod'
import { swapTrial } from '../design/bench'
import { documentId as id } from '../design/pools/poolFields'

/** Errors written down by hand, or by a script of one's own. */
export const traceRequest = z.strictObject({
  errors: z
    .array(
      z.strictObject({
        driveId: id,
        kind: z.enum(['interface', 'medium']).default('interface'),
        count: z.int().min(0).max(1e12),
        /** When they came; the same kind at several times is as many bursts. */
        at: z.iso.datetime({ offset: true }).optional(),
      }),
    )
    .max(2_048),
  /** Drives that moved as much as the others, and had none. */
  cleanIds: z.array(id).max(1_024).default([]),
  trials: z
    .array(swapTrial.omit({ at: true }))
    .max(200)
    .default([]),
})
