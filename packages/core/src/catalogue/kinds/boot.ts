import { z } from 'zod'
import { m2Keys, m2LengthMm, maybe, sheetBase, watts } from '../sheetFields'
import { steady } from '../draws'
import type { Need } from '../needs'
import { none, type PartKindDefinition, silent } from '../partKindDefinition'

/** What the system starts from, kept apart from the drives that hold data. */
export const bootSheet = z.strictObject({
  kind: z.literal('boot'),
  ...sheetBase,
  capacityBytes: z.int().min(1_000_000_000).max(1e14),
  attaches: maybe(z.enum(['SATA', 'M.2 SATA', 'M.2 PCIe', 'USB'])),
  m2Keys,
  m2LengthMm,
  enduranceBytes: maybe(z.number().positive().max(1e18)).describe(
    'What may be written in its life (TBW).',
  ),
  powerLossProtection: maybe(z.boolean()).describe(
    'Whether it keeps what it has taken in when power goes.',
  ),
  syncWriteMicroseconds: maybe(z.number().positive().max(1e6)).describe(
    'How long one small write takes that waits until it is kept.',
  ),
  warrantyYears: maybe(z.number().positive().max(30)),
  permitsDeepIdle: maybe(z.boolean()).describe(
    'False when it has no link power management and so keeps the CPU out of its deep states.',
  ),
  idleWatts: watts,
})

export type BootSheet = z.infer<typeof bootSheet>

function needsOf({ attaches, m2Keys }: BootSheet): Need[] {
  switch (attaches) {
    case 'SATA':
      return [
        { kind: 'data port', plug: 'SATA', speaks: 'SATA', count: 1 },
        { kind: 'power plug', plug: 'SATA power' },
      ]
    case 'USB':
      return [{ kind: 'USB port' }]
    case null:
      return []
    default: {
      const speaks = attaches === 'M.2 PCIe' ? 'PCIe' : 'SATA'
      const link = { lanes: null, pcieGeneration: null, moves: null }
      return [{ kind: 'M.2', speaks, keys: m2Keys, ...link }]
    }
  }
}

export const bootKind: PartKindDefinition<BootSheet> = {
  schema: bootSheet,
  words: { one: 'boot device', many: 'boot devices' },
  chosenIn: [{ step: 'core', title: 'Boot, M.2', noun: 'boot device' }],
  count: 'many',
  stands: 'inside',
  needs: needsOf,
  offers: none,
  draws: steady('idleWatts'),
  permitsDeepIdle: ({ permitsDeepIdle }) => permitsDeepIdle,
  decibels: silent,
  highlights: ({ capacityBytes, attaches }, format) => [format.drive(capacityBytes), attaches],
}
