import Papa from 'papaparse'
import { demoDesign } from '../../fixtures/demo'
import { driveIdsOf } from '../../fixtures/ruleTable'
import { resolveMachine } from '../machine/resolveMachine'
import { readCollected } from '../proving/collected/readCollected'
import { seenAgainstFitted } from '../proving/seenAgainstFitted'
import { NEW_MACHINE, NO_FAULTS, simulatedMachine } from '../proving/simulatedMachine'
import { driveNotes } from './driveNotes'
import { fillTrend } from './fillTrend'
import { eventsCsv, smartCsv } from './logCsv'
import { reminders } from './reminders'

const cabin = demoDesign('cabin-archive')
const machine = resolveMachine(cabin)
const TB = 1e12

describe('how a pool fills', () => {
  const point = (at: string, usedTb: number, sizeTb = 20) => ({
    at: `${at}T00:00:00Z`,
    usedBytes: usedTb * TB,
    sizeBytes: sizeTb * TB,
  })

  test('by a straight line, from where it is', () => {
    const trend = fillTrend([
      point('2027-01-01', 12),
      point('2026-01-01', 8),
      point('2026-07-02', 10),
    ])
    expect((trend?.bytesPerYear ?? 0) / TB).toBeCloseTo(4, 1)
    expect(trend?.fullInYears).toBeCloseTo(2, 1)
  })

  test('never, where it gets emptier; at once, where it is full; nothing from one day', () => {
    expect(fillTrend([point('2026-01-01', 8), point('2027-01-01', 6)])?.fullInYears).toBeNull()
    expect(fillTrend([point('2026-01-01', 8), point('2027-01-01', 21)])?.fullInYears).toBe(0)
    expect(fillTrend([point('2026-01-01', 8)])).toBeNull()
    expect(fillTrend([])).toBeNull()
  })

  test('a pool that has grown is full later', () => {
    const grown = fillTrend([point('2026-01-01', 8), point('2027-01-01', 12, 28)])
    expect(grown?.fullInYears).toBeCloseTo(4, 1)
  })
})

describe('what drives tell of themselves', () => {
  const seen = readCollected(
    simulatedMachine(cabin, machine, NO_FAULTS, { ...NEW_MACHINE, at: '2026-11-27T20:00:00Z' }),
  )
  const { pairs } = seenAgainstFitted(cabin, machine, seen)
  const told = pairs.map((pair, index) => ({
    ...pair,
    isGuess: index === 1,
    seen: {
      ...pair.seen,
      smart: pair.seen.smart && { ...pair.seen.smart, hours: 26_298, usedShare: 1.07 },
    },
  }))

  test('hours are age and wear is at most all of it; a guess tells nothing', () => {
    const notes = driveNotes(cabin.fitted, told)
    expect(notes).toHaveLength(11)
    expect(notes[0]).toEqual({ driveId: driveIdsOf(cabin)[0], ageYears: 3, wornShare: 1 })
  })

  test('what is noted already is not told again', () => {
    const noted = cabin.fitted.map((part) => ({ ...part, ageYears: 3.05, wornShare: 0.998 }))
    expect(driveNotes(noted, told)).toEqual([])
  })

  test('as a file, a row for each drive', () => {
    const { data } = Papa.parse<Record<string, string>>(`${smartCsv.head}${smartCsv.line(seen)}`, {
      header: true,
      skipEmptyLines: true,
    })
    expect(data).toHaveLength(12)
    expect(data[0]).toMatchObject({ device: 'sda', celsius: '38', pending: '0', usedShare: '' })
  })
})

test('events as a file; no text begins a formula', () => {
  const line = eventsCsv.line({
    at: '2026-11-27T20:00:00Z',
    kind: 'replaced',
    pieceId: null,
    text: '=1+1',
  })
  expect(line).toBe(`2026-11-27T20:00:00Z,replaced,,"'=1+1"\r\n`)
})

test('what is to be done again and again is what the machine has', () => {
  const days = new Map(
    reminders({ ...cabin, brief: { ...cabin.brief, secondCopyEveryHours: 168 } }).map(
      ({ reminder, everyDays }) => [reminder, everyDays],
    ),
  )
  expect(days.get('second copy')).toBe(7)
  expect(days.get('scrub')).toBe(30)
  const bare = reminders({ ...cabin, pools: [], fitted: [] })
  expect(bare.map(({ reminder }) => reminder)).not.toContain('scrub')
})
