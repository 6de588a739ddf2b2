import { demoDesign } from '../../fixtures/demo'
import { driveIdsOf } from '../../fixtures/ruleTable'
import { applyEdit } from '../design/edits/edit'
import { wordsFor } from '../judging/words'
import { resolveMachine } from '../machine/resolveMachine'
import { formatterFor } from '../units/formatter'
import { BENCH_STAGES, benchSteps } from './benchSteps'
import { benchStepWords } from './benchStepWords'
import { burnInPlan } from './burnInPlan'
import { readCollected } from './collected/readCollected'
import type { SmartReading } from './collected/seenMachine'
import { driveVerdict, WARM_CELSIUS } from './driveVerdict'
import { errorsSeen } from './errorsSeen'
import { seenAgainstFitted, serialsToNote } from './seenAgainstFitted'
import { NEW_MACHINE, NO_FAULTS, type SimulatedFaults, simulatedMachine } from './simulatedMachine'
import { suspectsOf } from './tracing/suspects'

const cabin = demoDesign('cabin-archive')
const machine = resolveMachine(cabin)
const AT = '2026-11-27T20:00:00Z'

const seen = (faults: Partial<SimulatedFaults> = {}, design = cabin) =>
  readCollected(
    simulatedMachine(design, machine, { ...NO_FAULTS, ...faults }, { ...NEW_MACHINE, at: AT }),
  )

describe('seen against fitted', () => {
  test('a machine that was built as planned has nothing missing, extra or wrong', () => {
    const found = seenAgainstFitted(cabin, machine, seen())
    expect(found).toMatchObject({ missingIds: [], extra: [], slowCards: [] })
    expect(found.pairs.map(({ driveId }) => driveId)).toEqual(driveIdsOf(cabin))
    expect(found.pairs.every(({ differs }) => differs.length === 0)).toBe(true)
    expect(found.memory?.seenBytes).toBe(found.memory?.plannedBytes)
  })

  test('firmware that is not the wanted one is told; without a wish, or an answer, nothing is', () => {
    const tell = (firmware: string | null) => {
      const all = seen()
      const drives = all.drives.map((drive) => ({ ...drive, firmware }))
      return seenAgainstFitted(cabin, machine, { ...all, drives }).pairs[0]?.differs
    }
    expect(tell('QK20')).toEqual([{ what: 'firmware', wanted: 'QK21', seen: 'QK20' }])
    expect(tell('QK21')).toEqual([])
    expect(tell(null)).toEqual([])
    const drawer = demoDesign('drawer-of-drives')
    const found = seenAgainstFitted(drawer, resolveMachine(drawer), {
      ...seen(),
      drives: readCollected(
        simulatedMachine(drawer, resolveMachine(drawer), NO_FAULTS, { ...NEW_MACHINE, at: AT }),
      ).drives,
    })
    expect(found.pairs.flatMap(({ differs }) => differs)).toEqual([])
  })

  test('serial numbers that were noted find each drive, wherever it is listed', () => {
    const noted = applyEdit(cabin, {
      do: 'note-serials',
      serials: serialsToNote(cabin, {
        pairs: seenAgainstFitted(cabin, machine, seen()).pairs.map((pair) => ({
          ...pair,
          isGuess: false,
        })),
      }),
    })
    const turned = seen({}, noted)
    const { pairs } = seenAgainstFitted(noted, machine, {
      ...turned,
      drives: turned.drives.toReversed(),
    })
    expect(pairs.every(({ by, isGuess }) => by === 'serial' && !isGuess)).toBe(true)
    for (const { driveId, seen: drive } of pairs) {
      expect(noted.fitted.find(({ id }) => id === driveId)?.serial).toBe(drive.serial)
    }
    expect(serialsToNote(noted, { pairs })).toEqual([])
  })

  test('alike drives without a serial are a guess, and no guess is noted', () => {
    const bare = {
      ...cabin,
      fitted: cabin.fitted.map((part) => ({ ...part, label: '', serial: '' })),
    }
    const found = seenAgainstFitted(bare, machine, seen({}, bare))
    expect(found.pairs.every(({ isGuess }) => isGuess)).toBe(true)
    expect(serialsToNote(bare, found)).toEqual([])
  })

  test('a drive that no plug reached is missing, and one that nobody planned is extra', () => {
    const [first = ''] = driveIdsOf(cabin)
    const less = seen({ unseenDriveId: first })
    const stranger = { ...seen().drives[0], serial: 'STRANGER', bytes: 4e12, model: 'Other' }
    const found = seenAgainstFitted(cabin, machine, {
      ...less,
      drives: [...less.drives, stranger as (typeof less.drives)[number]],
    })
    expect(found.missingIds).toHaveLength(1)
    expect(found.extra).toMatchObject([{ serial: 'STRANGER' }])
  })

  test('a drive whose noted serial is another is never taken for it by its size', () => {
    const [first = ''] = driveIdsOf(cabin)
    const noted = applyEdit(cabin, {
      do: 'note-serials',
      serials: [{ pieceId: first, serial: 'GONE-1' }],
    })
    const found = seenAgainstFitted(noted, machine, seen())
    expect(found.missingIds).toEqual([first])
    expect(found.extra).toHaveLength(1)
  })

  test('a wrong size, a slow link, an old pool and a narrow slot are told', () => {
    const [first = '', second = ''] = driveIdsOf(cabin)
    const card = cabin.fitted.find(({ id }) => id.startsWith('controller'))?.id ?? ''
    const odd = seen({ oldPoolDriveId: first, narrowCardId: card })
    const drives = odd.drives.map((drive, index) =>
      index === 1 && drive.smart
        ? { ...drive, smart: { ...drive.smart, linkBits: 1.5e9, mostLinkBits: 6e9 } }
        : drive,
    )
    const { pairs, slowCards } = seenAgainstFitted(cabin, machine, { ...odd, drives })
    const differs = new Map(pairs.map((pair) => [pair.driveId, pair.differs]))
    expect(differs.get(first)).toEqual([{ what: 'old signature', signatures: ['zfs_member'] }])
    expect(differs.get(second)).toEqual([{ what: 'slow link', bits: 1.5e9, mostBits: 6e9 }])
    expect(slowCards).toMatchObject([{ pieceId: card, plannedLanes: 8, device: { lanes: 2 } }])
  })
})

