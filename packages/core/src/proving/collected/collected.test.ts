import { Ajv2020 } from 'ajv/dist/2020.js'
import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { demoDesign } from '../../../fixtures/demo'
import { resolveMachine } from '../../machine/resolveMachine'
import { NEW_MACHINE, NO_FAULTS, simulatedMachine } from '../simulatedMachine'
import { collectedJsonSchema } from './collectedJsonSchema'
import { COLLECTED_FORMAT, type CollectedFile } from './collectedFile'
import { parseCollected, readCollected } from './readCollected'
import { readLsblk } from './readLsblk'
import { readMemory } from './readMemory'
import { readPci } from './readPci'
import { readMdstat, readZpoolStatus } from './readPools'
import { readSmart } from './readSmart'

// Samples are written by hand from the documented fields of each tool; makers and models are invented.

const LSBLK = JSON.stringify({
  blockdevices: [
    { name: 'loop0', type: 'loop', size: 4096 },
    {
      name: 'sda',
      type: 'disk',
      size: 8001563222016,
      model: 'Marrowby Hush 8  ',
      serial: 'MH8-0001',
      rota: true,
      tran: 'sata',
      wwn: '0x5000c500a1b2c3d4',
      children: [{ name: 'sda1', type: 'part', fstype: 'zfs_member' }],
    },
    // Older versions write everything as text.
    { name: 'nvme0n1', size: '500107862016', model: null, serial: 'N1', rota: '0', tran: 'nvme' },
    { name: 'sr0', type: 'rom', size: 1073741312 },
  ],
})

test('block devices: drives with what is on them, nothing else', () => {
  expect(readLsblk(LSBLK)).toEqual([
    {
      device: 'sda',
      model: 'Marrowby Hush 8',
      serial: 'MH8-0001',
      bytes: 8001563222016,
      rotates: true,
      transport: 'sata',
      signatures: ['zfs_member'],
      smart: null,
    },
    expect.objectContaining({
      device: 'nvme0n1',
      model: null,
      bytes: 500107862016,
      rotates: false,
      signatures: [],
    }),
  ])
})

const ATA = {
  device: { name: '/dev/sda', type: 'sat', protocol: 'ATA' },
  model_name: 'Marrowby Hush 8',
  serial_number: 'MH8-0001',
  user_capacity: { blocks: 15628053168, bytes: 8001563222016 },
  rotation_rate: 5400,
  interface_speed: {
    max: { sata_value: 14, string: '6.0 Gb/s', units_per_second: 60, bits_per_unit: 100000000 },
    current: { sata_value: 2, string: '3.0 Gb/s', units_per_second: 30, bits_per_unit: 100000000 },
  },
  smart_status: { passed: true },
  ata_smart_attributes: {
    table: [
      { id: 5, name: 'Reallocated_Sector_Ct', raw: { value: 3, string: '3' } },
      { id: 187, name: 'Reported_Uncorrect', raw: { value: 1, string: '1' } },
      { id: 194, name: 'Temperature_Celsius', raw: { value: 158913790000, string: '38' } },
      { id: 197, name: 'Current_Pending_Sector', raw: { value: 0, string: '0' } },
      { id: 198, name: 'Offline_Uncorrectable', raw: { value: 2, string: '2' } },
      { id: 199, name: 'UDMA_CRC_Error_Count', raw: { value: 41, string: '41' } },
    ],
  },
  power_on_time: { hours: 26280 },
  temperature: { current: 38 },
  ata_smart_self_test_log: {
    standard: { table: [{ status: { value: 0, string: 'Completed', passed: true } }] },
  },
}

