import { z } from 'zod'
import { DATA_PLUGS, POWER_PLUGS } from '../plugs'
import { maybe, millimetres, sheetBase } from '../sheetFields'

const plug = z.enum([...DATA_PLUGS, ...POWER_PLUGS])

/** For data or for power; a fan-out cable has one end on one side and several on the other. */
export const cableSheet = z
  .strictObject({
    kind: z.literal('cable'),
    ...sheetBase,
    nearPlug: plug.describe('Towards the board, the controller or the supply.'),
    farPlug: plug.describe('Towards the drives.'),
    nearEnds: z.int().min(1).max(16),
    farEnds: z.int().min(1).max(16),
    direction: maybe(z.enum(['controller to drives', 'board to backplane', 'either'])).describe(
      'Which way a fan-out cable is wired; both ways look alike.',
    ),
    lengthMm: maybe(millimetres),
    angledFarPlugs: maybe(z.boolean()).describe(
      'Whether the plugs at the drives stand at a right angle.',
    ),
    moulded: maybe(z.boolean()).describe(
      'For power: plugs cast around the wires, which can short inside, instead of crimped ones.',
    ),
  })
  .meta({ title: 'cable', plural: 'cables' })

export type CableSheet = z.infer<typeof cableSheet>
