import { z } from 'zod'
import { edgeLanes, maybe, sheetBase } from '../sheetFields'

/** A card that stands in one slot and gives others, often at a right angle. */
export const riserSheet = z
  .strictObject({
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
  .meta({ title: 'riser', plural: 'risers' })
