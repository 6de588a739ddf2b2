import { AMPS_PER_POWER_PLUG, DRIVE_RAIL_VOLTS, DRIVES_PER_DATA_PLUG } from './catalogue/plugs'
import {
  BOARD_HOLES,
  BOARD_OUTLINES,
  BRACKET_HEIGHT_MM,
  CARD_PITCH_MM,
  CPU_PLUG_WATTS,
  DRIVE_OUTLINES,
  HOLES_FROM_EDGE,
  OPENING_525,
  RACK_OPENING_MM,
  RACK_UNIT_MM,
  REAR_SOCKETS,
  SUPPLY_ENVELOPES,
} from './catalogue/standards'
import { USUAL_FILE_BYTES } from './design/brief'
import { DEFAULT_HOUSE_RULES } from './design/houseRules'
import { USUAL_ASHIFT } from './design/pools/zfsPool'
import { RECORD_BYTES, SYSTEM_BYTES } from './services/serviceSize'
import { FLOOR_BYTES } from './services/memoryWanted'
import { LARGEST_CLUSTER, SMALLEST_CLUSTER } from './findings/layout/clusterSize'
import { WORTH_SAYING_BYTES } from './findings/layout/mixedSizes'
import { LARGE_DRIVE_BYTES } from './findings/layout/singleParityLargeDrives'
import { MOST_MEMBERS } from './findings/layout/veryWideGroup'
import { MOST_IDLE_WATTS } from './findings/power/brickTooSmall'
import { ONE_PERSON_GRAMS } from './findings/shell/heavyToLift'
import { MOST_OF_THE_BOARD, WORTH_SAYING } from './findings/shell/supplyOverBoard'
import { COOL_CARD_WATTS } from './findings/heat/cardWithoutAir'
import { FINS_METRES_PER_SECOND } from './findings/heat/passiveCoolerWithoutAir'
import { STARVED_SHARE } from './findings/heat/supplyFanStarved'
import {
  AIR_AREAS,
  STILL_CUBIC_METRES_PER_HOUR,
  WALL_WATTS_PER_SQUARE_METRE_KELVIN,
} from './heat/airAreas'
import { USUAL_SUPPLY_FAN } from './heat/airFlow'
import { BOARD_SHARE, OPEN, SECTION_SHARE } from './heat/boardAir'
import { SUPPLY_PASCALS } from './heat/caseBranches'
import { SHEET_SHARE, USUAL_FAN, USUAL_SHARE } from './heat/casedFans'
import { UNEVEN } from './heat/driveRows'
import { WALLS_OF_DRIVES } from './heat/wallsWattsPerKelvin'
import { WETTED_SHARE } from './heat/driveKelvinPerWatt'
import { ENCLOSURE_KELVIN, OPEN_METRES_PER_SECOND, OWN_HEAT } from './heat/machineHeat'
import { USUAL_FAN_DUTY } from './design/air'
import { NO_MONEY_CHOICES } from './design/money'
import { OFF_POINTS, OFF_SHARE } from './money/breakEvenSensitivity'
import { LEAST_FOR_UNUSUAL, UNUSUAL_SHARE } from './prices/priceFigures'
import { USUAL_PLUG_ROOM_MM } from './fit/plugRoom'
import {
  PCI_BYTES_PER_SECOND,
  COPY_SHARE,
  ethernetBytesPerSecond,
  PACKET_BYTES,
  pcieBytesPerSecond,
  sataBytesPerSecond,
  usbBytesPerSecond,
  USUAL_USB_BITS_PER_SECOND,
  USUAL_DRIVE_BYTES_PER_SECOND,
} from './machine/linkRates'
import {
  BEHIND_DRIVES_MM,
  BOARD_OVER_FLOOR_MM,
  CARD_PLUGS_OVER_BOARD_MM,
  SLACK_MM,
  STEP_MM,
} from './machine/wiring/cableLength'
import { DRIVES_PER_BACKPLANE_PLUG } from './machine/wiring/powerEnds'
import { AMPS_PER_LEAD, DRIVES_PER_LEAD } from './machine/wiring/wirePower'
import { LINK_SPEEDS } from './network/copyTimes'
import { LONGEST_SLOT_LANES, WORTH_WHILE } from './paths/speedUps'
import { DISK_INNER_SHARE } from './paths/surfaceSeconds'
import { FLASH_READS_PER_SECOND, SEEK_SECONDS } from './pool/candidates/readRates'
import { MOST_PARITY_DRIVES } from './pool/dedicatedParity/dedicatedParityCapacity'
import { HOURS_PER_YEAR } from './power/energyPerYear'
import { ENCLOSURE_SHARE } from './power/besideDraw'
import {
  DRIVES_AT_LENGTH,
  LARGE,
  MOST_STEPS,
  MOST_TRIES,
  triesFor,
} from './machine/wiring/assignPlugs'
import { RAIL_VOLTS, RUNNING_SHARE } from './power/startCurve'
import { BRICK_LEVELS } from './power/brickLoss'
import { certifiedLoss, type CertificateSet } from './power/certifiedLoss'
import { CONVERSION_WATTS, CPU_LOADS } from './power/cpuDraw'
import { BAND_HIGH, BAND_LOW } from './power/expectedBand'
import { SHUTDOWN_MINUTES } from './findings/power/upsTooShort'
import { USUAL_SPIN_UP_SECONDS, USUAL_START_CYCLES } from './power/spinDown'
import { WORTH_WATTS } from './power/savings'
import { SLOWNESS, USABLE_SHARE } from './power/upsRuntime'
import { LOSS_WITHOUT_LOAD } from './power/lossCurve'
import { GB, GIB, KIB, MIB, TB, TIB } from './units/bytes'

