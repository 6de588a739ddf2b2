import { coolerClearance } from './coolerClearance'

const COVER = 'the cover'
const FAN = 'the fan under the cover'
const SUPPLY = 'the supply over the board'

test.each([
  [130, 0, 0, 130, COVER],
  [130, 1, 0, 129, FAN],
  [130, 25, 0, 105, FAN],
  [130, 0, 1, 1, SUPPLY],
  [130, 25, 104, 104, SUPPLY],
  // What is as low as the cover is under it, and the cover is named.
  [130, 0, 130, 130, COVER],
  [130, 25, 105, 105, FAN],
])(
  'a cover at %s mm with a fan of %s mm and a supply at %s mm leave %s mm under %s',
  (boardToCoverMm, coverFanMm, boardToSupplyMm, clearanceMm, obstacle) => {
    const clearance = coolerClearance({ boardToCoverMm, coverFanMm, boardToSupplyMm })
    expect(clearance).toEqual({ clearanceMm, obstacle })
  },
)

test('what a data sheet leaves open leaves it open', () => {
  const all = { boardToCoverMm: 130, coverFanMm: 0, boardToSupplyMm: 0 }
  for (const field of ['boardToCoverMm', 'coverFanMm', 'boardToSupplyMm'] as const) {
    expect(coolerClearance({ ...all, [field]: null })).toBeNull()
  }
})
