import { z } from 'zod'
import { count, firmwareNeeds, maybe, sheetBase, shortText, watts } from '../sheetFields'

export const cpuSheet = z
  .strictObject({
    kind: z.literal('cpu'),
    ...sheetBase,
    socket: shortText,
    cores: count,
    hasGraphics: maybe(z.boolean()),
    takesEcc: maybe(z.boolean()),
    peakWatts: watts.describe('Most the package draws for longer than a moment.'),
    biosNeeds: firmwareNeeds.describe(
      'Firmware version it needs, for each line of firmware that knows it at all.',
    ),
    deepIdleWatts: watts.describe('Package watts when every device lets it sleep deeply.'),
    shallowIdleWatts: watts.describe('Package watts when one device keeps it awake.'),
  })
  .meta({ title: 'CPU', plural: 'CPUs' })
