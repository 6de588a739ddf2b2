import { z } from 'zod'
import { BOARD_SIZES, OWN_OUTLINE } from '../standards'
import { coolerSheet } from './cooler'
import { cpuSheet } from './cpu'
import { memorySheet } from './memory'
import {
  count,
  edgeLanes,
  M2_KEYS,
  maybe,
  millimetres,
  networkPort,
  pcieGeneration,
  sheetBase,
  shortText,
  slotBus,
  usbBitsPerSecond,
  watts,
} from '../sheetFields'
import { steady } from '../draws'
import { type PartKindDefinition, none, permitsAlways, silent } from '../partKindDefinition'

const slot = z.strictObject({
  bus: slotBus,
  physicalLanes: edgeLanes,
  electricalLanes: edgeLanes,
  pcieGeneration,
  openEnd: z.boolean(),
  origin: z.enum(['CPU', 'chipset']),
  splitsInto: maybe(z.int().min(1).max(4)).describe(
    'Into how many parts its lanes can be split; 1 for not at all.',
  ),
})

const m2Socket = z.strictObject({
  key: z.enum(M2_KEYS),
  carries: z.enum(['PCIe', 'SATA', 'both']),
  silencesSataPorts: z
    .int()
    .min(0)
    .max(8)
    .describe('SATA ports that go dead while a device sits in it.'),
  lanes: maybe(edgeLanes),
  pcieGeneration: maybe(pcieGeneration),
  origin: maybe(z.enum(['CPU', 'chipset'])),
  longestMm: maybe(z.int().min(16).max(160)).describe('The longest device: 80 takes 2280.'),
  heatSink: maybe(z.boolean()).describe('Whether one comes with it.'),
})

const place = z.string().regex(/^(slot|m2)-[1-9][0-9]?$/)

/** What a slot loses while another slot or an M.2 socket is used. */
const sharing = z.strictObject({
  inUse: place,
  loses: place,
  lanesLeft: z.int().min(0).max(16),
})

/** Plugs of four lanes for drives, apart from the single SATA ports. */
const fourLanePlug = z.strictObject({
  plug: z.enum(['SFF-8087', 'SFF-8643']),
  count: z.int().min(1).max(16),
  takesSas: z.boolean(),
})

/** A header or plug of a board, by its middle. */
const plugPlace = z.strictObject({
  what: z.enum(['fan header', 'CPU power', 'main power', 'USB header', 'front panel', 'SATA port']),
  fromRearMm: z.number().min(0).max(1_000),
  fromSocketsMm: z.number().min(0).max(1_000),
})

/** What some boards have soldered on. */
const solderedSheet = z.discriminatedUnion('kind', [cpuSheet, coolerSheet, memorySheet])

export const boardSheet = z.strictObject({
  kind: z.literal('board'),
  ...sheetBase,
  size: z
    .enum([...BOARD_SIZES, OWN_OUTLINE])
    .describe('Own outline: of no standard; then its width and depth say what it is.'),
  widthMm: maybe(millimetres).describe(
    'Real outline; some boards are longer than the size they are sold as.',
  ),
  depthMm: maybe(millimetres),
  socket: shortText,
  sataPorts: count,
  sataGenerations: maybe(z.array(z.int().min(1).max(3)).max(32)).describe(
    'Generation of each port, when they differ, as 3; 3; 2; 2.',
  ),
  fourLanePlugs: maybe(z.array(fourLanePlug).max(4)).describe(
    'Plugs of four lanes for drives, apart from its single SATA ports; null is read as none.',
  ),
  m2Sockets: maybe(z.array(m2Socket).max(8)),
  slots: maybe(z.array(slot).max(12)),
  sharing: maybe(z.array(sharing).max(24)).describe(
    'Slots and M.2 sockets counted from 1, as slot-1 and m2-1; 0 lanes left is a dead one. Empty when nothing is shared.',
  ),
  chipsetLanes: maybe(edgeLanes).describe(
    'Link from the chipset to the CPU, which all behind it share: its lanes.',
  ),
  chipsetPcieGeneration: maybe(pcieGeneration),
  memorySlots: count,
  memoryType: maybe(z.enum(['DDR3', 'DDR4', 'DDR5'])),
  memoryMaxBytes: maybe(
    z
      .int()
      .positive()
      .max(2 ** 45),
  ),
  memoryChannels: maybe(z.int().min(1).max(12)).describe(
    'Modules that it reads at once; as many of them, or twice as many, are filled best.',
  ),
  takesEcc: maybe(z.boolean()),
  displayOutput: maybe(z.enum(['none', 'with CPU graphics', 'always'])).describe(
    'Display sockets: none, only with a CPU that has graphics, or always.',
  ),
  cpuSockets: maybe(z.int().min(1).max(4)).describe('Null is read as one.'),
  cpuPowerPlugs: maybe(z.int().min(1).max(4)),
  fanHeaders: maybe(count),
  plugPlaces: maybe(z.array(plugPlace).max(40)).describe(
    'Where its headers and plugs are, from its rear edge and from the edge on the side of its sockets; null is drawn as on most boards.',
  ),
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
  usbBitsPerSecond: usbBitsPerSecond.describe(
    'Bits a second of its fastest USB ports, as sold: 5000000000.',
  ),
  managementController: maybe(z.boolean()).describe('Whether it can be reached when it is off.'),
  idleWatts: watts.describe('Without CPU, memory and anything plugged in.'),
  extrasWatts: watts.describe(
    'What controllers on it draw beyond that although nobody uses them, even switched off in its menus; null is read as none.',
  ),
  offWatts: watts.describe('Plugged in and switched off, with what it keeps awake to be reached.'),
  soldered: maybe(z.array(solderedSheet).max(12)).describe(
    'CPU, cooler and memory that come on it and stay on it; null is read as none.',
  ),
})

