import { z } from 'zod'
import { maybe, millimetres, sheetBase } from '../sheetFields'

/** Where the machine is to stand: a rack, a shelf cube, a cupboard. */
export const placeSheet = z
  .strictObject({
    kind: z.literal('place'),
    ...sheetBase,
    form: z.enum(['rack', 'shelf']),
    widthMm: maybe(millimetres).describe('Inside, free for the machine.'),
    heightMm: maybe(millimetres),
    depthMm: maybe(millimetres).describe(
      'From where the front stands to the wall or the rear upright, plugs and cables included.',
    ),
  })
  .meta({ title: 'place', plural: 'places' })
