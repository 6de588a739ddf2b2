import { z } from 'zod'
import { maybe, millimetres, sheetBase, shortText, watts } from '../sheetFields'

export const coolerSheet = z.strictObject({
  kind: z.literal('cooler'),
  ...sheetBase,
  sockets: maybe(z.array(shortText).max(40)),
  /** From the board's surface to its top, fan included. */
  heightMm: maybe(millimetres),
  ratedWatts: watts,
  /** The way air goes through its fins when it is mounted as the socket wants. */
  fins: maybe(z.enum(['front to rear', 'side to side', 'downwards'])),
  idleWatts: watts,
})
