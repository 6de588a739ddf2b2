import fc from 'fast-check'
import { changedPart, demoDesign, demoPart } from '../../fixtures/demo'
import { driveIdsOf } from '../../fixtures/ruleTable'
import { changeBrief, changeHouseRules } from '../design/edits/changeFields'
import { applyEdit } from '../design/edits/edit'
import { fitPart } from '../design/edits/fitPart'
import type { BurnIn } from '../design/bench'
import type { Design } from '../design/design'
import { resolveMachine } from '../machine/resolveMachine'
import { machineState } from '../power/machineStates'
import { drawnInState } from '../power/statePower'
import { MS_PER_HOUR } from '../units/time'
import { burnInAtOnce } from './burnInAtOnce'
import { burnInPlan } from './burnInPlan'
import { burnInProgress, movedBytes, type MovedBytes } from './burnInProgress'
import { readCollected } from './collected/readCollected'
import { seenAgainstFitted } from './seenAgainstFitted'
import { NEW_MACHINE, NO_FAULTS, simulatedMachine } from './simulatedMachine'

const cabin = demoDesign('cabin-archive')
const machine = resolveMachine(cabin)
const drives = driveIdsOf(cabin)
const [first = ''] = drives
const atOnce = (design: Design) => burnInAtOnce(design, resolveMachine(design))

describe('how many at once', () => {
  const dcWith = (design: Design, busy: number): number => {
    const ids = new Set(drives.slice(0, busy))
    return drawnInState(design, resolveMachine(design), {
      ...machineState('scrub'),
      drives: () => (id) => (ids.has(id) ? 'reading' : 'spinning'),
    }).dc.likely
  }

  test('as many as the supply has room for, and not one more', () => {
    const least = dcWith(cabin, 0)
    const all = dcWith(cabin, drives.length)
    expect(all).toBeGreaterThan(least)
    // A supply that gives what seven of twelve draw, and half of what the eighth adds.
    const ratedWatts = (dcWith(cabin, 7) + dcWith(cabin, 8)) / 2
    const weak = fitPart(cabin, changedPart('emberlin-steady-550', { ratedWatts }))
    expect(atOnce(weak)).toMatchObject({ drives: 12, bySupply: 7 })
    expect(atOnce(weak).atOnce).toBe(Math.min(7, atOnce(weak).byAir ?? 12))
  })

  test('a supply for less than one still has one burnt in, and says so', () => {
    const ratedWatts = Math.floor(dcWith(cabin, 0))
    const none = fitPart(cabin, changedPart('emberlin-steady-550', { ratedWatts }))
    expect(atOnce(none)).toMatchObject({ bySupply: 0, atOnce: 1 })
  })

  test('what nobody says holds nothing back: no supply, no temperature of the room', () => {
    const bare = changeBrief(applyEdit(cabin, { do: 'remove', partIds: ['supply-1'] }), {
      roomCelsius: null,
    })
    expect(atOnce(bare)).toEqual({ drives: 12, bySupply: null, byAir: null, atOnce: 12 })
  })

  test('watts that nobody gives are not none: then nobody knows how many', () => {
    const unknown = applyEdit(cabin, {
      do: 'change-sheet',
      snapshotId: cabin.fitted.find(({ id }) => id === first)?.snapshotId ?? '',
      change: { readingWatts: null, idleWatts: null },
    })
    expect(atOnce(unknown)).toMatchObject({ bySupply: null, byAir: null, atOnce: 12 })
  })

  test('the warmer the room and the stricter the house, the fewer', () => {
    const byAir = (roomCelsius: number, driveCelsiusMost: number): number =>
      atOnce(changeHouseRules(changeBrief(cabin, { roomCelsius }), { driveCelsiusMost })).byAir ??
      -1
    expect(byAir(20, 60)).toBe(12)
    expect(byAir(58, 60)).toBe(0)
    // A maker that allows less than the house is held to.
    const strict = applyEdit(cabin, {
      do: 'change-sheet',
      snapshotId: cabin.fitted.find(({ id }) => id === first)?.snapshotId ?? '',
      change: { maxCelsius: 30 },
    })
    expect(atOnce(strict).byAir).toBe(0)
    const counts = [20, 26, 30, 34, 38, 42, 46, 50].map((room) => byAir(room, 50))
    expect(counts).toEqual(counts.toSorted((one, other) => other - one))
    expect(new Set(counts).size).toBeGreaterThan(1)
  })
})

