import fc from 'fast-check'
import { draid } from './draid'

test('a dRAID has 255 members at most', () => {
  // VDEV_DRAID_MAX_CHILDREN is UINT8_MAX in OpenZFS 2.1's sys/vdev_draid.h, from memory.
  expect(draid({ parity: 2, data: 8, spares: 1 }).maximumMembers).toBe(255)
})

/** Each metaslab by itself, as OpenZFS 2.1.11 begins and ends it (vdev_draid_metaslab_init). */
function oneByOne(rowBytes: number, eachBytes: number, count: number): number[] {
  return Array.from({ length: count }, (_, index) => {
    const start = Math.ceil((index * eachBytes) / rowBytes) * rowBytes
    return Math.floor(((index + 1) * eachBytes - start) / rowBytes) * rowBytes
  })
}

test('the lengths of metaslabs are those that are found by looking at each', () => {
  const parity = fc.constantFrom(1 as const, 2 as const, 3 as const)
  fc.assert(
    fc.property(
      parity,
      fc.integer({ min: 1, max: 40 }),
      fc.integer({ min: 9, max: 16 }),
      fc.integer({ min: 24, max: 34 }),
      fc.nat(2000),
      (p, data, ashift, shift, count) => {
        const { metaslabLengths } = draid({ parity: p, data, spares: 1 })
        const eachBytes = 2 ** shift
        const all = oneByOne((data + p) * 2 ** ashift, eachBytes, count)
        const found = metaslabLengths?.({ count, eachBytes }, ashift) ?? []
        for (const one of found) {
          expect(all.filter((bytes) => bytes === one.bytes)).toHaveLength(one.count)
        }
        expect(found.reduce((sum, one) => sum + one.count, 0)).toBe(count)
        if (count > 0) expect(all[0]).toBe(found[0]?.bytes)
      },
    ),
    { numRuns: 300 },
  )
})
