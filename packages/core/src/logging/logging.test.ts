import Papa from 'papaparse'
import { demoDesign } from '../../fixtures/demo'
import { driveIdsOf } from '../../fixtures/ruleTable'
import { resolveMachine } from '../machine/resolveMachine'
import { readCollected } from '../proving/collected/readCollected'
import { seenAgainstFitted } from '../proving/seenAgainstFitted'
import { NEW_MACHINE, NO_FAULTS, simulatedMachine } from '../proving/simulatedMachine'
import { applyEdit } from '../design/edits/edit'
import { awayDrives } from './awayDrives'
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

describe('drives that are away', () => {
  const [first = '', second = ''] = driveIdsOf(cabin)
  const sent = applyEdit(applyEdit(cabin, { do: 'send-back', driveIds: [first] }), {
    do: 'note-pieces',
    partIds: [first],
    change: { returned: { askedOn: null, sentOn: null, promisedOn: '2026-11-20', note: '' } },
  })

  test('which pool waits, how it stands, and how late another one is', () => {
    const [one, ...others] = awayDrives(sent, resolveMachine(sent), '2026-11-27')
    expect(others).toEqual([])
    expect(one).toMatchObject({
      driveId: first,
      isSentBack: true,
      pool: { name: 'plates', state: 'degraded' },
      spareIds: [],
      daysLate: 7,
    })
    expect(awayDrives(sent, resolveMachine(sent), '2026-11-20')[0]?.daysLate).toBeNull()
  })

  test('a drive in no pool that is large enough could stand in, a smaller one could not', () => {
    const { snapshotId = '' } = cabin.fitted.find(({ id }) => id === first) ?? {}
    const spare = applyEdit(sent, { do: 'add-pieces', snapshotId, count: 1 })
    const known = new Set(sent.fitted.map(({ id }) => id))
    const added = spare.fitted.flatMap(({ id }) => (known.has(id) ? [] : [id]))
    expect(awayDrives(spare, resolveMachine(spare), '2026-11-27')[0]?.spareIds).toEqual(added)
    const small = spare.snapshots.flatMap((snapshot) =>
      snapshot.id === snapshotId && snapshot.sheet.kind === 'drive'
        ? [{ ...snapshot, id: 'small', sheet: { ...snapshot.sheet, capacityBytes: 4e12 } }]
        : [],
    )
    const smaller = {
      ...spare,
      snapshots: [...spare.snapshots, ...small],
      fitted: spare.fitted.map((part) =>
        added.includes(part.id) ? { ...part, snapshotId: 'small' } : part,
      ),
    }
    expect(awayDrives(smaller, resolveMachine(smaller), '2026-11-27')[0]?.spareIds).toEqual([])
  })

  test('one that is taken out is away too, and two make the pool weaker', () => {
    const both = applyEdit(sent, { do: 'take-out', driveIds: [second] })
    const list = awayDrives(both, resolveMachine(both), '2026-11-27')
    expect(list.map(({ driveId, isSentBack }) => [driveId, isSentBack])).toEqual([
      [first, true],
      [second, false],
    ])
  })
})
