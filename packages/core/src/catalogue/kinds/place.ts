import { z } from 'zod'
import { maybe, millimetres, sheetBase } from '../sheetFields'

/** Where the machine is to stand: a rack, a shelf cube, a cupboard. */
export const placeSheet = z.strictObject({
  kind: z.literal('place'),
  ...sheetBase,
  form: z.enum(['rack', 'shelf']),
  /** Inside, free for the machine. */
  widthMm: maybe(millimetres),
  heightMm: maybe(millimetres),
  /** From where the front stands to the wall or the rear upright, plugs and cables included. */
  depthMm: maybe(millimetres),
})
