import { z } from 'zod'
import { count, maybe, millimetres, sheetBase, watts } from '../sheetFields'
import { steady } from '../draws'
import { inWatts, type PartKindDefinition, permitsAlways, silent } from '../partKindDefinition'

/** A supply that bridges power cuts. */
export const upsSheet = z.strictObject({
  kind: z.literal('ups'),
  ...sheetBase,
  ratedWatts: watts,
  ratedVoltAmperes: maybe(z.number().positive().max(100_000)),
  batterySockets: maybe(count).describe('Sockets that the battery holds up.'),
  surgeSockets: maybe(count).describe('Sockets with surge protection only, dead in a power cut.'),
  minutesAtHalfLoad: maybe(z.number().min(0).max(10_000)),
  minutesAtFullLoad: maybe(z.number().min(0).max(10_000)),
  batteryWattHours: maybe(z.number().positive().max(100_000)),
  idleWatts: watts.describe('What it draws itself with a full battery.'),
  widthMm: maybe(millimetres),
  heightMm: maybe(millimetres),
  depthMm: maybe(millimetres),
})

type UpsSheet = z.infer<typeof upsSheet>

export const upsKind: PartKindDefinition<UpsSheet> = {
  schema: upsSheet,
  words: { one: 'UPS', many: 'UPSs' },
  chosenIn: [{ step: 'shell', title: 'UPS', noun: 'UPS' }],
  count: 'one',
  stands: 'beside',
  needs: () => [{ kind: 'mains socket', count: 1 }],
  offers: ({ batterySockets, surgeSockets }) => [
    { kind: 'mains socket', socket: 'UPS battery', count: batterySockets },
    { kind: 'mains socket', socket: 'UPS surge only', count: surgeSockets },
  ],
  draws: steady('idleWatts'),
  permitsDeepIdle: permitsAlways,
  decibels: silent,
  highlights: ({ ratedWatts, minutesAtHalfLoad, batterySockets }, format) => [
    inWatts(ratedWatts, 'carried', format),
    minutesAtHalfLoad === null ? null : `${minutesAtHalfLoad} min at half load`,
    batterySockets === null ? null : `${batterySockets} sockets on battery`,
  ],
}
