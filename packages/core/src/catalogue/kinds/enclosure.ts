import { z } from 'zod'
import { bayGrid } from '../blocks'
import { DATA_PLUGS } from '../plugs'
import { count, decibels, maybe, millimetres, sheetBase, watts } from '../sheetFields'

/** A box of drives beside the machine, with a supply of its own. */
export const enclosureSheet = z
  .strictObject({
    kind: z.literal('enclosure'),
    ...sheetBase,
    form: z.enum(['rack', 'desktop']),
    widthMm: millimetres,
    heightMm: millimetres,
    depthMm: millimetres,
    ...bayGrid,
    hostPlug: maybe(z.enum(DATA_PLUGS)).describe('The plug of the cable to the machine.'),
    hostPlugs: maybe(count),
    mainsPlugs: maybe(count),
    idleWatts: watts.describe('At the wall, without drives.'),
    noiseDecibels: decibels,
  })
  .meta({ title: 'enclosure', plural: 'enclosures' })

export type EnclosureSheet = z.infer<typeof enclosureSheet>