describe('health', () => {
  test('of an ATA drive', () => {
    expect(readSmart(JSON.stringify(ATA))).toEqual({
      device: 'sda',
      model: 'Marrowby Hush 8',
      serial: 'MH8-0001',
      firmware: null,
      bytes: 8001563222016,
      rotates: true,
      transport: 'sata',
      signatures: [],
      smart: {
        passed: true,
        hours: 26280,
        celsius: 38,
        reallocated: 3,
        pending: 0,
        uncorrectable: 3,
        interfaceErrors: 41,
        selfTestPassed: true,
        usedShare: null,
        spareShare: null,
        leastSpareShare: null,
        criticalWarning: null,
        writtenBytes: null,
        readBytes: null,
        linkBits: 3e9,
        mostLinkBits: 6e9,
      },
    })
  })

  test('of flash on NVMe, in shares and bytes', () => {
    const nvme = readSmart(
      JSON.stringify({
        device: { name: '/dev/nvme0', protocol: 'NVMe' },
        serial_number: 'N1',
        nvme_total_capacity: 500107862016,
        nvme_smart_health_information_log: {
          critical_warning: 4,
          temperature: 44,
          available_spare: 97,
          available_spare_threshold: 10,
          percentage_used: 12,
          data_units_written: 1000,
          power_on_hours: 900,
          media_errors: 2,
        },
      }),
    )
    expect(nvme).toMatchObject({ device: 'nvme0', bytes: 500107862016, rotates: null })
    expect(nvme?.smart).toMatchObject({
      hours: 900,
      celsius: 44,
      usedShare: 0.12,
      spareShare: 0.97,
      leastSpareShare: 0.1,
      criticalWarning: 4,
      uncorrectable: 2,
      // Thousands of 512 bytes: NVMe base specification, SMART / Health log, from memory.
      writtenBytes: 512_000_000,
      interfaceErrors: null,
    })
  })

  test('of a SAS drive', () => {
    const sas = readSmart(
      JSON.stringify({
        device: { name: '/dev/sdb', protocol: 'SCSI' },
        scsi_model_name: 'Quillon Keep 18 SAS',
        serial_number: 'QK18',
        scsi_grown_defect_list: 5,
        scsi_error_counter_log: {
          read: { total_uncorrected_errors: 1 },
          write: { total_uncorrected_errors: 2 },
        },
      }),
    )
    expect(sas).toMatchObject({ model: 'Quillon Keep 18 SAS', transport: 'sas' })
    expect(sas?.smart).toMatchObject({ reallocated: 5, uncorrectable: 3, passed: null })
  })

  test.each([
    ['Total_LBAs_Written', 1_000, 4_096, 4_096_000],
    ['Host_Writes_32MiB', 3, undefined, 100_663_296],
    ['Host_Writes_GiB', 2, undefined, 2_147_483_648],
    ['Made_Up_Writes', 9, undefined, null],
  ])('%s is read in its own unit', (name, value, sector, bytes) => {
    const drive = readSmart(
      JSON.stringify({
        device: { name: '/dev/sda', protocol: 'ATA' },
        logical_block_size: sector,
        ata_smart_attributes: { table: [{ id: 241, name, raw: { value } }] },
      }),
    )
    expect(drive?.smart?.writtenBytes).toBe(bytes)
    expect(drive?.smart?.readBytes).toBeNull()
  })

  test('what was moved and the firmware, of flash and of a SAS drive', () => {
    const nvme = readSmart(
      JSON.stringify({
        device: { name: '/dev/nvme0', protocol: 'NVMe' },
        firmware_version: ' 3B2Q ',
        nvme_smart_health_information_log: { data_units_written: 2, data_units_read: 3 },
      }),
    )
    expect(nvme).toMatchObject({
      firmware: '3B2Q',
      smart: { writtenBytes: 1_024_000, readBytes: 1_536_000 },
    })
    const sas = readSmart(
      JSON.stringify({
        device: { name: '/dev/sdb', protocol: 'SCSI' },
        scsi_revision: 'E002',
        scsi_error_counter_log: {
          read: { gigabytes_processed: '1234.5' },
          write: { gigabytes_processed: '10.000' },
        },
      }),
    )
    expect(sas).toMatchObject({
      firmware: 'E002',
      smart: { writtenBytes: 10e9, readBytes: 1_234.5e9 },
    })
  })

  test('without a device it is no drive', () => {
    expect(readSmart('{"json_format_version":[1,0]}')).toBeNull()
  })
})