const well: SmartReading = {
  passed: true,
  hours: 60,
  celsius: 38,
  reallocated: 0,
  pending: 0,
  uncorrectable: 0,
  interfaceErrors: 0,
  selfTestPassed: true,
  usedShare: null,
  spareShare: null,
  leastSpareShare: null,
  criticalWarning: null,
  writtenBytes: null,
  linkBits: null,
  mostLinkBits: null,
}

describe('the verdict on a drive', () => {
  test.each<[Partial<SmartReading>, Partial<SmartReading> | null, string, string[]]>([
    [{}, null, 'good', []],
    [{ passed: false }, null, 'return', ['says it fails']],
    [{ selfTestPassed: false }, null, 'return', ['self-test failed']],
    [{ pending: 1 }, null, 'return', ['sectors waiting']],
    [{ uncorrectable: 1 }, null, 'return', ['sectors unreadable']],
    // What was there before the burn-in does not count against it, but what has come since does.
    [{ uncorrectable: 4 }, { uncorrectable: 4 }, 'good', []],
    [{ reallocated: 8 }, { reallocated: 8 }, 'watch', ['sectors replaced']],
    [{ reallocated: 9 }, { reallocated: 8 }, 'return', ['sectors replaced']],
    [{ reallocated: 8 }, null, 'watch', ['sectors replaced']],
    [{ interfaceErrors: 41 }, null, 'path', ['interface errors']],
    [{ interfaceErrors: 41 }, { interfaceErrors: 41 }, 'good', []],
    [{ interfaceErrors: 1, pending: 1 }, null, 'return', ['sectors waiting', 'interface errors']],
    [{ criticalWarning: 1 }, null, 'return', ['flash warns']],
    [{ spareShare: 0.09, leastSpareShare: 0.1 }, null, 'return', ['spare used up']],
    [{ spareShare: 0.1, leastSpareShare: 0.1 }, null, 'good', []],
    [{ usedShare: 1 }, null, 'watch', ['life used up']],
    [{ celsius: WARM_CELSIUS }, null, 'good', []],
    [{ celsius: WARM_CELSIUS + 1 }, null, 'watch', ['too warm']],
  ])('%p after %p is %s', (change, before, verdict, reasons) => {
    const judged = driveVerdict({ ...well, ...change }, before && { ...well, ...before })
    expect(judged.verdict).toBe(verdict)
    expect(judged.reasons.map(({ reason }) => reason)).toEqual(reasons)
  })

  test('a drive that says nothing is not called good', () => {
    const silent = { ...well, passed: null, pending: null, criticalWarning: null }
    expect(driveVerdict(silent).verdict).toBe('not known')
  })
})

