import { z } from 'zod'
import { count, decibels, maybe, networkPort, sheetBase, watts } from '../sheetFields'
import { steady } from '../draws'
import { inWatts, none, type PartKindDefinition, permitsAlways } from '../partKindDefinition'

/** What machines are plugged into; it stands outside of the server, and its watts are the house's. */
export const switchSheet = z.strictObject({
  kind: z.literal('switch'),
  ...sheetBase,
  ports: maybe(z.array(networkPort).max(8)),
  joinsPorts: maybe(z.boolean()).describe(
    'Whether several of its ports can be joined to one machine.',
  ),
  largestPacketBytes: maybe(z.int().min(1_500).max(65_536)),
  mainsPlugs: maybe(count),
  idleWatts: watts.describe('At the wall, with a few ports in use.'),
  noiseDecibels: decibels,
})

export type SwitchSheet = z.infer<typeof switchSheet>

export const switchKind: PartKindDefinition<SwitchSheet> = {
  schema: switchSheet,
  words: { one: 'network switch', many: 'network switches' },
  chosenIn: [{ step: 'network', title: 'Switches', noun: 'switch' }],
  count: 'many',
  stands: 'beside',
  needs: ({ mainsPlugs }) => [{ kind: 'mains socket', count: mainsPlugs }],
  offers: none,
  draws: steady('idleWatts'),
  permitsDeepIdle: permitsAlways,
  decibels: ({ noiseDecibels }) => noiseDecibels,
  highlights: ({ ports, joinsPorts, idleWatts }, format) => [
    ...(ports ?? []).map(
      (port) => `${port.count} × ${format.number(port.bitsPerSecond / 1e9, 1)} Gb/s`,
    ),
    joinsPorts === true ? 'joins ports' : null,
    inWatts(idleWatts, 'idle', format),
  ],
}