const ZPOOL = `  pool: tank
 state: DEGRADED
status: One or more devices could not be used because the label is missing
  scan: resilver in progress since Fri Nov 27 10:00:00 2026
\t1.20T scanned at 1.1G/s, 512G issued at 480M/s, 4.00T total
\t128G resilvered, 12.50% done, 02:07:00 to go
config:

\tNAME                        STATE     READ WRITE CKSUM
\ttank                        DEGRADED     0     0     0
\t  raidz2-0                  DEGRADED     0     0     0
\t    ata-Marrowby_MH8-0001   ONLINE       0     0     7
\t    ata-Marrowby_MH8-0002   FAULTED      3  1.2K     0  too many errors
\tspares
\t  sdz                       AVAIL

errors: No known data errors
`

test('pools and members with their errors', () => {
  const { pools, members } = readZpoolStatus(ZPOOL)
  expect(pools).toEqual([
    { name: 'tank', state: 'DEGRADED', doneShare: 0.125, sizeBytes: null, usedBytes: null },
  ])
  expect(members).toEqual([
    expect.objectContaining({ name: 'ata-Marrowby_MH8-0001', state: 'ONLINE', checksumErrors: 7 }),
    expect.objectContaining({ state: 'FAULTED', readErrors: 3, writeErrors: 1_200 }),
    expect.objectContaining({ name: 'sdz', state: 'AVAIL', readErrors: 0 }),
  ])
})

test('arrays of the kernel', () => {
  const { pools, members } = readMdstat(`Personalities : [raid6] [raid5]
md0 : active raid6 sda1[0] sdb1[1](F) sdc1[2] sdd1[3](S)
      23441679360 blocks super 1.2 level 6, 512k chunk, algorithm 2 [4/3] [U_U]
      [==>..................]  recovery = 12.6% (984/7813) finish=127.5min speed=154112K/sec

unused devices: <none>
`)
  expect(pools).toEqual([
    expect.objectContaining({ name: 'md0', state: 'degraded', doneShare: 0.126 }),
  ])
  expect(members.map(({ name, state }) => [name, state])).toEqual([
    ['sda1', 'in use'],
    ['sdb1', 'faulty'],
    ['sdc1', 'in use'],
    ['sdd1', 'spare'],
  ])
})

test('cards with what their links were trained to; what no link tells is left out', () => {
  const lspci =
    'Slot:\t01:00.0\nClass:\tSAS\nVendor:\tLockrow\nDevice:\tSixteen\n\nSlot:\t02:00.0\n'
  const links = [
    '0000:01:00.0\t8.0 GT/s PCIe\t2\t8.0 GT/s PCIe\t8',
    '0000:02:00.0\tUnknown\t0\t2.5 GT/s PCIe\t255',
    '',
  ]
  expect(readPci(lspci, links.join('\n'))).toEqual([
    {
      slot: '01:00.0',
      name: 'Lockrow Sixteen',
      lanes: 2,
      mostLanes: 8,
      transfersPerSecond: 8e9,
      mostTransfersPerSecond: 8e9,
    },
  ])
})

test('memory modules, without empty sockets', () => {
  const text = `Handle 0x0010, DMI type 17, 92 bytes
Memory Device
\tTotal Width: 72 bits
\tSize: 16 GB
\tVolatile Size: 16 GB

Handle 0x0011, DMI type 17, 92 bytes
Memory Device
\tSize: No Module Installed

Handle 0x0012, DMI type 17, 92 bytes
Memory Device
\tSize: 8192 MB
`
  expect(readMemory(text)).toEqual([16 * 2 ** 30, 8 * 2 ** 30])
  expect(readMemory('# dmidecode 3.6\n')).toBeNull()
})