describe('how far it is', () => {
  const startedAt = '2026-11-27T08:00:00.000Z'
  const hours = burnInPlan(machine, 1).drives.find(({ driveId }) => driveId === first)?.hours ?? 0
  const after = (share: number): string =>
    new Date(Date.parse(startedAt) + share * hours * MS_PER_HOUR).toISOString()
  const burnIn = (change: Partial<BurnIn> = {}): BurnIn => ({
    pieceId: first,
    startedAt,
    doneShare: null,
    lookedAt: null,
    endedAt: null,
    ...change,
  })
  const one = (some: BurnIn, now: string, moved: readonly MovedBytes[] = []) => {
    const [progress] = burnInProgress([some], machine, moved, now)
    if (!progress) throw new Error('no progress')
    return progress
  }

  test('by the clock alone it is at a half after half of its hours, and never done by itself', () => {
    expect(hours).toBeGreaterThan(20)
    const half = one(burnIn(), after(0.5))
    expect(half).toMatchObject({ state: 'running', by: 'clock' })
    expect(half.doneShare).toBeCloseTo(0.5, 6)
    expect(Date.parse(half.endsAt)).toBeCloseTo(Date.parse(after(1)), -1)
    expect(one(burnIn(), after(1.1))).toMatchObject({ state: 'running', doneShare: 0.99 })
    expect(one(burnIn(), after(1.3)).state).toBe('overdue')
  })

  test('what somebody looked up counts from then on, until somebody says that it has ended', () => {
    const looked = burnIn({ doneShare: 0.2, lookedAt: after(0.5) })
    expect(one(looked, after(0.6))).toMatchObject({ by: 'hand' })
    expect(one(looked, after(0.6)).doneShare).toBeCloseTo(0.3, 6)
    const ended = burnIn({ endedAt: after(1.2) })
    expect(one(ended, after(9))).toEqual({
      driveId: first,
      state: 'ended',
      doneShare: 1,
      by: 'hand',
      endsAt: after(1.2),
    })
  })

  test('what the drive says that it has moved comes before the clock', () => {
    const bytes = 12_000_138_625_024
    const moved = (share: number, total: number): MovedBytes => ({
      at: after(share),
      bytesOf: new Map([[first, total]]),
    })
    // It had moved 5 TB before it was begun, and twice its size is to be moved.
    const told = [moved(-0.1, 5e12), moved(0.4, 5e12 + bytes / 2)]
    expect(one(burnIn(), after(0.4), told)).toMatchObject({ by: 'drive' })
    expect(one(burnIn(), after(0.4), told).doneShare).toBeCloseTo(0.25, 3)
    // A newer look-up wins, an older one does not.
    const newer = burnIn({ doneShare: 0.9, lookedAt: after(0.45) })
    expect(one(newer, after(0.45), told).by).toBe('hand')
    const older = burnIn({ doneShare: 0.9, lookedAt: after(0.1) })
    expect(one(older, after(0.45), told).by).toBe('drive')
    // One file alone has nothing that it could be held against.
    expect(one(burnIn(), after(0.4), told.slice(1)).by).toBe('clock')
  })

  test('files of the simulated machine say it: a quarter after half of the writing', () => {
    const files = [0, 0.25].map((timesOver, index) => {
      const seen = readCollected(
        simulatedMachine(cabin, machine, NO_FAULTS, {
          ...NEW_MACHINE,
          at: after(index * 0.3),
          timesOver,
        }),
      )
      return movedBytes(seen, seenAgainstFitted(cabin, machine, seen).pairs)
    })
    const progress = burnInProgress(
      drives.map((pieceId) => burnIn({ pieceId })),
      machine,
      files,
      after(0.3),
    )
    expect(progress).toHaveLength(12)
    for (const { by, doneShare } of progress) {
      expect(by).toBe('drive')
      expect(doneShare).toBeCloseTo(0.25, 3)
    }
  })

  test('property: it never goes back while time passes, and stays below all of it', () => {
    const share = fc.double({ min: 0, max: 2, noNaN: true })
    fc.assert(
      fc.property(share, share, (a, b) => {
        const [sooner, later] = [Math.min(a, b), Math.max(a, b)]
        const [early, late] = [one(burnIn(), after(sooner)), one(burnIn(), after(later))]
        expect(late.doneShare).toBeGreaterThanOrEqual(early.doneShare)
        expect(late.doneShare).toBeLessThan(1)
      }),
    )
  })

  test('a drive that left the design is in no list', () => {
    expect(burnInProgress([burnIn({ pieceId: 'drive-99' })], machine, [], after(0))).toEqual([])
    const noted = applyEdit(cabin, { do: 'note-burn-in', pieceIds: drives, burnIn: burnInOf() })
    expect(noted.bench.burnIns).toHaveLength(12)
    const fewer = applyEdit(noted, { do: 'remove', partIds: [first] })
    expect(fewer.bench.burnIns.map(({ pieceId }) => pieceId)).toEqual(drives.slice(1))
    const back = applyEdit(noted, { do: 'note-burn-in', pieceIds: drives, burnIn: null })
    expect(back.bench.burnIns).toEqual([])
    expect(demoPart('quillon-keep-12').sheet).toMatchObject({ capacityBytes: 12_000_138_625_024 })

    function burnInOf(): Omit<BurnIn, 'pieceId'> {
      return { startedAt, doneShare: null, lookedAt: null, endedAt: null }
    }
  })
})
