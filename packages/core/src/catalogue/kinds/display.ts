import { z } from 'zod'
import { cardFields, sheetBase } from '../sheetFields'
import { cardNeed, cardPower, OF_PCI_EXPRESS } from '../cards'
import { steady } from '../draws'
import { inWatts, none, type PartKindDefinition, silent } from '../partKindDefinition'

/** A plain display card, for boards without a display socket of their own. */
export const displaySheet = z.strictObject({
  kind: z.literal('display'),
  ...sheetBase,
  ...cardFields,
})

type DisplaySheet = z.infer<typeof displaySheet>

export const displayKind: PartKindDefinition<DisplaySheet> = {
  schema: displaySheet,
  words: { one: 'display card', many: 'display cards' },
  chosenIn: [{ step: 'core', title: 'Cards', noun: 'card' }],
  count: 'many',
  stands: 'inside',
  needs: (sheet) => [cardNeed(sheet, null), ...cardPower(sheet)],
  offers: none,
  draws: steady('idleWatts'),
  permitsDeepIdle: ({ permitsDeepIdle }) => permitsDeepIdle,
  decibels: silent,
  onlyWhere: OF_PCI_EXPRESS,
  highlights: ({ lanes, idleWatts }, format) => [
    lanes === null ? null : `×${lanes}`,
    inWatts(idleWatts, 'idle', format),
  ],
}
