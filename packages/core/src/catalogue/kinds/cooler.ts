import { z } from 'zod'
import { count, decibels, maybe, millimetres, sheetBase, shortText, watts } from '../sheetFields'
import { steady } from '../draws'
import {
  inMillimetres,
  inWatts,
  none,
  type PartKindDefinition,
  permitsAlways,
} from '../partKindDefinition'

export const coolerSheet = z.strictObject({
  kind: z.literal('cooler'),
  ...sheetBase,
  sockets: maybe(z.array(shortText).max(40)),
  heightMm: maybe(millimetres).describe("From the board's surface to its top, fan included."),
  ratedWatts: watts,
  fins: maybe(z.enum(['front to rear', 'side to side', 'downwards'])).describe(
    'The way air goes through its fins when it is mounted as the socket wants.',
  ),
  fanCount: maybe(count).describe(
    'Fans that want a header each; 0 for a passive one, null is read as one unless it draws 0 W.',
  ),
  idleWatts: watts,
  noiseDecibels: decibels,
})

type CoolerSheet = z.infer<typeof coolerSheet>

/** Headers that a cooler wants. One that draws nothing has no fan; others have one unless their data sheet says more. */
const fansOf = ({ fanCount, idleWatts }: CoolerSheet): number =>
  fanCount ?? (idleWatts === 0 ? 0 : 1)

export const coolerKind: PartKindDefinition<CoolerSheet> = {
  schema: coolerSheet,
  words: { one: 'CPU cooler', many: 'CPU coolers' },
  chosenIn: [{ step: 'core', title: 'Cooler', noun: 'cooler' }],
  count: 'CPU socket',
  stands: 'inside',
  needs: (sheet) => (fansOf(sheet) === 0 ? none() : [{ kind: 'fan header', count: fansOf(sheet) }]),
  offers: none,
  draws: steady('idleWatts'),
  permitsDeepIdle: permitsAlways,
  decibels: ({ noiseDecibels }) => noiseDecibels,
  highlights: ({ heightMm, ratedWatts, sockets }, format) => [
    inMillimetres(heightMm, format),
    inWatts(ratedWatts, 'rated', format),
    sockets ? `socket ${sockets.join(', ')}` : null,
  ],
}
