import type { ServiceFigure } from '@flint/core/figures'
import { serviceWords, waitText } from './serviceWords'

const log: ServiceFigure = {
  service: {
    id: 'service-1',
    role: 'write log',
    poolId: 'pool-1',
    arrangement: 'mirror',
    parts: [],
    writtenBytesPerDay: null,
    movedEveryHours: 24,
    hitShare: null,
    recordBytes: null,
    smallBlockBytes: null,
  },
  isImplied: false,
  pool: null,
  deviceIds: ['boot-1'],
  bytes: 16e9,
  wantedBytes: 2e9,
  tolerates: 0,
  writtenBytesPerDay: 1e9,
  memoryBytes: 0,
  strandedBytes: 0,
  waitMicroseconds: null,
  asleepHours: null,
}

test.each<[Partial<ServiceFigure>, string]>([
  [{ deviceIds: [] }, ''],
  [{}, 'Holds 16 GB, 2 GB wanted.'],
  [
    { deviceIds: ['boot-1', 'boot-2'], tolerates: 1, strandedBytes: 24e9 },
    'Holds 16 GB, 2 GB wanted, any 1 of its devices may fail. The smaller of its mirrored devices counts: 24 GB of the larger ones holds nothing.',
  ],
  [
    { waitMicroseconds: { low: 400, likely: 1_500, high: 6_000 } },
    'Holds 16 GB, 2 GB wanted. A small write waits about 1.5 ms (400 µs to 6 ms).',
  ],
  [
    { waitMicroseconds: { low: 25, likely: 25, high: 25 } },
    'Holds 16 GB, 2 GB wanted. A small write waits about 25 µs.',
  ],
  [
    { service: { ...log.service, hitShare: 0.6 } },
    'Holds 16 GB, 2 GB wanted. If 60 % is found in it, the drives serve 2.5 times as many reads.',
  ],
  [
    { service: { ...log.service, hitShare: 1 } },
    'Holds 16 GB, 2 GB wanted. If 100 % is found in it, the drives are not read at all.',
  ],
  [
    { asleepHours: 22.5 },
    'Holds 16 GB, 2 GB wanted. While nobody reads from the disks they sleep up to 22.5 hours of a day.',
  ],
])('%j', (change, words) => {
  expect(serviceWords({ ...log, ...change })).toBe(words)
})

test('a thousand microseconds are a millisecond', () => {
  expect([999, 1_000].map(waitText)).toEqual(['999 µs', '1 ms'])
})
