import { AMPS_PER_POWER_PLUG } from './catalogue/plugs'
import { BOARD_HOLES, BOARD_OUTLINES, RACK_OPENING_MM, RACK_UNIT_MM } from './catalogue/standards'
import {
  COPY_SHARE,
  ethernetBytesPerSecond,
  PACKET_BYTES,
  pcieBytesPerSecond,
  SATA_BYTES_PER_SECOND,
} from './machine/linkRates'
import { DRIVES_PER_BACKPLANE_PLUG } from './machine/wiring/powerEnds'
import { AMPS_PER_LEAD, DRIVES_PER_LEAD } from './machine/wiring/wirePower'
import { LINK_SPEEDS } from './network/copyTimes'
import { HOURS_PER_YEAR } from './power/energyPerYear'
import { GB, GIB, KIB, MIB, TB, TIB } from './units/bytes'

/** Constants of docs/methods.md with where each comes from, so that a slip in one is seen. */
const constants: [name: string, is: unknown, value: unknown, source: string][] = [
  ['KiB to TiB', [KIB, MIB, GIB, TIB], [1024, 1048576, 1073741824, 1099511627776], 'IEC 80000-13'],
  ['GB and TB', [GB, TB], [1e9, 1e12], 'IEC 80000-13'],
  ['hours of a year', HOURS_PER_YEAR, 365 * 24, 'a year of 365 days'],
  ['rack unit, mm', RACK_UNIT_MM, 44.45, 'EIA-310, from memory'],
  ['rack opening, mm', RACK_OPENING_MM, 450, 'EIA-310, from memory'],
  ['ATX, mm', BOARD_OUTLINES.ATX, { widthMm: 305, depthMm: 244 }, 'ATX 2.x, from memory'],
  ['Mini-ITX, mm', BOARD_OUTLINES['Mini-ITX'], { widthMm: 170, depthMm: 170 }, 'from memory'],
  ['holes of microATX', BOARD_HOLES.microATX.length, 9, 'microATX 1.2, from memory'],
  ['a lane of generation 2', pcieBytesPerSecond(2, 1), 500e6 * 0.8, 'common practice: 400 MB/s'],
  ['a lane of generation 3', pcieBytesPerSecond(3, 1), 984.6e6 * 0.85, 'from memory'],
  ['SATA', SATA_BYTES_PER_SECOND, { 1: 150e6, 2: 300e6, 3: 600e6 }, 'Serial ATA, from memory'],
  ['usual packets', PACKET_BYTES, { usual: 1500, jumbo: 9000 }, 'IEEE 802.3, from memory'],
  ['gigabit payload', Math.round(ethernetBytesPerSecond(1e9) / 1e4), 11866, '1,460 of 1,538 bytes'],
  ['a file copy over a link', COPY_SHARE, 0.96, 'common practice: 113 to 114 MB/s'],
  ['link speeds', LINK_SPEEDS, [1e9, 2.5e9, 5e9, 10e9, 25e9], 'IEEE 802.3, from memory'],
  [
    'plugs at 12 V',
    AMPS_PER_POWER_PLUG,
    { 'SATA power': 4.5, 'peripheral power': 5 },
    'memory; 5 A is common practice',
  ],
  ['drives on a lead', DRIVES_PER_LEAD, 4, 'common practice, no source'],
  ['wire of a lead, A', AMPS_PER_LEAD, 10, '18 AWG, common practice'],
  ['drives behind a plug', DRIVES_PER_BACKPLANE_PLUG, 4, 'common practice, no source'],
]

test.each(constants)('%s', (_name, is, value, source) => {
  expect(source).not.toBe('')
  expect(is).toEqual(value)
})
