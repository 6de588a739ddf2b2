import { z } from 'zod'
import { bayGrid, gridOf } from '../blocks'
import { count, decibels, sheetBase, watts, maybe } from '../sheetFields'
import { steady } from '../draws'
import { none, type PartKindDefinition, permitsAlways } from '../partKindDefinition'

/** Bays that go into wide 5.25" openings of a case, or a tray for small drives that goes into one of its bays. */
export const cageSheet = z.strictObject({
  kind: z.literal('cage'),
  ...sheetBase,
  openings: z
    .int()
    .min(0)
    .max(6)
    .describe('5.25" openings that it fills, one over the other; 0 for a tray.'),
  fillsBay: maybe(z.boolean()).describe(
    'Whether it is a tray that goes into one 3.5" bay without a backplane; null is read as no.',
  ),
  ...bayGrid,
  fanCount: maybe(count).describe('Fans that come with it, each wanting a header.'),
  idleWatts: watts.describe('Its fans and lights.'),
  noiseDecibels: decibels,
})

export type CageSheet = z.infer<typeof cageSheet>

/** A tray sits in a bay, as a drive does. */
export const isTray = ({ fillsBay }: Pick<CageSheet, 'fillsBay'>): boolean => fillsBay === true

export const cageKind: PartKindDefinition<CageSheet> = {
  schema: cageSheet,
  words: { one: 'bay cage', many: 'bay cages' },
  chosenIn: [{ step: 'shell', title: 'Cages', noun: 'bay cage' }],
  count: 'many',
  stands: 'inside',
  needs: ({ openings, fillsBay, fanCount }) => [
    isTray({ fillsBay })
      ? { kind: 'bay', formFactor: '3.5' }
      : { kind: 'opening', count: openings },
    ...(fanCount === 0 ? none() : [{ kind: 'fan header' as const, count: fanCount }]),
  ],
  offers: (sheet) => [{ kind: 'bay', ...gridOf(sheet), at: null }],
  draws: steady('idleWatts'),
  permitsDeepIdle: permitsAlways,
  decibels: ({ noiseDecibels }) => noiseDecibels,
  highlights: ({ rows, columns, formFactor, openings, fillsBay }, format) => [
    `${format.counted(rows * columns, 'bay')} of ${formFactor}"`,
    isTray({ fillsBay })
      ? 'goes into a 3.5" bay'
      : `fills ${format.counted(openings, 'wide opening')}`,
  ],
}
