import { z } from 'zod'
import { bayGrid } from '../blocks'
import { count, decibels, sheetBase, watts, maybe } from '../sheetFields'

/** Bays that go into wide 5.25" openings of a case. */
export const cageSheet = z
  .strictObject({
    kind: z.literal('cage'),
    ...sheetBase,
    openings: z.int().min(1).max(6).describe('5.25" openings that it fills, one over the other.'),
    ...bayGrid,
    fanCount: maybe(count).describe('Fans that come with it, each wanting a header.'),
    idleWatts: watts.describe('Its fans and lights.'),
    noiseDecibels: decibels,
  })
  .meta({ title: 'bay cage', plural: 'bay cages' })

export type CageSheet = z.infer<typeof cageSheet>
