import { z } from 'zod'
import { BRICK_CLASSES, CERTIFICATES, SUPPLY_SHAPES } from '../standards'
import { count, decibels, maybe, millimetres, sheetBase } from '../sheetFields'
import { NO_DRAW } from '../draws'
import { type PartKindDefinition, permitsAlways } from '../partKindDefinition'

export const supplySheet = z.strictObject({
  kind: z.literal('supply'),
  ...sheetBase,
  shape: maybe(z.enum(SUPPLY_SHAPES)),
  lengthMm: maybe(millimetres),
  ratedWatts: z.number().positive().max(10_000),
  rated12VAmps: maybe(z.number().positive().max(1_000)).describe(
    'What the 12 V rails carry together.',
  ),
  rated5VAmps: maybe(z.number().positive().max(1_000)),
  certificate: z.enum(CERTIFICATES),
  efficiencyPoints: maybe(
    z
      .array(
        z.strictObject({
          outputWatts: z.number().positive().max(10_000),
          efficiency: z.number().min(0.05).max(0.999),
        }),
      )
      .max(20),
  ).describe(
    'Measured by the maker or a laboratory: watts delivered, and how much of the draw they are.',
  ),
  noLoadWatts: maybe(z.number().min(0).max(200)).describe('Drawn while it delivers nothing.'),
  meetsLowLoadRule: maybe(z.boolean()).describe(
    'Whether it delivers at least 60 % at 10 W, or at 2 % of a rating above 500 W.',
  ),
  brickClass: maybe(z.enum(BRICK_CLASSES)).describe(
    'For an external brick: its class of average efficiency, which counts instead of the certificate.',
  ),
  sataPlugs: maybe(count),
  peripheralPlugs: maybe(count),
  cpuPlugs: maybe(count),
  sataLeads: maybe(count).describe('Leads that its SATA plugs hang on, one behind the other.'),
  peripheralLeads: maybe(count).describe(
    'Leads that its four-pole peripheral plugs hang on, one behind the other.',
  ),
  driveRail12VAmps: maybe(z.number().positive().max(1_000)).describe(
    'What the 12 V rail that feeds these leads carries alone, where there are several rails.',
  ),
  modules: maybe(z.int().min(1).max(2)).describe(
    'Two for a redundant pair, each with a mains plug of its own.',
  ),
  converterRatedWatts: maybe(z.number().positive().max(10_000)).describe(
    'For a brick: what the bare-board converter in the case passes on.',
  ),
  noiseDecibels: decibels,
  fanFlowCubicMetresPerHour: maybe(z.number().min(0).max(500)).describe(
    'Of its own fan, with nothing in its way; 0 for one without a fan.',
  ),
})

export type SupplySheet = z.infer<typeof supplySheet>

export const supplyKind: PartKindDefinition<SupplySheet> = {
  schema: supplySheet,
  words: { one: 'power supply', many: 'power supplies' },
  chosenIn: [{ step: 'shell', title: 'Supply', noun: 'supply' }],
  count: 'one or more',
  stands: 'inside',
  needs: ({ modules }) => [{ kind: 'mains socket', count: modules ?? 1 }],
  offers: ({ sataPlugs, sataLeads, peripheralPlugs, peripheralLeads }) => [
    { kind: 'power lead', plug: 'SATA power', plugs: sataPlugs, leads: sataLeads },
    {
      kind: 'power lead',
      plug: 'peripheral power',
      plugs: peripheralPlugs,
      leads: peripheralLeads,
    },
  ],
  // What it loses depends on what the others draw, so it is counted at the wall.
  draws: NO_DRAW,
  permitsDeepIdle: permitsAlways,
  decibels: ({ noiseDecibels }) => noiseDecibels,
  highlights: ({ shape, ratedWatts, certificate, sataPlugs }, format) => [
    shape,
    format.watts(ratedWatts),
    certificate,
    sataPlugs === null ? null : `${sataPlugs} SATA plugs`,
  ],
}
