import { z } from 'zod'
import { edgeLanes, maybe, sheetBase } from '../sheetFields'
import { NO_DRAW } from '../draws'
import { type PartKindDefinition, permitsAlways, silent } from '../partKindDefinition'

/** A card that stands in one slot and gives others, often at a right angle. */
export const riserSheet = z.strictObject({
  kind: z.literal('riser'),
  ...sheetBase,
  lanes: maybe(edgeLanes).describe('Lanes of its edge.'),
  gives: maybe(z.array(edgeLanes).min(1).max(8)).describe(
    'Length in lanes of each slot that it gives.',
  ),
  liesFlat: maybe(z.boolean()).describe(
    'Whether cards in it lie flat, so that full-height brackets go into a low case.',
  ),
})

type RiserSheet = z.infer<typeof riserSheet>

/** A riser whose data sheet gives no places is taken for one to one. Common practice, no source. */
const USUAL_PLACES = [16] as const

export const riserKind: PartKindDefinition<RiserSheet> = {
  schema: riserSheet,
  words: { one: 'riser', many: 'risers' },
  chosenIn: [{ step: 'core', title: 'Cards', noun: 'card' }],
  count: 'many',
  stands: 'inside',
  needs: ({ lanes }) => [
    {
      kind: 'slot',
      bus: 'PCIe',
      lanes,
      pcieGeneration: null,
      lengthMm: null,
      bracket: null,
      moves: null,
      needsSplit: false,
    },
  ],
  offers: ({ gives, liesFlat }) => [
    {
      kind: 'passed on',
      places: (gives ?? USUAL_PLACES).map((physicalLanes) => ({ kind: 'slot', physicalLanes })),
      lanes: 'split',
      liesFlat,
    },
  ],
  draws: NO_DRAW,
  permitsDeepIdle: permitsAlways,
  decibels: silent,
  highlights: ({ lanes, gives }, format) => [
    lanes === null ? null : `×${lanes}`,
    gives ? `gives ${format.counted(gives.length, 'slot')}` : null,
  ],
}