describe('errors that the machine tells of', () => {
  const cable = suspectsOf(machine).find(({ kind }) => kind === 'cable')

  test('interface errors of all drives behind a bad cable, sectors of a bad drive', () => {
    const badDriveId = driveIdsOf(cabin).at(-1) ?? ''
    const told = seen({ faulty: cable ?? null, badDriveId })
    const { pairs } = seenAgainstFitted(cabin, machine, told)
    const errors = errorsSeen(pairs, told)
    const of = (kind: string) =>
      errors.filter((one) => one.kind === kind).map(({ driveId }) => driveId)
    expect(of('interface').toSorted()).toEqual([...(cable?.driveIds ?? [])].toSorted())
    expect(of('medium')).toEqual([badDriveId])
  })

  test('what was there before does not count, checksum errors of the pool do', () => {
    const told = seen({ faulty: cable ?? null })
    const { pairs } = seenAgainstFitted(cabin, machine, told)
    const before = new Map(
      told.drives.flatMap(({ serial, smart }) => (serial && smart ? [[serial, smart]] : [])),
    )
    expect(errorsSeen(pairs, told, before)).toEqual([])
    const [first] = pairs
    const member = {
      pool: 'tank',
      name: first?.seen.device ?? '',
      state: 'ONLINE',
      readErrors: 0,
      writeErrors: 0,
      checksumErrors: 5,
    }
    expect(errorsSeen(pairs, { members: [member] }, before)).toEqual([
      { driveId: first?.driveId, kind: 'interface', count: 5 },
    ])
  })
})

describe('burn-in', () => {
  test('written and read once: 13 hours a pass for 10 TB at 214 MB/s on the mean', () => {
    // Common practice, no source. An even rate, so that the mean is what the data sheet says.
    const sheets = cabin.snapshots.map((snapshot) =>
      snapshot.sheet.kind === 'drive'
        ? {
            ...snapshot,
            sheet: {
              ...snapshot.sheet,
              capacityBytes: 10e12,
              outerRateBytesPerSecond: 214e6,
              innerRateBytesPerSecond: 214e6,
            },
          }
        : snapshot,
    )
    const plan = burnInPlan(resolveMachine({ ...cabin, snapshots: sheets }), 5)
    expect(plan.drives[0]?.hours).toBeCloseTo(2 * 12.98, 1)
    expect(plan.batches.map(({ driveIds }) => driveIds.length)).toEqual([5, 5, 2])
    expect(plan.totalHours).toBeCloseTo(6 * 12.98, 1)
  })

  test('every drive once, the longest first, one batch after the other', () => {
    const drawer = resolveMachine(demoDesign('drawer-of-drives'))
    const { drives, batches, totalHours } = burnInPlan(drawer, 3)
    const ids = batches.flatMap(({ driveIds }) => driveIds)
    expect(new Set(ids).size).toBe(drives.length)
    const hours = drives.map((one) => one.hours)
    expect(hours).toEqual(hours.toSorted((one, other) => other - one))
    const last = batches.at(-1)
    expect((last?.startsHour ?? 0) + (last?.hours ?? 0)).toBeCloseTo(totalHours, 9)
  })
})

describe('the checklist', () => {
  const steps = benchSteps(cabin, machine)
  const words = wordsFor(cabin, formatterFor('en'))

  test('every drive, cable, card and lead of this design, each step once, in the order of the stages', () => {
    const count = (task: string) => steps.filter((step) => step.task.task === task).length
    expect(count('put drive in')).toBe(12)
    expect(count('plug cable')).toBe(machine.cables.lines.length)
    expect(count('fit card')).toBe(machine.placed.slot.length)
    expect(count('make pool')).toBe(cabin.pools.length)
    expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length)
    const stages = steps.map(({ stage }) => BENCH_STAGES.indexOf(stage))
    expect(stages).toEqual(stages.toSorted((one, other) => one - other))
  })

  test('each says what and why; what destroys data or hurts says so', () => {
    for (const { task } of steps) {
      const { title, why } = benchStepWords(task, words)
      expect(title).not.toBe('')
      expect(why).toMatch(/\.$/)
    }
    const cautions = steps.filter(({ task }) => benchStepWords(task, words).caution !== '')
    expect(new Set(cautions.map(({ task }) => task.task))).toEqual(
      new Set(['firmware of card', 'firmware of drives', 'plug lead', 'burn in', 'make pool']),
    )
  })

  test('drives that hang on the board are named when the card is counted', () => {
    const drawer = demoDesign('drawer-of-drives')
    const step = benchSteps(drawer, resolveMachine(drawer)).find(
      ({ task }) => task.task === 'count drives',
    )
    expect(step?.task).toMatchObject({ drives: 8 })
  })

  test('a step is ticked once, with its time, and taken back', () => {
    const [{ id: step } = { id: '' }] = steps
    const tick = { at: '2026-11-27T10:00:00Z', note: 'version 16' }
    const once = applyEdit(cabin, { do: 'tick-step', step, tick })
    const twice = applyEdit(once, { do: 'tick-step', step, tick: { ...tick, note: '' } })
    expect(twice.bench.ticks).toEqual([{ step, at: tick.at, note: '' }])
    expect(applyEdit(twice, { do: 'tick-step', step, tick: null }).bench.ticks).toEqual([])
  })
})
