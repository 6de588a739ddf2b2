import { z } from 'zod'
import { DATA_PLUGS } from '../plugs'
import { cardFields, count, firmwareNeeds, m2Keys, maybe, sheetBase } from '../sheetFields'

export const controllerSheet = z
  .strictObject({
    kind: z.literal('controller'),
    ...sheetBase,
    ...cardFields,
    manner: maybe(
      z.enum(['plain', 'RAID card', 'SATA adapter', 'USB bridge', 'expander']),
    ).describe('What stands between the drives and the file system.'),
    sitsIn: maybe(z.enum(['slot', 'M.2', 'USB', 'nothing'])).describe(
      'What it takes of the board; null is read as a slot.',
    ),
    m2Keys,
    portPlug: maybe(z.enum(DATA_PLUGS)).describe('The plug of its ports.'),
    takesSas: maybe(z.boolean()).describe('Whether SAS drives work on it.'),
    cablesIncluded: maybe(count).describe('Cables in the box that reach drives.'),
    biosNeeds: firmwareNeeds.describe(
      'Lines of firmware that know it only from some version on; empty when every board does.',
    ),
    drivePorts: count.describe('Drives that can be attached directly.'),
  })
  .meta({ title: 'controller', plural: 'controllers' })
