import { demoDesign, demoPart } from '../../fixtures/demo'
import {
  driveIdsOf,
  findingOf,
  type RuleCase,
  testRules,
  without,
  withPart,
} from '../../fixtures/ruleTable'
import { type Brief, EMPTY_BRIEF } from '../design/brief'
import type { Design } from '../design/design'
import { changeBrief } from '../design/edits/changeFields'
import { applyEdit } from '../design/edits/edit'
import { groupDrives } from '../design/edits/groupDrives'
import { households } from '../design/households'
import { newDesign } from '../design/newDesign'
import { parseDesign } from '../design/parseDesign'
import { evaluate } from '../evaluate'
import { isTooLarge, roomInPlace } from '../fit/roomInPlace'
import { wordsFor } from '../judging/words'
import { machineNoise } from '../noise/machineNoise'
import { resolveMachine } from '../machine/resolveMachine'
import { averagePricePerKilowattHourMinor } from '../power/averagePrice'
import { exactly, type Missing } from '../units/amount'
import { TIB } from '../units/bytes'
import { formatterFor } from '../units/formatter'
import { limitWords } from './limits'
import { noiseLimit } from './noiseLimit'
import type { LimitStatus } from '../judging/statusOf'

const shelf = demoDesign('warm-room-shelf')
const cabin = demoDesign('cabin-archive')
const asks = (change: Partial<Brief>, design = shelf): Design => changeBrief(design, change)
const standing = (design: Design, id: string): LimitStatus | undefined =>
  evaluate(design).limits.find((limit) => limit.id === id)?.status
const noPools = { ...shelf, pools: [] }
const striped = groupDrives(shelf, [{ kind: 'stripe', driveIds: driveIdsOf(shelf) }])

const cases: RuleCase[] = [
  {
    code: 'later-money-over-limit',
    severity: 'risks',
    words: 'Power alone costs €85 a year; the brief allows €50',
    bad: asks({ laterMinorPerYear: 5_000 }),
    good: asks({ laterMinorPerYear: 12_000 }),
    unknown: null,
  },
  {
    code: 'too-loud',
    severity: 'risks',
    words: 'together make about 30 dB(A) at one metre; the brief allows 26',
    bad: asks({ noiseLimitDecibels: 26 }),
    good: asks({ noiseLimitDecibels: 31 }),
    unknown: withPart(asks({ noiseLimitDecibels: 31 }), 'hollin-flat-47', { noiseDecibels: null }),
  },
  {
    code: 'network-too-slow',
    severity: 'risks',
    words:
      '2 readers want 90 MB/s each; over drives and 1 network port the one that has least gets 57 MB/s, all together 114 MB/s.',
    bad: asks({ readersAtOnce: 2, readerBytesPerSecond: 90e6 }),
    good: asks({ readersAtOnce: 1, readerBytesPerSecond: 113e6 }),
    unknown: withPart(asks({ readersAtOnce: 2, readerBytesPerSecond: 90e6 }), 'tindrel-plain-itx', {
      networkPorts: null,
    }),
  },
  {
    code: 'network-too-slow',
    severity: 'risks',
    // Common practice, no source: links that are put together never give one reader more than one of them.
    words: 'One reader wants 250 MB/s; over drives and 5 network ports it gets 114 MB/s.',
    bad: withPart(asks({ readersAtOnce: 1, readerBytesPerSecond: 250e6 }), 'wickmere-four'),
    // 285 MB/s of 2.5 Gb/s, but a mirror reads one file no quicker than its pairs of drives of 205.
    good: withPart(asks({ readersAtOnce: 1, readerBytesPerSecond: 200e6 }), 'wickmere-two-half'),
    unknown: null,
  },
  {
    code: 'too-few-free-slots',
    severity: 'risks',
    words: 'No slot is left free; the brief wants 1.',
    bad: withPart(asks({ freeSlotsWanted: 1 }), 'lockrow-six'),
    good: asks({ freeSlotsWanted: 1 }),
    unknown: withPart(asks({ freeSlotsWanted: 1 }), 'tindrel-plain-itx', { slots: null }),
  },
  {
    code: 'outage-too-long',
    severity: 'risks',
    // 7 TiB through 113.75 MB/s: 18.8 hours.
    words: 'at least 18.8 hours, and the brief tolerates 8 hours.',
    bad: changeBrief(striped, { outageHoursTolerated: 8 }),
    good: asks({ outageHoursTolerated: 0 }),
    unknown: null,
  },
  {
    code: 'loss-too-large',
    severity: 'risks',
    words: 'made every 168 hours',
    bad: asks({ lossHoursTolerated: 24 }),
    good: asks({ lossHoursTolerated: 168 }),
    unknown: asks({ lossHoursTolerated: 24, secondCopyEveryHours: null }),
  },
]

testRules(cases)

