import { z } from 'zod'
import { cardFields, count, maybe, sheetBase, watts, firmwareWanted } from '../sheetFields'
import { cardNeed, cardPower, OF_PCI_EXPRESS } from '../cards'
import { steady } from '../draws'
import { inWatts, type PartKindDefinition, silent } from '../partKindDefinition'

export const nicSheet = z.strictObject({
  kind: z.literal('nic'),
  ...sheetBase,
  ...cardFields,
  ports: count,
  bitsPerSecond: maybe(z.number().positive().max(1e12)).describe(
    'Bits a second on the wire, each port.',
  ),
  plug: maybe(z.enum(['RJ45', 'SFP+', 'SFP28'])),
  linkWatts: watts.describe('More for each of its ports that has a link; null is read as none.'),
  firmwareWanted,
})

export type NicSheet = z.infer<typeof nicSheet>

export const nicKind: PartKindDefinition<NicSheet> = {
  schema: nicSheet,
  words: { one: 'network card', many: 'network cards' },
  chosenIn: [{ step: 'core', title: 'Cards', noun: 'card' }],
  count: 'many',
  stands: 'inside',
  needs: (sheet) => [
    cardNeed(sheet, { network: { bitsPerSecond: sheet.bitsPerSecond, ports: sheet.ports } }),
    ...cardPower(sheet),
  ],
  offers: ({ plug, bitsPerSecond, ports }) => [
    { kind: 'network port', plug, bitsPerSecond, count: ports },
  ],
  draws: steady('idleWatts'),
  permitsDeepIdle: ({ permitsDeepIdle }) => permitsDeepIdle,
  decibels: silent,
  onlyWhere: OF_PCI_EXPRESS,
  highlights: ({ ports, bitsPerSecond, plug, idleWatts }, format) => [
    bitsPerSecond === null ? null : `${ports} × ${format.number(bitsPerSecond / 1e9, 1)} Gb/s`,
    plug,
    inWatts(idleWatts, 'idle', format),
  ],
}
