import { z } from 'zod'
import { bayGrid, gridOf } from '../blocks'
import { DATA_PLUGS } from '../plugs'
import {
  count,
  decibels,
  maybe,
  millimetres,
  sheetBase,
  usbBitsPerSecond,
  watts,
} from '../sheetFields'
import { steady } from '../draws'
import { inWatts, type PartKindDefinition, permitsAlways } from '../partKindDefinition'

/** A box of drives beside the machine, with a supply of its own. */
export const enclosureSheet = z.strictObject({
  kind: z.literal('enclosure'),
  ...sheetBase,
  form: z.enum(['rack', 'desktop']),
  widthMm: millimetres,
  heightMm: millimetres,
  depthMm: millimetres,
  ...bayGrid,
  hostPlug: maybe(z.enum(DATA_PLUGS)).describe('The plug of the cable to the machine.'),
  hostPlugs: maybe(count),
  usbBitsPerSecond: usbBitsPerSecond.describe('For one on USB: bits a second, as sold.'),
  mainsPlugs: maybe(count),
  idleWatts: watts.describe('At the wall, without drives.'),
  noiseDecibels: decibels,
  startsByItself: maybe(z.boolean()).describe(
    'Whether it comes back by itself after an outage; false where somebody must press its button.',
  ),
})

export type EnclosureSheet = z.infer<typeof enclosureSheet>

export const enclosureKind: PartKindDefinition<EnclosureSheet> = {
  schema: enclosureSheet,
  words: { one: 'enclosure', many: 'enclosures' },
  chosenIn: [{ step: 'shell', title: 'Enclosure', noun: 'enclosure' }],
  count: 'many',
  stands: 'beside',
  needs: ({ hostPlug, hostPlugs, mainsPlugs }) => [
    {
      kind: 'data port',
      plug: hostPlug,
      speaks: hostPlug === 'USB' ? 'USB' : 'SAS',
      count: hostPlugs ?? 1,
    },
    { kind: 'mains socket', count: mainsPlugs },
  ],
  offers: (sheet) => [{ kind: 'bay', ...gridOf(sheet), at: null }],
  draws: steady('idleWatts'),
  permitsDeepIdle: permitsAlways,
  decibels: ({ noiseDecibels }) => noiseDecibels,
  highlights: ({ rows, columns, formFactor, hostPlug, idleWatts }, format) => [
    `${format.counted(rows * columns, 'bay')} of ${formFactor}"`,
    hostPlug,
    inWatts(idleWatts, 'idle', format),
  ],
}
