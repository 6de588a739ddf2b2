import { z } from 'zod'
import { NO_DRAW } from '../draws'
import { none, type PartKindDefinition, permitsAlways, silent } from '../partKindDefinition'
import { count, sheetBase } from '../sheetFields'

/** What a case or its drives are held by and what is often not in its box. */
export const mountingSheet = z.strictObject({
  kind: z.literal('mounting'),
  ...sheetBase,
  holds: z.enum(['case', 'drives']).describe('Rails for a case in a rack, or trays for drives.'),
  drives: count.describe('Drives that the trays in the box hold; 0 for rails.'),
})

type MountingSheet = z.infer<typeof mountingSheet>

export const mountingKind: PartKindDefinition<MountingSheet> = {
  schema: mountingSheet,
  words: { one: 'mounting kit', many: 'mounting kits' },
  chosenIn: [{ step: 'shell', title: 'Rails, trays', noun: 'mounting kit' }],
  count: 'many',
  stands: 'inside',
  needs: none,
  offers: none,
  draws: NO_DRAW,
  permitsDeepIdle: permitsAlways,
  decibels: silent,
  highlights: ({ holds, drives }, format) => [
    holds === 'case' ? 'rails' : `trays for ${format.counted(drives, 'drive')}`,
  ],
}
