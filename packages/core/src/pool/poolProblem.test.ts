import { formatterFor } from '../units/formatter'
import { type PoolProblem, poolProblemWords } from './poolProblem'

const TB = 1e12

test.each<[PoolProblem, string]>([
  [{ code: 'no-members', of: 'pool' }, 'a pool needs members.'],
  [{ code: 'no-members', of: 'array' }, 'an array needs members.'],
  [
    { code: 'too-few-members', kind: 'mirror', least: 2, members: 1 },
    'a mirror needs at least 2 members, not 1.',
  ],
  [
    { code: 'too-few-members', kind: 'stripe', least: 1, members: 0 },
    'a stripe needs at least 1 member, not 0.',
  ],
  [
    { code: 'too-many-members', kind: 'raidz1', most: 255, members: 256 },
    'a raidz1 takes at most 255 members, not 256.',
  ],
  [
    { code: 'too-few-members-with-room', kind: 'two-copies', least: 2 },
    'the profile two-copies needs at least 2 members with room for a chunk.',
  ],
  [
    { code: 'odd-number-for-pairs', kind: 'raid10', members: 5 },
    'a raid10 is made of pairs, so not of 5 members.',
  ],
  [
    { code: 'too-few-members-for-columns', columns: 5, members: 4 },
    '5 columns need as many members with room for a slab; there are 4.',
  ],
  [{ code: 'no-column-for-data', columns: 2, parity: 2 }, '2 of 2 columns leave none for data.'],
  [{ code: 'no-data-drive' }, 'at least one data drive is needed.'],
  [{ code: 'no-parity-drive' }, 'at least one parity drive is needed.'],
  [
    { code: 'too-many-parity-drives', most: 2, drives: 3 },
    'at most 2 parity drives are taken, not 3.',
  ],
  [
    { code: 'parity-drive-too-small', bytes: 4.0006 * TB, largestDataBytes: 8 * TB },
    'a parity drive must be at least as large as the largest data drive: 4.001 TB is less than 8 TB.',
  ],
  // Two drives that are sold as 4 TB.
  [
    {
      code: 'parity-drive-too-small',
      bytes: 4_000_785_948_160,
      largestDataBytes: 4_000_787_030_016,
    },
    'a parity drive must be at least as large as the largest data drive: 4.000786 TB is less than 4.000787 TB.',
  ],
  [{ code: 'no-vdev' }, 'a pool needs at least one vdev.'],
  [{ code: 'draid-without-shape' }, 'a draid needs its parity, data and spares.'],
  [
    { code: 'ashift-out-of-range', least: 9, most: 16 },
    'ashift must be a whole number from 9 to 16.',
  ],
  [
    { code: 'too-many-bytes', mostBytes: 2 ** 53 - 1 },
    'the members add up to more than 9,007 TB, the most that is counted exactly.',
  ],
  [{ code: 'member-too-small', leastBytes: 2 ** 26 }, 'ZFS refuses a member below 64 MiB.'],
])('%j', (problem, words) => {
  expect(poolProblemWords(problem, formatterFor('en'))).toBe(words)
})
