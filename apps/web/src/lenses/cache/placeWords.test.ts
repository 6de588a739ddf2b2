import { byNeed, type Machine, type PlacedNeed } from '@flint/core/figures'
import { placeWords } from './placeWords'

const pieces = new Map([
  ['board-1', { dataSheet: { kind: 'board', model: 'Middle' } }],
  [
    'controller-1',
    { dataSheet: { kind: 'controller', model: 'Kept 8', controllerType: 'RAID card' } },
  ],
  [
    'controller-2',
    { dataSheet: { kind: 'controller', model: 'Carrier', controllerType: 'plain' } },
  ],
  ['cage-1', { dataSheet: { kind: 'cage', model: 'Pair small' } }],
])
const at = (need: PlacedNeed['need'], pieceId: string, number = 2): PlacedNeed => ({
  pieceId: 'drive-1',
  need,
  on: { pieceId, number },
})
const words = (...placed: PlacedNeed[]): string =>
  // Only what is looked at is there.
  placeWords({ pieces, placed: byNeed([placed]) } as unknown as Machine, 'drive-1')

test.each([
  [[at('M.2', 'board-1')], 'M.2 socket 2'],
  [[at('M.2', 'controller-2')], 'M.2 socket 2 of Carrier'],
  [[at('bay', 'chassis-1', 12), at('data port', 'controller-2')], 'bay 12'],
  [[at('bay', 'cage-1', 1)], 'bay 1 of Pair small'],
  [[at('USB port', 'board-1')], 'on USB'],
  [[at('bay', 'chassis-1'), at('data port', 'controller-1')], 'bay 2, behind the RAID card Kept 8'],
  [[], ''],
])('%j', (placed, expected) => {
  expect(words(...placed)).toBe(expected)
})
