import { zfsPoolCapacity } from '../zfs/zfsPoolCapacity'
import { layoutChoices } from './layoutChoices'

const drives = (count: number) =>
  Array.from({ length: count }, (_, index) => ({ id: `drive-${index + 1}`, capacityBytes: 4e12 }))
const titles = (count: number) => layoutChoices(drives(count)).map(({ title }) => title)
const reasonOf = (count: number, id: string) =>
  layoutChoices(drives(count)).find((choice) => choice.id.startsWith(id))?.reason

test('six drives', () => {
  expect(titles(6)).toEqual([
    'single parity, 6 wide',
    'double parity, 6 wide',
    'triple parity, 6 wide',
    'three pairs',
    'two three-way mirrors',
    'two of 3 wide, single parity',
    'no redundancy',
  ])
})

test('what the number of drives forbids is listed with its reason', () => {
  expect(reasonOf(2, 'raidz2')).toBe('Double parity needs at least three drives.')
  expect(reasonOf(1, 'mirror')).toBe('Mirror needs at least two drives.')
  expect(reasonOf(5, 'mirror')).toBe('Pairs need an even number of drives; 1 would be left over.')
  expect(reasonOf(6, 'raidz2')).toBeNull()
})

test('every possible choice uses every drive once and can be made', () => {
  for (let count = 1; count <= 24; count += 1) {
    const choices = layoutChoices(drives(count))
    expect(new Set(choices.map(({ id }) => id)).size).toBe(choices.length)
    for (const { groups, reason } of choices) {
      if (reason !== null) continue
      const used = groups.flatMap(({ driveIds }) => driveIds)
      expect([...used].sort()).toEqual(
        drives(count)
          .map(({ id }) => id)
          .sort(),
      )
      const vdevs = groups.map(({ kind, driveIds }) => ({
        kind,
        members: driveIds.map(() => 4e12),
      }))
      expect(() => zfsPoolCapacity({ ashift: 12, wholeDisks: true, vdevs })).not.toThrow()
    }
  }
})

test('equal sizes are dealt to the same group', () => {
  const mixed = [2e12, 8e12, 2e12, 8e12].map((capacityBytes, index) => ({
    id: `drive-${index + 1}`,
    capacityBytes,
  }))
  const pairs = layoutChoices(mixed).find(({ id }) => id === 'mirrorx2x2')
  expect(pairs?.groups.map(({ driveIds }) => driveIds)).toEqual([
    ['drive-2', 'drive-4'],
    ['drive-1', 'drive-3'],
  ])
})