/** A slot or an M.2 socket of a board, counted from 1. */
export interface BoardPlace {
  kind: 'slot' | 'M.2'
  number: number
}

/**
 * The place that a data sheet names in its rules on sharing.
 * @example sharedPlace('m2-1') // { kind: 'M.2', number: 1 }
 */
export function sharedPlace(name: string): BoardPlace {
  const [, kind, number] = /^(slot|m2)-(\d+)$/.exec(name) ?? []
  return { kind: kind === 'm2' ? 'M.2' : 'slot', number: Number(number) }
}

export type BoardSheet = z.infer<typeof boardSheet>

/** USB ports of a board whose data sheet does not say. Common practice, no source. */
const USUAL_USB_PORTS = 2

/** SATA is taken as its newest generation where no data sheet gives it. */
const NEWEST_SATA = 3

export const boardKind: PartKindDefinition<BoardSheet> = {
  schema: boardSheet,
  words: { one: 'board', many: 'boards' },
  chosenIn: [{ step: 'core', title: 'Board', noun: 'board' }],
  count: 'one',
  stands: 'inside',
  needs: none,
  offers: (sheet) => [
    { kind: 'CPU socket', socket: sheet.socket, count: sheet.cpuSockets ?? 1 },
    // Soldered modules have a place each beside the slots.
    {
      kind: 'memory slot',
      count:
        sheet.memorySlots + (sheet.soldered ?? []).filter(({ kind }) => kind === 'memory').length,
    },
    { kind: 'fan header', count: sheet.fanHeaders },
    { kind: 'USB port', count: sheet.usbPorts ?? USUAL_USB_PORTS },
    ...(sheet.slots ?? []).map((slot) => ({ kind: 'slot' as const, ...slot })),
    ...(sheet.m2Sockets ?? []).map((socket) => ({ kind: 'M.2' as const, ...socket })),
    {
      kind: 'data port',
      plug: 'SATA',
      sataGenerations: Array.from(
        { length: sheet.sataPorts },
        (_, port) => sheet.sataGenerations?.[port] ?? NEWEST_SATA,
      ),
      takesSas: false,
      takesNvme: false,
      behindController: false,
    },
    ...(sheet.fourLanePlugs ?? []).map(({ plug, count, takesSas }) => ({
      kind: 'data port' as const,
      plug,
      sataGenerations: Array<number>(count).fill(NEWEST_SATA),
      takesSas,
      takesNvme: false,
      behindController: false,
    })),
    ...(sheet.networkPorts ?? []).map((port) => ({ kind: 'network port' as const, ...port })),
  ],
  draws: steady('idleWatts'),
  permitsDeepIdle: permitsAlways,
  decibels: silent,
  highlights: ({ size, socket, sataPorts, slots, soldered }, format) => [
    size,
    soldered?.some(({ kind }) => kind === 'cpu') ? 'CPU soldered on' : `socket ${socket}`,
    `${sataPorts} SATA`,
    slots ? format.counted(slots.length, 'slot') : null,
  ],
}
