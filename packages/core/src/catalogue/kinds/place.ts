import { z } from 'zod'
import { maybe, millimetres, sheetBase } from '../sheetFields'
import { NO_DRAW } from '../draws'
import { none, type PartKindDefinition, permitsAlways, silent } from '../partKindDefinition'

/** Where the machine is to stand: a rack, a shelf cube, a cupboard. */
export const placeSheet = z.strictObject({
  kind: z.literal('place'),
  ...sheetBase,
  form: z.enum(['rack', 'shelf']),
  widthMm: maybe(millimetres).describe('Inside, free for the machine.'),
  heightMm: maybe(millimetres),
  depthMm: maybe(millimetres).describe(
    'From where the front stands to the wall or the rear upright, plugs and cables included.',
  ),
})

type PlaceSheet = z.infer<typeof placeSheet>

export const placeKind: PartKindDefinition<PlaceSheet> = {
  schema: placeSheet,
  words: { one: 'place', many: 'places' },
  chosenIn: [{ step: 'shell', title: 'Place', noun: 'place' }],
  count: 'one',
  stands: 'nowhere',
  needs: none,
  offers: none,
  draws: NO_DRAW,
  permitsDeepIdle: permitsAlways,
  decibels: silent,
  highlights: ({ widthMm, heightMm, depthMm }) => [
    `${widthMm ?? '?'} × ${heightMm ?? '?'} × ${depthMm ?? '?'} mm inside`,
  ],
}
