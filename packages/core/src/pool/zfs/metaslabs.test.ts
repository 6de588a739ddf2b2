import { metaslabs } from './metaslabs'

const GIB = 2 ** 30

// Source: OpenZFS 2.1.11, vdev_metaslab_set_size; the sums by hand.
test.each([
  ['fewer than two of 16 MiB', 2 ** 25 - 1, 24, 1],
  ['three of 16 MiB, as small as they become', 3 * 2 ** 24, 24, 3],
  ['a byte less than 16 of 512 MiB', 8 * GIB - 1, 29, 15],
  ['16 of 512 MiB', 8 * GIB, 29, 16],
  ['200 of 512 MiB', 100 * GIB, 29, 200],
  ['one more, so they are twice as large', 100.5 * GIB, 30, 100],
  ['131,072 of 16 GiB, the most of them', 131_072 * 16 * GIB, 34, 131_072],
  ['one more, so they grow beyond 16 GiB', 131_073 * 16 * GIB, 35, 65_536],
])('%s', (_name, bytes, shift, count) => {
  expect(metaslabs(bytes)).toEqual({ shift, count, eachBytes: 2 ** shift })
})
