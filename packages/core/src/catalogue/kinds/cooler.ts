import { z } from 'zod'
import { decibels, maybe, millimetres, sheetBase, shortText, watts } from '../sheetFields'

export const coolerSheet = z
  .strictObject({
    kind: z.literal('cooler'),
    ...sheetBase,
    sockets: maybe(z.array(shortText).max(40)),
    heightMm: maybe(millimetres).describe("From the board's surface to its top, fan included."),
    ratedWatts: watts,
    fins: maybe(z.enum(['front to rear', 'side to side', 'downwards'])).describe(
      'The way air goes through its fins when it is mounted as the socket wants.',
    ),
    idleWatts: watts,
    noiseDecibels: decibels,
  })
  .meta({ title: 'CPU cooler', plural: 'CPU coolers' })
