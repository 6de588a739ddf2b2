import { z } from 'zod'
import { BOARD_SIZES } from '../standards'
import { count, maybe, millimetres, sheetBase, shortText, watts } from '../sheetFields'

const lanes = z.union([z.literal(1), z.literal(2), z.literal(4), z.literal(8), z.literal(16)])

const slot = z.strictObject({
  physicalLanes: lanes,
  electricalLanes: lanes,
  pcieGeneration: z.int().min(1).max(7),
  openEnd: z.boolean(),
  origin: z.enum(['CPU', 'chipset']),
})

const m2Socket = z.strictObject({
  key: z.enum(['M', 'B', 'E', 'A']),
  carries: z.enum(['PCIe', 'SATA', 'both']),
  /** SATA ports that go dead while a device sits in it. */
  silencesSataPorts: z.int().min(0).max(8),
})

export const boardSheet = z.strictObject({
  kind: z.literal('board'),
  ...sheetBase,
  size: z.enum(BOARD_SIZES),
  /** Real outline; some boards are longer than the size they are sold as. */
  widthMm: maybe(millimetres),
  depthMm: maybe(millimetres),
  socket: shortText,
  sataPorts: count,
  /** Generation of each port, when they differ: `[3, 3, 2, 2]`. */
  sataGenerations: maybe(z.array(z.int().min(1).max(3)).max(32)),
  m2Sockets: maybe(z.array(m2Socket).max(8)),
  slots: maybe(z.array(slot).max(12)),
  memorySlots: count,
  memoryType: maybe(z.enum(['DDR3', 'DDR4', 'DDR5'])),
  memoryMaxBytes: maybe(
    z
      .int()
      .positive()
      .max(2 ** 45),
  ),
  takesEcc: maybe(z.boolean()),
  /** Display sockets: none, only with a CPU that has graphics, or always. */
  displayOutput: maybe(z.enum(['none', 'with CPU graphics', 'always'])),
  cpuPowerPlugs: maybe(z.int().min(1).max(4)),
  fanHeaders: maybe(count),
  /** Which line of firmware it runs, and the version it ships with. */
  biosFamily: maybe(shortText),
  biosVersion: maybe(z.int().min(0).max(100_000)),
  flashesWithoutCpu: maybe(z.boolean()),
  /** Without CPU, memory and anything plugged in. */
  idleWatts: watts,
})
