import { z } from 'zod'
import { DATA_PLUGS, POWER_PLUGS } from '../plugs'
import { maybe, millimetres, sheetBase } from '../sheetFields'
import { NO_DRAW } from '../draws'
import {
  inMillimetres,
  none,
  type PartKindDefinition,
  permitsAlways,
  silent,
} from '../partKindDefinition'

const plug = z.enum([...DATA_PLUGS, ...POWER_PLUGS])

/** For data or for power; a fan-out cable has one end on one side and several on the other. */
export const cableSheet = z.strictObject({
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
  rated12VAmps: maybe(z.number().positive().max(100)).describe(
    'For power: what it carries at 12 V, amperes; null is read as what the weaker of its plugs carries.',
  ),
  angledFarPlugs: maybe(z.boolean()).describe(
    'Whether the plugs at the drives stand at a right angle.',
  ),
  moulded: maybe(z.boolean()).describe(
    'For power: plugs cast around the wires, which can short inside, instead of crimped ones.',
  ),
})

export type CableSheet = z.infer<typeof cableSheet>

export const cableKind: PartKindDefinition<CableSheet> = {
  schema: cableSheet,
  words: { one: 'cable', many: 'cables' },
  chosenIn: [{ step: 'core', title: 'Cables', noun: 'cable' }],
  count: 'many',
  stands: 'inside',
  // What it joins is worked out by the wiring, which looks at both its ends.
  needs: none,
  offers: none,
  draws: NO_DRAW,
  permitsDeepIdle: permitsAlways,
  decibels: silent,
  highlights: ({ nearPlug, farPlug, nearEnds, farEnds, lengthMm, direction }, format) => [
    `${nearEnds > 1 ? `${nearEnds} × ` : ''}${nearPlug} to ${farEnds > 1 ? `${farEnds} × ` : ''}${farPlug}`,
    direction === 'either' ? null : (direction ?? 'direction not known'),
    inMillimetres(lengthMm, format),
  ],
}