const PRACTICE = 'common practice, no source'
const FROM_MEMORY = 'from memory'

/** What a supply of 1,000 W gives at 20, 50 and 100 % of that, in per cent. */
const levels = (
  certificate: Parameters<typeof certifiedLoss>[1],
  set: CertificateSet | 115 | 230,
): number[] =>
  [0.2, 0.5, 1].map((share) => {
    const named = typeof set === 'string' ? set : (`${set} V` as const)
    return Math.round((100 * share) / (share + certifiedLoss(share, certificate, named).likely))
  })

/** Constants of docs/methods.md with where each comes from, so that a slip in one is seen. */
const constants: [name: string, is: unknown, value: unknown, source: string][] = [
  ['KiB to TiB', [KIB, MIB, GIB, TIB], [1024, 1048576, 1073741824, 1099511627776], 'IEC 80000-13'],
  ['GB and TB', [GB, TB], [1e9, 1e12], 'IEC 80000-13'],
  ['hours of a year', HOURS_PER_YEAR, 365 * 24, 'a year of 365 days'],
  ['rack unit, mm', RACK_UNIT_MM, 44.45, 'EIA-310, from memory'],
  ['rack opening, mm', RACK_OPENING_MM, 450, 'EIA-310, from memory'],
  [
    'outlines of boards, mm',
    Object.entries(BOARD_OUTLINES).map(([size, { widthMm, depthMm }]) => [size, widthMm, depthMm]),
    [
      ['Mini-ITX', 170, 170],
      ['microATX', 244, 244],
      ['ATX', 305, 244],
      ['SSI CEB', 305, 267],
      ['SSI EEB', 305, 330],
    ],
    'ATX, microATX, Mini-ITX and SSI specifications, from memory',
  ],
  ['holes of ATX', BOARD_HOLES.ATX.length, 9, 'ATX 2.x, from memory'],
  ['holes of microATX', BOARD_HOLES.microATX.length, 9, 'microATX 1.2, from memory'],
  ['holes of Mini-ITX', BOARD_HOLES['Mini-ITX'].length, 4, 'Mini-ITX 2.0, from memory'],
  [
    'front row of SSI EEB, ± mm',
    Math.max(...BOARD_HOLES['SSI EEB'].map(({ withinMm }) => withinMm)),
    8,
    'from memory, only roughly',
  ],
  [
    'first hole from the edges, mm',
    HOLES_FROM_EDGE,
    { alongMm: 0.25 * 25.4, rearMm: 0.4 * 25.4, lastColumnMm: 281.94 },
    'ATX, 0.25 and 0.4 inch, from memory',
  ],
  [
    'drives, mm',
    Object.values(DRIVE_OUTLINES).map((drive) => Object.values(drive)),
    [
      [101.6, 147, 26.1],
      [69.85, 100.45, 19.05],
    ],
    'SFF-8301, SFF-8201, from memory',
  ],
  ['wide opening, mm', Object.values(OPENING_525), [146.05, 41.53], 'SFF-8551, from memory'],
  ['card to card, mm', CARD_PITCH_MM, 0.8 * 25.4, 'ATX, 0.8 inch, from memory'],
  ['brackets, mm', BRACKET_HEIGHT_MM, { full: 120, half: 79.2 }, 'PCI Express CEM, from memory'],
  ['sockets at the rear, mm', Object.values(REAR_SOCKETS), [158.75, 44.45], 'ATX, from memory'],
  [
    'supplies, mm',
    Object.entries(SUPPLY_ENVELOPES).map(([shape, envelope]) => [
      shape,
      ...Object.values(envelope),
    ]),
    [
      ['ATX', 150, 86, 140],
      ['SFX', 125, 63.5, 100],
      ['SFX-L', 125, 63.5, 130],
      ['TFX', 85, 65, 175],
      ['Flex', 81.5, 40.5, 150],
      ['CRPS', 73.5, 40, 185],
      ['brick', 0, 0, 0],
    ],
    'design guides for desktop supplies, M-CRPS, from memory',
  ],
  ['a CPU plug, W', CPU_PLUG_WATTS, 4 * 7 * 12, 'four contacts of 7 A, from memory'],
  [
    'a lane by generation, MB/s',
    [1, 2, 3, 4, 5].map((generation) => Math.round(pcieBytesPerSecond(generation, 1) / 1e5) / 10),
    [200, 400, 836.9, 1673.8, 3347.7],
    'PCI Express Base, from memory, times 0.80 and 0.85: common practice',
  ],
  [
    'plain PCI, all its slots together',
    PCI_BYTES_PER_SECOND,
    0.8 * 133.32e6,
    'PCI Local Bus: 32 bits at 33.33 MHz, from memory; the share is common practice: 100 to 110 MB/s',
  ],
  ['a lane of generation 2', pcieBytesPerSecond(2, 1), 500e6 * 0.8, 'common practice: 400 MB/s'],
  ['a lane of generation 3', pcieBytesPerSecond(3, 1), 984.6e6 * 0.85, 'from memory'],
  [
    'SATA by generation, MB/s',
    [1, 2, 3].map((generation) => Math.round(sataBytesPerSecond(generation) / 1e6)),
    [138, 276, 552],
    'Serial ATA, from memory, times 0.92: common practice',
  ],
  ['usual packets', PACKET_BYTES, { usual: 1500, jumbo: 9000 }, 'IEEE 802.3, from memory'],
  ['gigabit payload', Math.round(ethernetBytesPerSecond(1e9) / 1e4), 11866, '1,460 of 1,538 bytes'],
  [
    'payload with jumbo packets',
    Math.round(ethernetBytesPerSecond(1e9, PACKET_BYTES.jumbo) / 1e4),
    12392,
    '8,960 of 9,038 bytes',
  ],
  [
    'USB of 480 Mb/s, 5, 10 and 20 Gb/s, MB/s',
    [480e6, 5e9, 10e9, 20e9].map((bits) => Math.round(usbBytesPerSecond(bits) / 1e6)),
    [53, 440, 1067, 2133],
    'USB 2.0 and 3.2, from memory, times 0.88: common practice',
  ],
  ['USB that nobody gives', USUAL_USB_BITS_PER_SECOND, 5e9, PRACTICE],
  ['a drive of unknown rate', USUAL_DRIVE_BYTES_PER_SECOND, 150e6, PRACTICE],
  ['a file copy over a link', COPY_SHARE, 0.96, 'common practice: 113 to 114 MB/s'],
  ['link speeds', LINK_SPEEDS, [1e9, 2.5e9, 5e9, 10e9, 25e9], 'IEEE 802.3, from memory'],
  [
    'plugs at 12 V',
    AMPS_PER_POWER_PLUG,
    { 'SATA power': 4.5, 'peripheral power': 5 },
    'memory; 5 A is common practice',
  ],
  ['rail of the drives, V', DRIVE_RAIL_VOLTS, 12, 'Serial ATA, from memory'],
  [
    'lanes of plugs',
    ['SFF-8087', 'SFF-8643', 'SFF-8088', 'SFF-8644', 'SATA', 'SFF-8482', 'SFF-8639'].map(
      (plug) => DRIVES_PER_DATA_PLUG[plug as keyof typeof DRIVES_PER_DATA_PLUG],
    ),
    [4, 4, 4, 4, 1, 1, 4],
    'SFF specifications, from memory',
  ],
  ['drives on a lead', DRIVES_PER_LEAD, 4, 'common practice, no source'],
  ['wire of a lead, A', AMPS_PER_LEAD, 10, '18 AWG, common practice'],
  ['drives behind a plug', DRIVES_PER_BACKPLANE_PLUG, 4, PRACTICE],
  [
    'cables, mm',
    [BEHIND_DRIVES_MM, BOARD_OVER_FLOOR_MM, CARD_PLUGS_OVER_BOARD_MM, SLACK_MM, STEP_MM],
    [22, 8, 60, 120, 50],
    PRACTICE,
  ],
  ['room for plugs, mm', USUAL_PLUG_ROOM_MM, 60, 'common practice: 40 to 70 mm'],
  ['levels of plain', levels('plain', 115), [80, 80, 80], 'certificate, from memory'],
  ['levels of bronze', levels('bronze', 115), [82, 85, 82], 'certificate, from memory'],
  ['levels of silver', levels('silver', 115), [85, 88, 85], 'certificate, from memory'],
  ['levels of gold', levels('gold', 115), [87, 90, 87], 'certificate, from memory'],
  ['levels of platinum', levels('platinum', 115), [90, 92, 89], 'certificate, from memory'],
  ['levels of bronze, 230 V', levels('bronze', 230), [85, 88, 85], 'certificate, from memory'],
  ['levels of silver, 230 V', levels('silver', 230), [87, 90, 87], 'certificate, from memory'],
  ['levels of gold, 230 V', levels('gold', 230), [90, 92, 89], 'certificate, from memory'],
  ['levels of titanium', levels('titanium', 115), [92, 94, 90], 'certificate, from memory'],
  ['levels of titanium, 230 V', levels('titanium', 230), [94, 96, 94], 'certificate, from memory'],
  ['levels of platinum, 230 V', levels('platinum', 230), [92, 94, 90], 'certificate, from memory'],
  [
    'titanium at a tenth',
    (['115 V', '230 V'] as const).map(
      (set) => 0.1 / (0.1 + certifiedLoss(0.1, 'titanium', set).likely),
    ),
    [0.9, 0.9].map((level) => expect.closeTo(level, 2) as number),
    'certificate, from memory',
  ],
  ['redundant bronze', levels('bronze', '230 V redundant'), [81, 85, 81], FROM_MEMORY],
  ['redundant silver', levels('silver', '230 V redundant'), [85, 89, 85], FROM_MEMORY],
  ['redundant gold', levels('gold', '230 V redundant'), [88, 92, 88], FROM_MEMORY],
  ['redundant platinum', levels('platinum', '230 V redundant'), [90, 94, 91], FROM_MEMORY],
  ['redundant titanium', levels('titanium', '230 V redundant'), [94, 96, 91], FROM_MEMORY],
  ['loss of plain without load', certifiedLoss(0, 'plain', '115 V').likely, 0.025, PRACTICE],
  ['loss without load', LOSS_WITHOUT_LOAD, { low: 0.2, likely: 0.5, high: 1 }, PRACTICE],
  [
    'bricks',
    BRICK_LEVELS,
    {
      V: { average: 0.87, noLoadWatts: 0.5 },
      VI: { average: 0.88, noLoadWatts: 0.21 },
      VII: { average: 0.89, noLoadWatts: 0.15 },
    },
    FROM_MEMORY,
  ],
  [
    'loads of a CPU',
    CPU_LOADS,
    {
      firmware: { low: 0.05, likely: 0.15, high: 0.4 },
      serving: { low: 0.02, likely: 0.06, high: 0.15 },
      'serving many': { low: 0.04, likely: 0.12, high: 0.3 },
      checking: { low: 0.05, likely: 0.15, high: 0.35 },
      converting: { low: 0.4, likely: 0.7, high: 1 },
    },
    PRACTICE,
  ],
  ['usual fan', USUAL_FAN, { sizeMm: 120, cubicMetresPerHour: 110, pascals: 25 }, PRACTICE],
  ['usual speed of fans', USUAL_FAN_DUTY, 0.4, PRACTICE],
  [
    'open areas of a case',
    AIR_AREAS,
    {
      front: {
        mesh: { low: 0.32, likely: 0.4, high: 0.5 },
        drilled: { low: 0.1, likely: 0.15, high: 0.21 },
        closed: { low: 0.008, likely: 0.015, high: 0.025 },
      },
      frontNotKnown: { low: 0.05, likely: 0.15, high: 0.35 },
      filter: {
        clean: { low: 0.64, likely: 0.7, high: 0.76 },
        half: { low: 0.34, likely: 0.4, high: 0.46 },
        clogged: { low: 0.12, likely: 0.17, high: 0.22 },
      },
      betweenDrives: { low: 0.25, likely: 0.3, high: 0.36 },
      backplane: { low: 0.36, likely: 0.45, high: 0.54 },
      besideBays: { low: 0.18, likely: 0.14, high: 0.1 },
      rear: { low: 0.08, likely: 0.1, high: 0.13 },
      inside: { low: 0.4, likely: 0.5, high: 0.6 },
      gap: { low: 0.035, likely: 0.025, high: 0.015 },
      coveredVents: { low: 0.1, likely: 0.2, high: 0.3 },
      coverOff: { low: 0.5, likely: 0.4, high: 0.3 },
    },
    PRACTICE,
  ],
  [
    'air that rises by itself',
    STILL_CUBIC_METRES_PER_HOUR,
    { low: 1.5, likely: 3, high: 6 },
    PRACTICE,
  ],
  [
    'walls of a case',
    WALL_WATTS_PER_SQUARE_METRE_KELVIN,
    { low: 2.5, likely: 4, high: 5.5 },
    FROM_MEMORY,
  ],
  ['surface of a drive in the air', WETTED_SHARE, { low: 0.65, likely: 0.8, high: 0.95 }, PRACTICE],
  ['drives in an enclosure, K', ENCLOSURE_KELVIN, { low: 8, likely: 14, high: 20 }, PRACTICE],
  ['heat of a row before its warmest', OWN_HEAT, { low: 0.55, likely: 0.65, high: 0.8 }, PRACTICE],
  ['air in the open, m/s', OPEN_METRES_PER_SECOND, { low: 0, likely: 0.1, high: 0.3 }, PRACTICE],
  ['section that air fills', SECTION_SHARE, { low: 0.35, likely: 0.6, high: 1 }, PRACTICE],
  ['heat of a board before its cards', BOARD_SHARE, { low: 0.2, likely: 0.5, high: 1 }, PRACTICE],
  [
    'a board in the open',
    OPEN,
    {
      metresPerSecond: { low: 0.05, likely: 0.1, high: 0.3 },
      kelvin: { low: 1, likely: 3, high: 8 },
    },
    PRACTICE,
  ],
  ['how unevenly air spreads', UNEVEN, 0.2, PRACTICE],
  ['fan of a supply, m³/h', USUAL_SUPPLY_FAN, { low: 15, likely: 25, high: 40 }, PRACTICE],
  ['fan of a supply, Pa', SUPPLY_PASCALS, 15, PRACTICE],
  ['walls around drives', WALLS_OF_DRIVES, 0.4, PRACTICE],
  ['a fan without a sheet', USUAL_SHARE, { low: 0.7, likely: 1, high: 1.4 }, PRACTICE],
  ['a fan by its sheet', SHEET_SHARE, { low: 0.9, likely: 1, high: 1.05 }, PRACTICE],
  ['a starved fan', STARVED_SHARE, 0.6, PRACTICE],
  ['a cool card, W', COOL_CARD_WATTS, 5, PRACTICE],
  ['air for fins, m/s', FINS_METRES_PER_SECOND, 0.5, PRACTICE],
  [
    'drives behind the supply of an enclosure',
    ENCLOSURE_SHARE,
    { low: 1.08, likely: 1.15, high: 1.3 },
    PRACTICE,
  ],
  ['what of a disk comes from each rail', RUNNING_SHARE, { twelve: 0.6, five: 0.4 }, PRACTICE],
  ['rails of drives, V', RAIL_VOLTS, { twelve: 12, five: 5 }, 'Serial ATA power connector'],
  ['minutes of a safe shutdown', SHUTDOWN_MINUTES, 5, PRACTICE],
  ['slowness of batteries', SLOWNESS, { low: 1, likely: 1.2, high: 1.5 }, PRACTICE],
  ['usable watt-hours', USABLE_SHARE, { low: 0.5, likely: 0.7, high: 0.85 }, PRACTICE],
  ['starts of a disk', USUAL_START_CYCLES, 300_000, PRACTICE],
  ['spinning up, s', USUAL_SPIN_UP_SECONDS, { low: 6, likely: 10, high: 20 }, PRACTICE],
  ['watts of a conversion', CONVERSION_WATTS, { low: 5, likely: 9, high: 15 }, PRACTICE],
  ['band of idle watts', [BAND_LOW, BAND_HIGH], [0.9, 1.25], PRACTICE],
  ['a disk at its inner edge', DISK_INNER_SHARE, 1 / 2, 'half as fast inside: common practice'],
  ['seek, s', SEEK_SECONDS, 0.0085, 'common practice: 8 to 9 ms'],
  ['small reads of flash', FLASH_READS_PER_SECOND, 20_000, PRACTICE],
  [
    'house rules',
    DEFAULT_HOUSE_RULES,
    {
      fillCeiling: 0.8,
      snapshotReserve: 0,
      compressionRatio: 1,
      ecc: 'worthwhile',
      memory: 'floor of 8 GiB',
      spinDownMinutes: null,
      driveCelsiusAdvised: 45,
      driveCelsiusMost: 50,
    },
    PRACTICE,
  ],
  ['device of a system', SYSTEM_BYTES, 16e9, PRACTICE],
  ['usual record', RECORD_BYTES, 131_072, 'OpenZFS property recordsize'],
  ['floor of memory, GiB', FLOOR_BYTES / GIB, 8, PRACTICE],
  [
    'usual files',
    USUAL_FILE_BYTES,
    { media: 4e9, projects: 50e6, backups: 5e8, 'machine images': 40e9, other: 1e6 },
    PRACTICE,
  ],
  ['sectors', 2 ** USUAL_ASHIFT, 4096, 'zpoolprops(7), ashift; 4 KiB is common practice'],
  ['parity drives', MOST_PARITY_DRIVES, { 'dedicated-parity': 2, 'scheduled-parity': 6 }, PRACTICE],
  ['a large drive under single parity', LARGE_DRIVE_BYTES, 8e12, PRACTICE],
  ['members of a wide group', MOST_MEMBERS, 12, PRACTICE],
  ['clusters', [SMALLEST_CLUSTER, LARGEST_CLUSTER], [4096, 2097152], 'from memory'],
  ['unused space worth saying', WORTH_SAYING_BYTES, 10e9, 'ours'],
  ['watts worth a line', WORTH_WATTS, 0.5, 'ours'],
  ['gain in speed worth a change', WORTH_WHILE, 1.02, 'ours'],
  [
    'lanes of the longest slot',
    LONGEST_SLOT_LANES,
    16,
    'PCI Express CEM specification (from memory)',
  ],
  ['lifted by one, kg', ONE_PERSON_GRAMS / 1000, 18, PRACTICE],
  ['idle behind a brick, W', MOST_IDLE_WATTS, 50, PRACTICE],
  [
    'drives that fail in a year, %',
    [NO_MONEY_CHOICES.ownership.newFailuresPercent, NO_MONEY_CHOICES.ownership.usedFailuresPercent],
    [1.5, 3],
    PRACTICE,
  ],
  ['years of a machine', NO_MONEY_CHOICES.ownership.years, 5, PRACTICE],
  ['off by, in a sensitivity', [OFF_SHARE, OFF_POINTS], [0.2, 3], 'ours'],
  ['an unusual price', [UNUSUAL_SHARE, LEAST_FOR_UNUSUAL], [0.15, 5], PRACTICE],
  [
    'bounds of the search for wiring: ways, hosts, items times hosts, drives',
    [MOST_STEPS, MOST_TRIES, LARGE, DRIVES_AT_LENGTH],
    [1_000, 12_000, 2_000, 96],
    'ours',
  ],
  [
    'hosts tried with 24, 96, 504 and no drives',
    [24, 96, 504, 0].map(triesFor),
    [12_000, 12_000, 2_285, 12_000],
    'ours',
  ],
  ['of the board hidden', [WORTH_SAYING, MOST_OF_THE_BOARD], [0.1, 0.5], 'ours'],
]

test.each(constants)('%s', (_name, is, value, source) => {
  expect(source).not.toBe('')
  expect(is).toEqual(value)
})
