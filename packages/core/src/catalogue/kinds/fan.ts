import { z } from 'zod'
import { decibels, fanCurveFields, maybe, millimetres, sheetBase, watts } from '../sheetFields'
import { steady } from '../draws'
import { inMillimetres, none, type PartKindDefinition, permitsAlways } from '../partKindDefinition'

export const fanSheet = z.strictObject({
  kind: z.literal('fan'),
  ...sheetBase,
  sizeMm: millimetres,
  thicknessMm: maybe(millimetres),
  idleWatts: watts.describe('At 40 % of its speed range.'),
  ...fanCurveFields,
  noiseDecibels: decibels,
})

type FanSheet = z.infer<typeof fanSheet>

export const fanKind: PartKindDefinition<FanSheet> = {
  schema: fanSheet,
  words: { one: 'fan', many: 'fans' },
  chosenIn: [{ step: 'core', title: 'Fans', noun: 'fan' }],
  count: 'many',
  stands: 'inside',
  needs: () => [{ kind: 'fan header', count: 1 }],
  offers: none,
  draws: steady('idleWatts'),
  permitsDeepIdle: permitsAlways,
  decibels: ({ noiseDecibels }) => noiseDecibels,
  highlights: ({ sizeMm, thicknessMm, noiseDecibels }, format) => [
    `${sizeMm} mm`,
    thicknessMm === null ? null : `${inMillimetres(thicknessMm, format) ?? ''} thick`,
    noiseDecibels === null ? null : `${noiseDecibels} dB(A)`,
  ],
}
