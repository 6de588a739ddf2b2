import { demoDesign, demoPart } from '../../../fixtures/demo'
import { findingOf, type RuleCase, testRules, withPart } from '../../../fixtures/ruleTable'
import type { Design } from '../../design/design'
import { changeBrief } from '../../design/edits/changeFields'
import { changeSheet } from '../../design/edits/changeSheet'
import { fitAnother } from '../../design/edits/fitPart'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')

const room = (roomCelsius: number): Design => changeBrief(shelf, { roomCelsius })
const withCase = (design: Design, change: Record<string, unknown>): Design => {
  const snapshot = design.snapshots.find(({ sheet }) => sheet.kind === 'chassis')
  return changeSheet(design, snapshot?.id ?? '', change)
}
const rearFan = {
  wall: 'rear',
  alongMm: 60,
  insideMm: null,
  sizeMm: 80,
  blows: 'out',
  filtered: null,
}
const pulling = (frontOpening: string, frontFilter: boolean): Design => ({
  ...withCase(cabin, { fanPlaces: [rearFan, rearFan, rearFan], frontOpening, frontFilter }),
  air: { ...cabin.air, fanDuty: 1 },
})
const sixteen = (airMetresPerSecond: number | null, more: Record<string, unknown> = {}): Design => {
  const snapshot = cabin.snapshots.find(({ slug }) => slug === 'lockrow-sixteen')
  return changeSheet(cabin, snapshot?.id ?? '', { airMetresPerSecond, ...more })
}
/** A cooler without a fan, in a case whose fans turn so fast. */
const still = (fanDuty: number): Design => ({
  ...withPart(cabin, 'hollin-still-27'),
  air: { ...cabin.air, fanDuty },
})

/** What makes more or less air is read as usual where nobody says it, which may be more than there is. */
const AIR = [
  'chassis.fanFlowCubicMetresPerHour',
  'chassis.fanPressurePascals',
  'chassis.frontOpening',
  'chassis.frontFilter',
  'chassis.fanPlaces',
  'supply.fanFlowCubicMetresPerHour',
  'supply.shape',
]

const cases: RuleCase[] = [
  {
    code: 'room-too-warm',
    severity: 'risks',
    words:
      'In a room of 34 °C the warmest drives get 46 to 56 °C while all are read; 50 °C is the most.',
    bad: room(34),
    good: room(26),
    unknown: null,
    readAs: AIR,
  },
  {
    code: 'drives-warm',
    severity: 'note',
    words: 'The warmest drives are likely to reach 46 °C while all are read; below 45 °C',
    bad: room(30),
    good: room(26),
    unknown: null,
    readAs: AIR,
  },
  {
    code: 'supply-fan-starved',
    severity: 'risks',
    words: 'moves no air: the fans of the case pull air in through the supply.',
    bad: pulling('closed', false),
    good: cabin,
    unknown: null,
    readAs: AIR,
  },
  {
    code: 'more-out-than-in',
    severity: 'note',
    words: 'Fans blow up to 330 m³/h out and 0 in: air comes in through every gap',
    bad: pulling('drilled', true),
    good: pulling('drilled', false),
    unknown: null,
    readAs: AIR,
  },
  {
    code: 'card-without-air',
    severity: 'risks',
    words: 'wants air that moves at 2 m/s; past the cards it moves at 0.3 to 0.9 m/s.',
    bad: sixteen(2),
    good: sixteen(0.2),
    unknown: sixteen(null),
    readAs: AIR,
  },
  {
    code: 'passive-cooler-without-air',
    severity: 'risks',
    words: 'has no fan and lives by the air of the case, which moves at about 0.3 m/s there',
    bad: still(0.2),
    good: still(0.8),
    unknown: null,
    readAs: [...AIR, 'cooler.fanCount', 'cooler.idleWatts'],
  },
  {
    code: 'fan-without-place',
    severity: 'risks',
    words: 'The case is too small for fans of 120 mm.',
    bad: withPart(cabin, 'brisk-120'),
    good: withPart(cabin, 'brisk-80-strong'),
    unknown: null,
    readAs: AIR,
  },
]

testRules(cases)

test('a fan finds a place of its own size, as long as there is one', () => {
  const places = (...sizes: number[]): Design =>
    withCase(cabin, {
      fanCount: 1,
      fanPlaces: [120, ...sizes].map((sizeMm) => ({ ...rearFan, sizeMm })),
    })
  const sentenceOf = (design: Design): string | undefined =>
    findingOf(design, 'fan-without-place')?.sentence
  const two = (design: Design): Design =>
    fitAnother(fitAnother(design, demoPart('brisk-80-strong')), demoPart('brisk-80-strong'))
  expect(sentenceOf(two(places(80, 80)))).toBeUndefined()
  expect(sentenceOf(two(places(80)))).toBe(
    'There is no place in the case for fans of 80 mm; what is left are places of 80 mm.',
  )
  expect(sentenceOf(two(places()))).toBe(
    'The case has no more places for fans; those of 80 mm have none.',
  )
})

test('a card that wants a little more than is likely is noted, a cool one that says nothing is let be', () => {
  expect(findingOf(sixteen(0.7), 'card-without-air')?.severity).toBe('note')
  expect(findingOf(sixteen(null, { idleWatts: 3 }), 'card-without-air-not-known')).toBeUndefined()
})
