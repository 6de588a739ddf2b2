import { demoDesign } from '../../fixtures/demo'
import { driveIdsOf, withPart, without } from '../../fixtures/ruleTable'
import type { Brief } from '../design/brief'
import type { Design } from '../design/design'
import { changeBrief } from '../design/edits/changeFields'
import { groupDrives } from '../design/edits/groupDrives'
import { evaluate } from '../evaluate'
import type { LimitStatus } from '../judging/statusOf'
import { wordsFor } from '../judging/words'
import { exactly } from '../units/amount'
import { TIB } from '../units/bytes'
import { formatterFor } from '../units/formatter'
import { type LimitId, limitWords, standingOf } from './limits'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')
const board = cabin.snapshots.find(({ sheet }) => sheet.kind === 'board')?.sheet
if (board?.kind !== 'board' || !board.slots) throw new Error('a board with slots')
const { slots } = board

/** What is wanted, what there is and how it stands, of a design whose brief asks that. */
function said(
  id: LimitId,
  change: Partial<Brief>,
  design: Design = cabin,
): [string, string, LimitStatus] {
  const asked = changeBrief(design, change)
  const limit = evaluate(asked).limits.find((one) => one.id === id)
  if (!limit) throw new Error(`the brief does not set ${id}`)
  const { wanted, has } = limitWords(limit, wordsFor(asked, formatterFor('en-GB')))
  return [wanted, has, limit.status]
}

const striped = groupDrives(shelf, [{ kind: 'stripe', driveIds: driveIdsOf(shelf) }])
const noPools: Design = { ...cabin, pools: [] }
const media = (nowBytes: number): Partial<Brief> => ({
  data: [{ kind: 'media', nowBytes, growthBytesPerYear: 0, fileBytes: 4e9 }],
})

test.each<[string, LimitId, Partial<Brief>, Design, [string, string, LimitStatus]]>([
  [
    'hours of work, one digit',
    'loss',
    { lossHoursTolerated: 30.25, secondCopy: 'a friend', secondCopyEveryHours: 24.25 },
    cabin,
    ['at most 30.3 h of work', 'up to 24.3 h', 'kept'],
  ],
  [
    'a copy nobody says when',
    'loss',
    { lossHoursTolerated: 30, secondCopy: 'a friend', secondCopyEveryHours: null },
    cabin,
    ['at most 30 h of work', 'not known', 'not known'],
  ],
  [
    'no second copy',
    'loss',
    { lossHoursTolerated: 30, secondCopy: ' ' },
    cabin,
    ['at most 30 h of work', 'everything', 'missed'],
  ],
  [
    'it runs on',
    'outage',
    { outageHoursTolerated: 0.25 },
    cabin,
    ['at most 0.3 h', 'runs on', 'kept'],
  ],
  [
    'an outage of no pool',
    'outage',
    { outageHoursTolerated: 8 },
    noPools,
    ['at most 8 h', 'not known', 'not known'],
  ],
  [
    'failures of no pool',
    'failures',
    { failuresWanted: 1 },
    noPools,
    ['any 1', 'no pool yet', 'not known'],
  ],
  ['failures', 'failures', { failuresWanted: 2 }, cabin, ['any 2', 'any 2', 'kept']],
  [
    'space without a pool',
    'space',
    { ...media(10.26 * TIB), horizonYears: 0 },
    noPools,
    ['at least 10.3 TiB', 'no pool yet', 'not known'],
  ],
  [
    'slots of no board',
    'free-slots',
    { freeSlotsWanted: 1 },
    without(cabin, 'board'),
    ['at least 1 slot', 'no board yet', 'not known'],
  ],
  [
    'a board without the one',
    'free-slots',
    { freeSlotsWanted: 1 },
    withPart(without(cabin, 'controller'), 'tindrel-middle-m', { slots: [] }),
    ['at least 1 slot', '0 slots', 'missed'],
  ],
  [
    'a board that does not say',
    'free-slots',
    { freeSlotsWanted: 2 },
    withPart(cabin, 'tindrel-middle-m', { slots: null }),
    ['at least 2 slots', 'not known', 'not known'],
  ],
  [
    'a board with one',
    'free-slots',
    { freeSlotsWanted: 1 },
    withPart(without(cabin, 'controller'), 'tindrel-middle-m', { slots: slots.slice(0, 1) }),
    ['at least 1 slot', '1 slot', 'kept'],
  ],
  [
    'a room as warm as can be',
    'room-temperature',
    { roomCelsius: 23.25 },
    shelf,
    ['at most 50 °C', '36 to 46 °C', 'kept'],
  ],
  [
    'nobody is there to read',
    'readers',
    { readersAtOnce: 1, readers: [], readerBytesPerSecond: 50e6 },
    noPools,
    ['1 × 50 MB/s', 'nothing to read yet', 'not known'],
  ],
  [
    'a port that nobody gives',
    'readers',
    { readersAtOnce: 1, readers: [], readerBytesPerSecond: 50e6 },
    withPart(withPart(cabin, 'tindrel-middle-m', { networkPorts: null }), 'wickmere-one', {
      bitsPerSecond: 100e6,
    }),
    ['1 × 50 MB/s', 'at least 11 MB/s each through 1 network port', 'not known'],
  ],
  [
    'data that nobody has named',
    'outage',
    { outageHoursTolerated: 8, data: [] },
    striped,
    ['at most 8 h', 'not known', 'not known'],
  ],
  [
    'a place to a quarter of a millimetre',
    'place',
    {},
    withPart(shelf, 'warm-room-cube', { widthMm: 330.25, heightMm: null }),
    ['330.3 × ? × 380 mm', '230 × 215 × 245 mm', 'not known'],
  ],
])('%s', (_name, id, change, design, expected) => {
  expect(said(id, change, design)).toEqual(expected)
})

test('what the warmest drive may have is said to a tenth', () => {
  const { limits } = evaluate(changeBrief(shelf, { roomCelsius: 23 }))
  const limit = limits.find(({ id }) => id === 'room-temperature')
  if (limit?.id !== 'room-temperature') throw new Error('nothing is said of the room')
  const facts = { ...limit.facts, warmestCelsius: 41.25 }
  const words = wordsFor(shelf, formatterFor('en-GB'))
  expect(limitWords({ ...limit, facts }, words).wanted).toBe('at most 41.3 °C')
  expect(limitWords({ ...limit, facts, has: null }, words).has).toBe('not known')
})

test('who asks for no more than kept or missed is told what is likely', () => {
  const may = (likely: number, bound: { most: number } | { least: number }) =>
    standingOf({
      status: 'may be missed',
      has: { ...exactly(0, 'W'), low: 10, likely, high: 30 },
      bound,
    })
  expect([may(20, { most: 20 }), may(21, { most: 20 })]).toEqual(['kept', 'missed'])
  expect([may(20, { least: 20 }), may(19, { least: 20 })]).toEqual(['kept', 'missed'])
  for (const status of ['kept', 'missed', 'not known'] as const) {
    expect(standingOf({ status, has: exactly(1, 'W'), bound: { most: 0 } })).toBe(status)
  }
  expect(standingOf({ status: 'may be missed', has: null, bound: { most: 0 } })).toBe('not known')
})
