import { blockEfficiency } from './blockEfficiency'

const KIB = 1024

// Source: OpenZFS 2.1.11, vdev_raidz_asize, the sectors counted by hand.
test.each([
  // 4 data + 2 parity, a multiple of 3 already.
  ['raidz2', 10, 16, 6 * 4, 0],
  // 2 data + 2 parity = 4, rounded up to 6.
  ['raidz2', 10, 8, 6 * 4, 2 * 4],
  // 1 data + 2 parity.
  ['raidz2', 10, 4, 3 * 4, 0],
  // 32 data in 4 rows of 8, 8 parity: 40, rounded up to 42.
  ['raidz2', 10, 128, 42 * 4, 2 * 4],
  // 1 data + 1 parity.
  ['raidz1', 5, 4, 2 * 4, 0],
  ['mirror', 3, 16, 3 * 16, 0],
  ['stripe', 4, 16, 16, 0],
] as const)('%s of %i, a block of %i KiB takes %i KiB', (kind, width, block, taken, padding) => {
  const found = blockEfficiency({ kind }, width, 12, block * KIB)
  expect(found.allocatedBytes).toBe(taken * KIB)
  expect(found.paddingBytes).toBe(padding * KIB)
  expect(found.share).toBeCloseTo(block / taken, 12)
})

// Source: OpenZFS 2.1.11, vdev_draid_asize: whole rows of the group.
test('a small block of a dRAID takes a whole row', () => {
  const draid = { parity: 2, data: 8, spares: 1 } as const
  const found = blockEfficiency({ kind: 'draid', draid }, 11, 12, 4 * KIB)
  expect(found.allocatedBytes).toBe(10 * 4 * KIB)
  expect(found.paddingBytes).toBe(7 * 4 * KIB)
})

test('half a sector is padding too', () => {
  expect(blockEfficiency({ kind: 'stripe' }, 1, 12, 2 * KIB).paddingBytes).toBe(2 * KIB)
})

test('larger blocks never pack worse, by whole powers of two', () => {
  for (const width of [3, 5, 6, 10, 11]) {
    const shares = [4, 8, 16, 32, 64, 128, 256, 512, 1024].map(
      (block) => blockEfficiency({ kind: 'raidz1' }, width, 12, block * KIB).share,
    )
    expect(Math.max(...shares)).toBe(shares.at(-1))
    for (const share of shares) expect(share).toBeLessThanOrEqual((width - 1) / width + 1e-9)
  }
})
