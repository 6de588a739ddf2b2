import { z } from 'zod'
import { BOARD_SIZES } from '../standards'
import {
  count,
  edgeLanes,
  M2_KEYS,
  maybe,
  millimetres,
  sheetBase,
  shortText,
  watts,
} from '../sheetFields'

const slot = z.strictObject({
  physicalLanes: edgeLanes,
  electricalLanes: edgeLanes,
  pcieGeneration: z.int().min(1).max(7),
  openEnd: z.boolean(),
  origin: z.enum(['CPU', 'chipset']),
})

const m2Socket = z.strictObject({
  key: z.enum(M2_KEYS),
  carries: z.enum(['PCIe', 'SATA', 'both']),
  silencesSataPorts: z
    .int()
    .min(0)
    .max(8)
    .describe('SATA ports that go dead while a device sits in it.'),
})

const place = z.string().regex(/^(slot|m2)-[1-9][0-9]?$/)

/** What a slot loses while another slot or an M.2 socket is used. */
const sharing = z.strictObject({
  inUse: place,
  loses: place,
  lanesLeft: z.int().min(0).max(16),
})

const networkPort = z.strictObject({
  plug: z.enum(['RJ45', 'SFP+', 'SFP28']),
  bitsPerSecond: z.number().positive().max(1e12),
  count: z.int().min(1).max(16),
})

export const boardSheet = z
  .strictObject({
    kind: z.literal('board'),
    ...sheetBase,
    size: z.enum(BOARD_SIZES),
    widthMm: maybe(millimetres).describe(
      'Real outline; some boards are longer than the size they are sold as.',
    ),
    depthMm: maybe(millimetres),
    socket: shortText,
    sataPorts: count,
    sataGenerations: maybe(z.array(z.int().min(1).max(3)).max(32)).describe(
      'Generation of each port, when they differ: `[3, 3, 2, 2]`.',
    ),
    m2Sockets: maybe(z.array(m2Socket).max(8)),
    slots: maybe(z.array(slot).max(12)),
    sharing: maybe(z.array(sharing).max(24)).describe(
      'Slots and M.2 sockets counted from 1, as slot-1 and m2-1; 0 lanes left is a dead one. Empty when nothing is shared.',
    ),
    chipsetLanes: maybe(edgeLanes).describe(
      'Link from the chipset to the CPU, which all behind it share: its lanes.',
    ),
    chipsetPcieGeneration: maybe(z.int().min(1).max(7)),
    memorySlots: count,
    memoryType: maybe(z.enum(['DDR3', 'DDR4', 'DDR5'])),
    memoryMaxBytes: maybe(
      z
        .int()
        .positive()
        .max(2 ** 45),
    ),
    takesEcc: maybe(z.boolean()),
    displayOutput: maybe(z.enum(['none', 'with CPU graphics', 'always'])).describe(
      'Display sockets: none, only with a CPU that has graphics, or always.',
    ),
    cpuPowerPlugs: maybe(z.int().min(1).max(4)),
    fanHeaders: maybe(count),
    biosFamily: maybe(shortText).describe(
      'Which line of firmware it runs, and the version it ships with.',
    ),
    biosVersion: maybe(z.int().min(0).max(100_000)),
    flashesWithoutCpu: maybe(z.boolean()),
    startsAfterOutage: maybe(z.boolean()).describe(
      'Whether it can be told to start by itself when power comes back.',
    ),
    networkPorts: maybe(z.array(networkPort).max(8)),
    usbPorts: maybe(count),
    managementController: maybe(z.boolean()).describe('Whether it can be reached when it is off.'),
    idleWatts: watts.describe('Without CPU, memory and anything plugged in.'),
  })
  .meta({ title: 'board', plural: 'boards' })

export type M2Socket = z.infer<typeof m2Socket>
export type SlotSharing = z.infer<typeof sharing>
