import type { Placement } from '@flint/core/figures'
import { tradeWords } from './tradeWords'

const way = (short: number, change: Partial<Placement> = {}): Placement => ({
  placed: [
    {
      pieceId: 'a',
      on: { pieceId: 'board-1', kind: 'slot', number: 1 },
      root: { kind: 'slot', number: 1 },
      origin: 'CPU',
      bus: 'PCIe',
      lanes: 4,
      pcieGeneration: 3,
      bytesPerSecond: 1e9,
      needBytesPerSecond: 1e9 + short,
      shortBytesPerSecond: short,
    },
  ],
  leftIds: [],
  chipsetUsers: 1,
  silencedSataPorts: 0,
  isBest: true,
  ...change,
})

test.each([
  [way(0), 'as good'],
  [way(400e6), '400 MB/s more missing'],
  [way(0, { chipsetUsers: 2 }), '1 card more on the chipset'],
  [way(0, { chipsetUsers: 0 }), '1 card fewer on the chipset'],
  [way(0, { leftIds: ['b'] }), '1 card more without a slot'],
])('against the best: %#', (other, words) => {
  expect(tradeWords(way(0), other)).toBe(words)
})