const collected = (files: Partial<CollectedFile['files']>): CollectedFile => {
  const read = parseCollected({
    format: COLLECTED_FORMAT,
    version: 1,
    at: '2026-11-27T10:00:00+01:00',
    files,
    somethingNew: { stays: true },
  })
  if ('sentence' in read) throw new Error(read.sentence)
  return read.collected
}

describe('all of it', () => {
  test('health is put beside the block device, by its name or by its serial number', () => {
    const nvme = { device: { name: '/dev/nvme0' }, serial_number: 'N1', smart_status: {} }
    const { drives, problems } = readCollected(
      collected({ lsblk: LSBLK, smart: [JSON.stringify(ATA), JSON.stringify(nvme)] }),
    )
    expect(drives.map(({ device, smart }) => [device, smart !== null])).toEqual([
      ['sda', true],
      ['nvme0n1', true],
    ])
    expect(drives[0]?.signatures).toEqual(['zfs_member'])
    expect(problems).toEqual([])
  })

  test('what cannot be read is named, the rest is read, and unknown fields stay', () => {
    const file = collected({ lsblk: '{"blockdevices"', smart: [JSON.stringify(ATA)] })
    expect(file).toMatchObject({ somethingNew: { stays: true } })
    const { drives, problems } = readCollected(file)
    expect(drives).toHaveLength(1)
    expect(problems).toEqual(['It could not be read: the list of block devices is no JSON.'])
  })

  test('how full a pool is stands beside its state', () => {
    const { pools } = readCollected(
      collected({ zpool: ZPOOL, space: 'other\t1\t1\ntank\t48000000000000\t12000000000000\n' }),
    )
    expect(pools).toMatchObject([{ name: 'tank', sizeBytes: 48e12, usedBytes: 12e12 }])
  })

  test.each([
    [null, 'This is no file of tools/flint-collect.sh.'],
    [{ format: 'other' }, 'This is no file of tools/flint-collect.sh.'],
    [
      { format: COLLECTED_FORMAT, version: 1, at: 'noon', files: {} },
      'The field at of the collected file cannot be read.',
    ],
  ])('%p is none', (raw, sentence) => {
    expect(parseCollected(raw)).toEqual({ sentence })
  })

  test('no text, however odd, makes it fail', () => {
    const text = fc.oneof(
      fc.string(),
      fc.json(),
      fc.constantFrom(LSBLK, ZPOOL, JSON.stringify(ATA)).chain((sample) =>
        // A sample that was cut off, or had a piece of something else put into it.
        fc
          .tuple(fc.nat(sample.length), fc.string())
          .map(([at, put]) => sample.slice(0, at) + put + sample.slice(at + put.length)),
      ),
    )
    fc.assert(
      fc.property(text, fc.array(text, { maxLength: 3 }), (one, several) => {
        const files = { lsblk: one, zpool: one, mdstat: one, lspci: one, links: one, memory: one }
        const seen = readCollected(collected({ ...files, smart: several }))
        for (const { bytes, smart } of seen.drives) {
          expect(bytes === null || bytes >= 0).toBe(true)
          expect(smart === null || (smart.hours ?? 0) >= 0).toBe(true)
        }
      }),
    )
  })
})

test('the published schema is the one in the code, and takes what the stand-in writes', () => {
  const path = join(
    import.meta.dirname,
    '..',
    '..',
    '..',
    '..',
    '..',
    'docs',
    'collected.schema.json',
  )
  const published = JSON.parse(readFileSync(path, 'utf8')) as object
  expect(published).toEqual(JSON.parse(JSON.stringify(collectedJsonSchema())))
  // Source: JSON Schema 2020-12, as read by ajv, a general-purpose library.
  const validate = new Ajv2020({ strict: false, validateFormats: false }).compile(published)
  const cabin = demoDesign('cabin-archive')
  const file = simulatedMachine(cabin, resolveMachine(cabin), NO_FAULTS, {
    ...NEW_MACHINE,
    at: '2026-11-27T20:00:00Z',
  })
  expect(validate(file) || validate.errors).toBe(true)
  expect(validate({ ...file, version: 2 })).toBe(false)
})