describe('how a design stands to its brief', () => {
  test.each([
    ['space', asks({ horizonYears: 4 }), 'kept'],
    ['space', asks({ horizonYears: 9 }), 'missed'],
    ['failures', asks({ failuresWanted: 2 }), 'missed'],
    ['failures', noPools, 'not known'],
    ['idle', asks({ idleWattsLimit: 20 }), 'missed'],
    ['idle', without(shelf, 'supply'), 'not known'],
    ['cost', asks({ costLimitMinor: 100_000 }), 'missed'],
    ['later-money', without(shelf, 'supply'), 'not known'],
    ['place', shelf, 'kept'],
    ['place', asks({ plugRoomMm: 140 }), 'missed'],
    ['place', withPart(shelf, 'warm-room-cube', { depthMm: null }), 'not known'],
    ['loss', asks({ secondCopy: '' }), 'missed'],
    ['free-bays', asks({ freeBaysWanted: 1 }), 'missed'],
    ['free-bays', asks({ freeBaysWanted: 1 }, without(shelf, 'chassis')), 'not known'],
    ['readers', asks({ readersAtOnce: 0 }), undefined],
  ] as const)('%s: %#', (id, design, expected) => {
    expect(standing(design, id)).toBe(expected)
  })

  test('a case that fits and leaves one millimetre too few for plugs says so', () => {
    const room = roomInPlace(shelf, resolveMachine(shelf))
    const tight = asks({ plugRoomMm: (room?.behindMm ?? NaN) + 1 })
    const judged = evaluate(tight).limits.find(({ id }) => id === 'place')
    if (!judged) throw new Error('no limit')
    expect(judged).toMatchObject({ status: 'missed', has: { likely: 1 } })
    const { has } = limitWords(judged, wordsFor(tight, formatterFor('en')))
    expect(has).toMatch(new RegExp(`, ${room?.behindMm ?? ''} mm for plugs$`))
  })

  test('a brief that asks for nothing has no limits to keep', () => {
    expect(evaluate(newDesign('new')).limits).toEqual([])
  })

  test('what no longer fits its place says so once, as a rule of its own', () => {
    const tight = asks({ plugRoomMm: 140 })
    expect(findingOf(tight, 'no-plug-room')?.sentence).toContain('about 140 mm are needed')
  })
})

describe('noise', () => {
  const alone = (levels: number[]): number =>
    machineNoise(
      resolveMachine(
        levels.reduce(
          (design, noiseDecibels) => withPart(design, 'brisk-120', { noiseDecibels }),
          newDesign('fans'),
        ),
      ),
      'spinning',
    ).likely

  // Source: level sum of incoherent sources, in any acoustics handbook; the values from memory.
  test('two equal sources are 3 dB louder, ten are 10 dB', () => {
    expect(alone([30, 30])).toBeCloseTo(33.01, 2)
    expect(alone(Array.from({ length: 10 }, () => 20))).toBeCloseTo(30, 10)
  })

  test('a source 20 dB softer hardly counts', () => {
    const loud = withPart(newDesign('fans'), 'brisk-120', { noiseDecibels: 40 })
    const both = withPart(loud, 'brisk-92', { noiseDecibels: 20 })
    expect(machineNoise(resolveMachine(both), 'spinning').likely).toBeCloseTo(40.04, 2)
  })

  test('nothing that sounds is silent, and nothing known is missing', () => {
    expect(machineNoise(resolveMachine(newDesign('empty')), 'spinning')).toEqual(
      exactly(0, 'dB(A)'),
    )
    const unknown = withPart(newDesign('fan'), 'brisk-120', { noiseDecibels: null })
    const missing = [{ pieceId: 'fan-1', field: 'noiseDecibels' }]
    expect(machineNoise(resolveMachine(unknown), 'spinning')).toEqual(exactly(0, 'dB(A)', missing))
  })
})

describe('price of power by the hour', () => {
  const price = (priceBands: Brief['priceBands']): number =>
    averagePricePerKilowattHourMinor({ pricePerKilowattHourMinor: 32, priceBands })

  test('six cheap hours out of twenty-four', () => {
    expect(price([{ fromHour: 0, toHour: 6, minor: 20 }])).toBeCloseTo(29, 10)
  })

  test('no bands, or bands over the whole day', () => {
    expect(price([])).toBe(32)
    expect(price([{ fromHour: 0, toHour: 24, minor: 25 }])).toBe(25)
  })

  test('the first of two that overlap counts', () => {
    const first = { fromHour: 0, toHour: 12, minor: 20 }
    const second = { fromHour: 6, toHour: 24, minor: 40 }
    expect(price([first, second])).toBe(30)
  })

  // Common practice, no source: 23 W all month at 0.32 is 5.37 a month.
  test('costs follow it', () => {
    const night = asks({ priceBands: [{ fromHour: 0, toHour: 24, minor: 63 }] })
    const now = evaluate(shelf).power.costPerYear?.likely ?? 0
    expect(evaluate(night).power.costPerYear?.likely).toBeCloseTo(now * 2, -1)
  })
})

