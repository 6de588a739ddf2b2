import fc from 'fast-check'
import { GB } from '../../units/bytes'
import { vdevKinds } from './vdevKinds'
import { ZFS_VDEV_KIND_NAMES } from '../../design/pools/zfsPool'
import { zfsPoolCapacity } from './zfsPoolCapacity'

const driveBytes = fc.integer({ min: 250, max: 24_000 }).map((gigabytes) => gigabytes * GB)
const kindName = fc.constantFrom(...ZFS_VDEV_KIND_NAMES)
const members = fc.array(driveBytes, { minLength: 4, maxLength: 12 })

const available = (kind: (typeof ZFS_VDEV_KIND_NAMES)[number], sizes: number[]): number =>
  zfsPoolCapacity({ ashift: 12, wholeDisks: true, vdevs: [{ kind, members: sizes }] })
    .availableBytes

/**
 * ZFS doubles the size of a metaslab at some vdev sizes and loses the tail that does not fill one, so
 * a slightly larger drive may hold a little less: less than two metaslabs of the larger kind.
 */
const TAIL_BYTES = 2 * 2 ** 34

test('a larger drive never lowers the capacity by more than a lost tail', () => {
  fc.assert(
    fc.property(kindName, members, fc.nat(11), driveBytes, (kind, sizes, index, more) => {
      const larger = sizes.map((size, at) => (at === index % sizes.length ? size + more : size))
      expect(available(kind, larger)).toBeGreaterThanOrEqual(available(kind, sizes) - TAIL_BYTES)
    }),
  )
})

test('more parity never holds more', () => {
  fc.assert(
    fc.property(members, (sizes) => {
      const [one, two, three] = (['raidz1', 'raidz2', 'raidz3'] as const).map((kind) =>
        available(kind, sizes),
      )
      expect(one).toBeGreaterThanOrEqual(two ?? Infinity)
      expect(two).toBeGreaterThanOrEqual(three ?? Infinity)
    }),
  )
})

test('what is promised is never more than the members without parity hold', () => {
  fc.assert(
    fc.property(kindName, members, (kind, sizes) => {
      const smallest = Math.min(...sizes)
      const data = kind === 'stripe' ? sizes.reduce((sum, size) => sum + size, 0) : 0
      const dataMembers =
        kind === 'mirror' ? 1 : sizes.length - vdevKinds[kind].toleratesFailures(sizes.length)
      const most = kind === 'stripe' ? data : smallest * dataMembers
      // The ratio is taken from whole sectors of a 128 KiB block, so it is at best a little high.
      expect(available(kind, sizes)).toBeLessThanOrEqual(most * 1.01)
    }),
  )
})

// Common practice, no source: the sums builders do on paper, before overheads, in decimal TB.
test.each([
  ['raidz1', 4, 4_000, 12],
  ['raidz1', 5, 3_000, 12],
  ['raidz1', 4, 6_000, 18],
  ['stripe', 7, 3_000, 21],
  ['raidz1', 7, 3_000, 18],
  ['raidz2', 7, 3_000, 15],
  ['mirror', 2, 2_000, 2],
] as const)('%s of %i × %i GB is about %i TB', (kind, count, gigabytes, terabytes) => {
  const bytes = available(kind, Array<number>(count).fill(gigabytes * GB))
  expect(bytes).toBeLessThan(terabytes * 1e12)
  expect(bytes).toBeGreaterThan(terabytes * 1e12 * 0.9)
})
