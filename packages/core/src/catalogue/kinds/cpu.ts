import { z } from 'zod'
import { count, maybe, sheetBase, shortText, watts } from '../sheetFields'

export const cpuSheet = z.strictObject({
  kind: z.literal('cpu'),
  ...sheetBase,
  socket: shortText,
  cores: count,
  hasGraphics: maybe(z.boolean()),
  takesEcc: maybe(z.boolean()),
  /** Most the package draws for longer than a moment. */
  peakWatts: watts,
  /** Firmware version it needs, for each line of firmware that knows it at all. */
  biosNeeds: maybe(
    z.array(z.strictObject({ family: shortText, version: z.int().min(0).max(100_000) })).max(40),
  ),
  /** Package watts when every device lets it sleep deeply. */
  deepIdleWatts: watts,
  /** Package watts when one device keeps it awake. */
  shallowIdleWatts: watts,
})
