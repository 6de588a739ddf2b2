import { z } from 'zod'
import {
  count,
  firmwareNeeds,
  maybe,
  pcieGeneration,
  sheetBase,
  shortText,
  watts,
} from '../sheetFields'
import {
  inWatts,
  none,
  type PartKindDefinition,
  permitsAlways,
  silent,
} from '../partKindDefinition'

export const cpuSheet = z.strictObject({
  kind: z.literal('cpu'),
  ...sheetBase,
  socket: shortText,
  cores: count,
  hasGraphics: maybe(z.boolean()),
  takesEcc: maybe(z.boolean()),
  pcieLanes: maybe(z.int().min(0).max(256)).describe(
    'Lanes for slots and sockets, without those to the chipset; null is read as all that the board gives.',
  ),
  pcieGeneration: maybe(pcieGeneration).describe('Null is read as whatever its slots have.'),
  peakWatts: watts.describe('Most the package draws for longer than a moment.'),
  biosNeeds: firmwareNeeds.describe(
    'Firmware version it needs, for each line of firmware that knows it at all.',
  ),
  deepIdleWatts: watts.describe('Package watts when every device lets it sleep deeply.'),
  shallowIdleWatts: watts.describe('Package watts when one device keeps it awake.'),
})

type CpuSheet = z.infer<typeof cpuSheet>

export const cpuKind: PartKindDefinition<CpuSheet> = {
  schema: cpuSheet,
  words: { one: 'CPU', many: 'CPUs' },
  chosenIn: [{ step: 'core', title: 'CPU', noun: 'CPU' }],
  count: 'CPU socket',
  stands: 'inside',
  needs: ({ socket }) => [{ kind: 'CPU socket', socket }],
  offers: none,
  draws: {
    asleep: 'deepIdleWatts',
    idle: 'deepIdleWatts',
    'kept awake': 'shallowIdleWatts',
    busy: 'peakWatts',
  },
  permitsDeepIdle: permitsAlways,
  decibels: silent,
  highlights: ({ socket, cores, deepIdleWatts, shallowIdleWatts }, format) => [
    `socket ${socket}`,
    format.counted(cores, 'core'),
    inWatts(deepIdleWatts, 'deep idle', format),
    inWatts(shallowIdleWatts, 'shallow', format),
  ],
}
