import { z } from 'zod'
import {
  decibels,
  edgeLanes,
  m2Keys,
  m2LengthMm,
  maybe,
  pcieGeneration,
  sheetBase,
  watts,
  firmwareWanted,
} from '../sheetFields'
import type { Need } from '../needs'
import { inWatts, none, type PartKindDefinition } from '../partKindDefinition'

export const driveSheet = z.strictObject({
  kind: z.literal('drive'),
  ...sheetBase,
  capacityBytes: z.int().min(1_000_000_000).max(1e15),
  formFactor: z.enum(['3.5', '2.5', 'M.2', 'USB']),
  plug: maybe(z.enum(['SATA', 'SAS', 'NVMe', 'USB'])),
  m2Keys,
  m2LengthMm,
  pcieLanes: maybe(edgeLanes).describe('For NVMe drives.'),
  pcieGeneration: maybe(pcieGeneration),
  medium: z.enum(['disk', 'flash']),
  rpm: maybe(z.int().min(0).max(20_000)).describe('Revolutions a minute; 0 for flash.'),
  recording: maybe(z.enum(['conventional', 'shingled', 'flash'])),
  idleWatts: watts,
  standbyWatts: watts.describe('Spun down, or asleep.'),
  readingWatts: watts.describe('While it reads all the time.'),
  start12VAmps: maybe(z.number().min(0).max(10)).describe(
    'Peak current from the 12 V rail while starting, amperes.',
  ),
  start5VAmps: maybe(z.number().min(0).max(10)).describe(
    'Peak current from the 5 V rail while starting, amperes.',
  ),
  permitsDeepIdle: maybe(z.boolean()).describe(
    'False when it has no link power management and so keeps the CPU out of its deep states; null is read as yes for disks.',
  ),
  startCycles: maybe(z.number().positive().max(1e9)).describe(
    'Of disks: how often it may stop and start again.',
  ),
  spinUpSeconds: maybe(z.number().positive().max(120)).describe(
    'Of disks: from standing to reading.',
  ),
  noiseDecibels: decibels,
  busyNoiseDecibels: maybe(z.number().min(0).max(120)).describe(
    'Of disks: sound pressure at one metre while they seek, dB(A).',
  ),
  maxCelsius: maybe(z.number().min(0).max(120)).describe('Warmest that the maker allows.'),
  outerRateBytesPerSecond: maybe(z.number().positive().max(1e11)),
  innerRateBytesPerSecond: maybe(z.number().positive().max(1e11)).describe(
    'What a disk still moves at its inner edge; half of the outer rate is taken otherwise.',
  ),
  sustainedWriteBytesPerSecond: maybe(z.number().positive().max(1e11)).describe(
    'What it keeps up while writing once its quick zone or cache is full: shingled disks, most flash.',
  ),
  quickWriteBytes: maybe(z.int().min(0).max(1e15)).describe(
    'How much it takes in at full speed before that.',
  ),
  enduranceBytes: maybe(z.number().positive().max(1e18)).describe(
    'Of flash: what may be written in its life (TBW).',
  ),
  powerLossProtection: maybe(z.boolean()).describe(
    'Of flash: whether it keeps what it has taken in when power goes.',
  ),
  syncWriteMicroseconds: maybe(z.number().positive().max(1e6)).describe(
    'Of flash: how long one small write takes that waits until it is kept.',
  ),
  warrantyYears: maybe(z.number().positive().max(30)),
  physicalSectorBytes: maybe(z.int().min(512).max(65_536)).describe(
    'What it reads and writes at once: 4096 for nearly all, also for those that offer 512.',
  ),
  firmwareWanted,
})

export type DriveSheet = z.infer<typeof driveSheet>

/** Drives in M.2 sockets and USB ports have no bay and never lie on the bench. */
export function goesIntoBay({ formFactor }: Pick<DriveSheet, 'formFactor'>): boolean {
  return formFactor === '3.5' || formFactor === '2.5'
}

function needsOf({ formFactor, plug, m2Keys, pcieLanes, pcieGeneration }: DriveSheet): Need[] {
  if (formFactor === 'USB') return [{ kind: 'USB port' }]
  if (formFactor === 'M.2') {
    const speaks = plug === 'NVMe' ? 'PCIe' : plug === 'SATA' ? 'SATA' : null
    return [{ kind: 'M.2', speaks, keys: m2Keys, lanes: pcieLanes, pcieGeneration, moves: null }]
  }
  const ownPlug = { SAS: 'SFF-8482', NVMe: 'SFF-8639', SATA: 'SATA', USB: 'USB' } as const
  return [
    { kind: 'bay', formFactor },
    { kind: 'data port', plug: plug && ownPlug[plug], speaks: plug ?? 'SATA', count: 1 },
    { kind: 'power plug', plug: 'SATA power' },
  ]
}

export const driveKind: PartKindDefinition<DriveSheet> = {
  schema: driveSheet,
  words: { one: 'drive', many: 'drives' },
  chosenIn: [
    { step: 'drives', title: 'Drives', noun: 'drive', takes: goesIntoBay },
    { step: 'core', title: 'Boot, M.2', noun: 'boot device' },
  ],
  count: 'many',
  stands: 'inside',
  needs: needsOf,
  offers: none,
  draws: {
    asleep: 'standbyWatts',
    idle: 'idleWatts',
    'kept awake': 'idleWatts',
    busy: 'readingWatts',
  },
  permitsDeepIdle: ({ medium, permitsDeepIdle }) =>
    permitsDeepIdle ?? (medium === 'disk' ? true : null),
  decibels: ({ medium, noiseDecibels }) => (medium === 'flash' ? 'silent' : noiseDecibels),
  onlyWhere: {
    m2Keys: { name: 'formFactor', is: 'M.2' },
    m2LengthMm: { name: 'formFactor', is: 'M.2' },
    pcieLanes: { name: 'plug', is: 'NVMe' },
    pcieGeneration: { name: 'plug', is: 'NVMe' },
    startCycles: { name: 'medium', is: 'disk' },
    spinUpSeconds: { name: 'medium', is: 'disk' },
    busyNoiseDecibels: { name: 'medium', is: 'disk' },
    innerRateBytesPerSecond: { name: 'medium', is: 'disk' },
    enduranceBytes: { name: 'medium', is: 'flash' },
    powerLossProtection: { name: 'medium', is: 'flash' },
    syncWriteMicroseconds: { name: 'medium', is: 'flash' },
  },
  highlights: ({ capacityBytes, formFactor, idleWatts }, format) => [
    format.drive(capacityBytes),
    /^\d/.test(formFactor) ? `${formFactor}"` : formFactor,
    inWatts(idleWatts, 'idle', format),
  ],
}
