import { readFixture } from '../../../fixtures/readFixture'
import { draid } from './vdevKinds/draid'
import { raidz } from './vdevKinds/raidz'
import { wholeDiskPartitionBytes } from './wholeDiskPartition'
import { type ZfsVdev, zfsPoolCapacity } from './zfsPoolCapacity'

// Source: what the OpenZFS 2.1.11 library itself answered, see fixtures/README.md.
const pools = readFixture('zfs-capacity.csv')
const blocks = readFixture('zfs-block-asize.csv')

const kindNames: Record<string, ZfsVdev['kind']> = {
  disk: 'stripe',
  mirror: 'mirror',
  raidz1: 'raidz1',
  raidz2: 'raidz2',
  raidz3: 'raidz3',
}

function vdevsOf(spec: string): ZfsVdev[] {
  return spec.split('/').map((vdev) => {
    const [type = '', sizes = ''] = vdev.split(':')
    const [, parity, data, spares] = /^draid(\d)\.(\d+)\.(\d+)$/.exec(type) ?? []
    const kind = parity ? 'draid' : kindNames[type]
    if (!kind) throw new Error(`unknown vdev ${type} in the fixture`)
    const members = sizes.split(',').flatMap((entry) => {
      const [bytes, times = '1'] = entry.split('x')
      return Array<number>(Number(times)).fill(Number(bytes))
    })
    if (!parity) return { kind, members }
    const draid = {
      parity: Number(parity) as 1 | 2 | 3,
      data: Number(data),
      spares: Number(spares),
    }
    return { kind, members, draid }
  })
}

/** A cell that may hold one value for all vdevs, one for each, or nothing. */
function expectColumn(cell: string | undefined, actual: number[]): void {
  if (!cell) return
  const expected = cell.split(';').map(Number)
  expect(actual).toEqual(expected.length === 1 ? actual.map(() => expected[0]) : expected)
}

test('the fixture holds every row', () => {
  expect(pools).toHaveLength(220)
  expect(pools.filter(({ availableBytes }) => availableBytes)).not.toHaveLength(0)
})

test.each(pools.map((row) => [row.id, row.layout, row] as const))(
  'pool %s (%s) is what OpenZFS makes of it, to the byte',
  (_id, _layout, row) => {
    const capacity = zfsPoolCapacity({
      ashift: Number(row.ashift),
      wholeDisks: false,
      vdevs: vdevsOf(row.spec ?? ''),
    })
    const perVdev = capacity.vdevs
    expectColumn(row.rawBytes, [capacity.rawBytes])
    expectColumn(
      row.topAllocatableBytes,
      perVdev.map((vdev) => vdev.allocatableBytes),
    )
    expectColumn(
      row.metaslabShift,
      perVdev.map((vdev) => vdev.metaslabShift),
    )
    expectColumn(
      row.metaslabCount,
      perVdev.map((vdev) => vdev.metaslabCount),
    )
    expectColumn(
      row.deflateRatio,
      perVdev.map((vdev) => vdev.deflateRatio),
    )
    expectColumn(row.poolSizeBytes, [capacity.poolSizeBytes])
    expectColumn(row.slopBytes, [capacity.slopBytes])
    expectColumn(row.availableBytes, [capacity.availableBytes])
    expectColumn(row.usableBeforeSlopBytes, [capacity.availableBytes + capacity.slopBytes])
  },
)

test('every raidz block takes on disk what OpenZFS takes for it', () => {
  const off = blocks.filter(
    ({ parity, width, ashift, blockBytes, allocatedBytes }) =>
      raidz(Number(parity) as 1 | 2 | 3).allocatedBytes(
        Number(blockBytes),
        Number(width),
        Number(ashift),
      ) !== Number(allocatedBytes),
  )
  expect(blocks.length).toBeGreaterThan(1000)
  expect(off).toEqual([])
})

describe('whole drives', () => {
  test('ten of 16 TB in raidz2: the worked row', () => {
    const capacity = zfsPoolCapacity({
      ashift: 12,
      wholeDisks: true,
      vdevs: [{ kind: 'raidz2', members: Array<number>(10).fill(16_000_900_661_248) }],
    })
    expect(capacity.poolSizeBytes).toBe(159_996_121_710_592)
    expect(capacity.availableBytes).toBe(121_734_606_880_768)
    expect(capacity.rawBytes).toBe(160_009_006_612_480)
  })

  test('the partition of a drive with 512-byte sectors', () => {
    expect(wholeDiskPartitionBytes(16_000_900_661_248)).toBe(16_000_890_175_488)
  })

  test('a drive too small for the partition table leaves nothing', () => {
    expect(wholeDiskPartitionBytes(1_000_000)).toBe(0)
  })

  // Source: UEFI specification, GPT: the backup table is 16 KiB of entries and one sector of header behind them.
  test('a sector too few for the next 2,048 makes the partition 2,048 sectors shorter', () => {
    const around = 2_048 + 16_384 + 32 + 1
    const bytesWith = (sectors: number): number => wholeDiskPartitionBytes(sectors * 512)
    expect(bytesWith(1_000 * 2_048 + around)).toBe(1_000 * 2_048 * 512)
    expect(bytesWith(1_000 * 2_048 + around - 1)).toBe(999 * 2_048 * 512)
  })
})

describe('what cannot be made is refused with its field', () => {
  const member = 4_000_787_030_016
  const cases: [string, ZfsVdev, string][] = [
    ['raidz2 of two', { kind: 'raidz2', members: [member, member] }, 'vdevs[0].members'],
    ['mirror of one', { kind: 'mirror', members: [member] }, 'vdevs[0].members'],
    [
      'raidz1 of 256',
      { kind: 'raidz1', members: Array<number>(256).fill(member) },
      'vdevs[0].members',
    ],
    [
      'a member below 64 MiB',
      { kind: 'mirror', members: [member, 67_108_863] },
      'vdevs[0].members[1]',
    ],
  ]
  test.each(cases)('%s', (_name, vdev, field) => {
    const make = (): unknown => zfsPoolCapacity({ ashift: 12, wholeDisks: false, vdevs: [vdev] })
    expect(make).toThrow(expect.objectContaining({ field }) as Error)
  })

  test('more raw bytes than can be counted exactly', () => {
    const vdevs = [{ kind: 'stripe' as const, members: Array<number>(10).fill(1e15) }]
    expect(() => zfsPoolCapacity({ ashift: 12, wholeDisks: false, vdevs })).toThrow('9,007 TB')
  })
})

// Source: the same library's answers for single blocks on dRAID.
const draidBlocks = readFixture('zfs-draid-block-asize.csv')

test.each(draidBlocks.map((row) => [row.layout, row.ashift, row.blockBytes, row] as const))(
  'a block on %s at ashift %s of %s bytes takes what OpenZFS gives it',
  (layout, ashift, blockBytes, row) => {
    const [, parity, data, , spares] = /^draid(\d):(\d+)d:(\d+)c:(\d+)s$/.exec(layout ?? '') ?? []
    const kind = draid({
      parity: Number(parity) as 1 | 2 | 3,
      data: Number(data),
      spares: Number(spares),
    })
    const taken = kind.allocatedBytes(Number(blockBytes), Number(row.members), Number(ashift))
    expect(taken).toBe(Number(row.allocatedBytes))
  },
)
