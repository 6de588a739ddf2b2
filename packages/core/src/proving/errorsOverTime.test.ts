import { demoDesign } from '../../fixtures/demo'
import { resolveMachine } from '../machine/resolveMachine'
import { readCollected } from './collected/readCollected'
import { cleanDrives, errorsOverTime, type MatchedFile } from './errorsOverTime'
import { seenAgainstFitted } from './seenAgainstFitted'
import { NEW_MACHINE, NO_FAULTS, type SimulatedFaults, simulatedMachine } from './simulatedMachine'
import { suspectsOf } from './tracing/suspects'
import { traceFault } from './tracing/traceFault'

const cabin = demoDesign('cabin-archive')
const machine = resolveMachine(cabin)
const suspects = suspectsOf(machine)
const cable = suspects.find(({ kind }) => kind === 'cable')
if (!cable) throw new Error('no cable')

const day = (number: number): string => `2026-11-${String(number).padStart(2, '0')}T20:00:00Z`
function file(on: number, faults: Partial<SimulatedFaults>, timesOver = 0): MatchedFile {
  const seen = readCollected(
    simulatedMachine(
      cabin,
      machine,
      { ...NO_FAULTS, ...faults },
      {
        ...NEW_MACHINE,
        at: day(on),
        timesOver,
      },
    ),
  )
  return { seen, pairs: seenAgainstFitted(cabin, machine, seen).pairs }
}
/** The same machine with more errors on the way to each drive that has any. */
const withMore = (before: MatchedFile, on: number, more: number): MatchedFile => ({
  seen: { ...before.seen, at: day(on) },
  pairs: before.pairs.map((pair) => {
    const { smart } = pair.seen
    const interfaceErrors = smart?.interfaceErrors ? smart.interfaceErrors + more : 0
    return { ...pair, seen: { ...pair.seen, smart: smart && { ...smart, interfaceErrors } } }
  }),
})

test('what came between two files, and nothing that was there before', () => {
  const monday = file(23, {})
  const tuesday = file(24, { faulty: cable })
  const between = errorsOverTime([monday, tuesday])
  expect(between).toHaveLength(1)
  expect(between[0]).toMatchObject({ from: monday.seen.at, to: tuesday.seen.at })
  expect(between[0]?.errors.map(({ driveId }) => driveId)).toEqual(cable.driveIds)
  // The same counts again are no new errors, and errors from before the first file count in nothing.
  expect(errorsOverTime([tuesday, { ...tuesday, seen: { ...tuesday.seen, at: day(25) } }])).toEqual(
    [],
  )
})

test('the only file tells all that it has; none tells nothing', () => {
  const [only] = errorsOverTime([file(23, { faulty: cable })])
  expect(only?.from).toBeNull()
  expect(only?.errors.map(({ count }) => count)).toEqual(cable.driveIds.map(() => 37))
  expect(errorsOverTime([])).toEqual([])
  expect(errorsOverTime([file(23, {})])).toEqual([])
})

test('checksum errors of the pool count from file to file, also after they were cleared', () => {
  const plain = file(23, {})
  const device = plain.pairs[0]?.seen.device ?? ''
  const withChecksums = (on: number, checksumErrors: number): MatchedFile => ({
    ...plain,
    seen: {
      ...plain.seen,
      at: day(on),
      members: [
        {
          pool: 'plates',
          name: device,
          state: 'ONLINE',
          readErrors: 0,
          writeErrors: 0,
          checksumErrors,
        },
      ],
    },
  })
  const counts = errorsOverTime([
    withChecksums(23, 5),
    withChecksums(24, 9),
    withChecksums(25, 2),
  ]).map(({ errors }) => errors.map(({ count }) => count))
  expect(counts).toEqual([[4], [2]])
})

test('errors that come on several days say more than one burst of as many', () => {
  const start = file(20, {})
  const once = file(21, { faulty: cable })
  const again = [withMore(once, 22, 40), withMore(once, 23, 80)]
  const chance = (files: readonly MatchedFile[]): number => {
    const errors = errorsOverTime(files).flatMap((between) => between.errors)
    const ranked = traceFault(suspects, { errors, cleanIds: [], trials: [] })
    const [first] = ranked
    expect(first?.suspects.map(({ id }) => id)).toContain(cable.id)
    return first?.probability ?? 0
  }
  expect(errorsOverTime([start, once, ...again]).map(({ to }) => to)).toEqual([21, 22, 23].map(day))
  const inOneBurst = withMore(once, 23, 120)
  expect(chance([start, once, ...again])).toBeGreaterThan(chance([start, inOneBurst]))
})

test('drives that were at work without an error are clean; idle ones and those with errors are not', () => {
  const before = file(20, {}, 0)
  const worked = file(21, { faulty: cable }, 0.3)
  const between = errorsOverTime([before, worked])
  const clean = cleanDrives([before, worked], between)
  const all = before.pairs.map(({ driveId }) => driveId)
  expect(clean).toEqual(all.filter((id) => !cable.driveIds.includes(id)))
  const idle = file(21, { faulty: cable }, 0)
  expect(cleanDrives([before, idle], errorsOverTime([before, idle]))).toEqual([])
  expect(cleanDrives([worked], [])).toEqual([])
  // They speak against what they share with the others: the cable stands out more.
  const errors = between.flatMap((one) => one.errors)
  const of = (cleanIds: string[]): number =>
    traceFault(suspects, { errors, cleanIds, trials: [] }).find(({ suspects: some }) =>
      some.some(({ id }) => id === cable.id),
    )?.probability ?? 0
  expect(of(clean)).toBeGreaterThanOrEqual(of([]))
})
