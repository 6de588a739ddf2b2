import { z } from 'zod'
import { count, maybe, millimetres, sheetBase, watts } from '../sheetFields'

/** A supply that bridges power cuts. */
export const upsSheet = z
  .strictObject({
    kind: z.literal('ups'),
    ...sheetBase,
    ratedWatts: watts,
    ratedVoltAmperes: maybe(z.number().positive().max(100_000)),
    batterySockets: maybe(count).describe('Sockets that the battery holds up.'),
    surgeSockets: maybe(count).describe('Sockets with surge protection only, dead in a power cut.'),
    minutesAtHalfLoad: maybe(z.number().min(0).max(10_000)),
    idleWatts: watts.describe('What it draws itself with a full battery.'),
    widthMm: maybe(millimetres),
    heightMm: maybe(millimetres),
    depthMm: maybe(millimetres),
  })
  .meta({ title: 'UPS', plural: 'UPSs' })