describe('households to start from', () => {
  test.each(households.map((one) => [one.id, one] as const))('%s is a sound brief', (_id, one) => {
    const design = changeBrief(newDesign('home'), { ...EMPTY_BRIEF, ...one.brief })
    expect(parseDesign(JSON.parse(JSON.stringify(design)))).toEqual({ design })
    expect(evaluate(design).capacity.wantedBytes).toBeGreaterThan(TIB)
  })

  test('there are three, and they want different things', () => {
    const wanted = households.map(({ brief }) => brief.idleWattsLimit)
    expect(new Set(wanted).size).toBe(3)
  })
})

test('the demo designs keep what their briefs ask for, but for what they are there to show', () => {
  const missed = evaluate(cabin).limits.filter((limit) => limit.status !== 'kept')
  expect(missed.map(({ id }) => id)).toEqual(['idle', 'cost', 'place', 'loss', 'free-bays'])
  expect(evaluate(shelf).limits.every((limit) => limit.status === 'kept')).toBe(true)
})

describe('limits that a part of the values decides', () => {
  const status = (design: Design, id: string): LimitStatus | undefined => standing(design, id)

  test('a place of which only the depth is known excludes a case that is deeper', () => {
    const only = (depthMm: number): Design =>
      withPart(shelf, 'warm-room-cube', { widthMm: null, heightMm: null, depthMm })
    expect(status(only(100), 'place')).toBe('missed')
    expect(findingOf(only(100), 'no-room-in-place')?.severity).toBe('blocks')
    expect(status(only(900), 'place')).toBe('not known')
  })

  test('a stripe whose data nobody has named is not said to run on', () => {
    const bare = changeBrief(striped, { outageHoursTolerated: 8, data: [] })
    expect(status(bare, 'outage')).toBe('not known')
    expect(status(changeBrief(shelf, { outageHoursTolerated: 0, data: [] }), 'outage')).toBe('kept')
  })

  test('with parity that is only run at night the files of a dead drive are away', () => {
    const drawer = demoDesign('drawer-of-drives')
    const night = changeBrief(drawer, {
      outageHoursTolerated: 1,
      data: [{ kind: 'other', nowBytes: 4 * TIB, growthBytesPerYear: 0, fileBytes: 1e6 }],
    })
    expect(night.pools.map(({ family }) => family)).toEqual(['scheduled-parity'])
    expect(status(night, 'outage')).toBe('missed')
    const [pool] = night.pools
    if (pool?.family !== 'scheduled-parity') throw new Error('another family')
    const { id, name, groups } = pool
    const atOnce: Design['pools'] = [
      { id, name, groups, family: 'dedicated-parity', writesWithAllDrives: false },
    ]
    expect(status({ ...night, pools: atOnce }, 'outage')).toBe('kept')
  })

  test('drives that are taken out are in no warm room', () => {
    const hot = asks({ roomCelsius: 44 })
    expect(status(hot, 'room-temperature')).toBe('missed')
    const out = applyEdit(hot, { do: 'take-out', driveIds: driveIdsOf(hot) })
    expect(evaluate(out).limits.map(({ id }) => id)).not.toContain('room-temperature')
  })

  test('bays for 2.5" drives are not free for 3.5" ones', () => {
    const { sheet } = demoPart('ashgrove-hearth-4')
    if (sheet.kind !== 'chassis') throw new Error('not a case')
    const [block] = sheet.bayBlocks
    if (!block) throw new Error('no bays')
    const bays = {
      bayBlocks: [
        block,
        { ...block, formFactor: '2.5', rows: 2, columns: 1, leftMm: 5, topMm: 150 },
      ],
    }
    const more = withPart(asks({ freeBaysWanted: 1 }), 'ashgrove-hearth-4', bays)
    expect(status(more, 'free-bays')).toBe('missed')
  })
})

describe('noise in words', () => {
  const words = wordsFor(shelf, formatterFor('en-GB'))
  const said = (low: number, missing: Missing[] = []): string => {
    const decibels = { unit: 'dB(A)' as const, low, likely: low + 2, high: low + 5, missing }
    const facts = { limitDecibels: 32, decibels }
    return noiseLimit.has({ bound: { most: 32 }, has: decibels, facts }, words)
  }

  test.each([
    [0, [], 'silent'],
    [0.6, [], 'about 1 dB(A)'],
    [29.8, [], 'about 30 dB(A)'],
    [29.8, [{ pieceId: 'supply-1', field: 'noiseDecibels' }], 'at least 30 dB(A)'],
    [0, [{ pieceId: 'supply-1', field: 'noiseDecibels' }], 'not known'],
  ])('from %d dB(A), lacking %j: %s', (low, missing, expected) => {
    expect(said(low, missing)).toBe(expected)
  })
})

test.each([
  [429, 430, false],
  [430, 430, false],
  [431, 430, true],
])('a side of %d mm in a place of %d mm is too large: %j', (needMm, roomMm, expected) => {
  expect(isTooLarge({ side: 'wide', needMm, roomMm })).toBe(expected)
})
