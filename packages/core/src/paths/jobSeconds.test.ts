import { changedPart, demoDesign } from '../../fixtures/demo'
import { longSlot } from '../../fixtures/longSlot'
import { withPart } from '../../fixtures/ruleTable'
import type { Design, Pool } from '../design/design'
import { changeBrief } from '../design/edits/changeFields'
import { changeSheet } from '../design/edits/changeSheet'
import { pinCard } from '../design/edits/pinPaths'
import { putDrivesInBays } from '../design/edits/putDrivesInBays'
import { removeParts } from '../design/edits/removeParts'
import { designCapacity } from '../pool/designCapacity'
import { driveSizes } from '../machine/driveSizes'
import { piecesOf } from '../machine/machine'
import { resolveMachine } from '../machine/resolveMachine'
import { jobSeconds } from './jobSeconds'
import { jobSurfaces } from './jobSurfaces'
import { readersNow } from './readersNow'
import { scenarioRates } from './scenarioRates'
import { copyIn } from './scenarios/copyIn'
import { rebuild } from './scenarios/rebuild'
import type { Scenario } from './scenarios/scenario'
import { scrub } from './scenarios/scrub'
import { writeSurfaces } from './writeSurfaces'

const DRIVE = 250e6
/** Of the 12 TB that it is sold as, all its sectors. */
const DRIVE_BYTES = 12_000_138_625_024
/** Twelve drives of 12 TB and 250 MB/s, and a port of 10 Gb/s. */
const cabin = withPart(
  changeBrief(demoDesign('cabin-archive'), { readers: [], readersAtOnce: 2 }),
  'wickmere-ten',
)
const ids = cabin.pools.flatMap(({ groups }) => groups.flatMap(({ driveIds }) => driveIds))

const withGroups = (...groups: object[]): Design => ({
  ...cabin,
  pools: [{ id: 'pool-1', name: 'Pool', family: 'zfs', ashift: 12, groups } as unknown as Pool],
})
const holding = (design: Design, nowBytes: number): Design =>
  changeBrief(design, {
    data: [{ kind: 'media', nowBytes, growthBytesPerYear: 0, fileBytes: 4e9 }],
  })
const parityPool = {
  ...cabin,
  pools: [
    {
      id: 'pool-1',
      name: 'Pool',
      family: 'scheduled-parity',
      syncEveryHours: 24,
      groups: [
        { id: 'group-p', kind: 'parity', driveIds: ids.slice(0, 1) },
        { id: 'group-d', kind: 'data', driveIds: ids.slice(1, 4) },
      ],
    } as unknown as Pool,
  ],
}
const ratesOf = (design: Design, scenario: Scenario) =>
  scenarioRates(design, resolveMachine(design), scenario)
const withDrives = (design: Design, change: Record<string, unknown>): Design =>
  design.snapshots.reduce(
    (before, { id, sheet }) =>
      sheet.kind === 'drive' && sheet.formFactor === '3.5'
        ? changeSheet(before, id, change)
        : before,
    design,
  )

describe('a rebuild', () => {
  const eleven = ids.slice(0, 11)
  const draid = (spares: number): Design =>
    withGroups({
      id: 'group-1',
      kind: 'draid',
      driveIds: eleven,
      draid: { parity: 2, data: 4, spares },
    })

  test('onto the spread spare of a dRAID is shared by all members that are left', () => {
    // By hand: for each byte of the lost drive four are read and one is written, over ten drives: half a byte each.
    const { bytesPerSecond, loads } = ratesOf(draid(1), rebuild)
    expect(bytesPerSecond / DRIVE).toBeCloseTo(2, 6)
    expect(loads.filter(({ link }) => link.kind === 'platter')).toHaveLength(10)
  })

  test('onto a new drive is as slow as that one', () => {
    const { bytesPerSecond, loads } = ratesOf(draid(0), rebuild)
    expect(bytesPerSecond / DRIVE).toBeCloseTo(1, 6)
    expect(loads.filter(({ link }) => link.kind === 'platter')).toHaveLength(11)
    // The same bytes, at half the rate.
    const [spread, alone] = [1, 0].map((spares) => ratesOf(draid(spares), rebuild).seconds ?? 0)
    expect((alone ?? 0) / (spread ?? 1)).toBeCloseTo(2, 1)
  })
})

describe('a copy in', () => {
  const mirror = withGroups({ id: 'group-1', kind: 'mirror', driveIds: ids.slice(0, 2) })
  const available = designCapacity(
    mirror,
    driveSizes(resolveMachine(mirror)),
    resolveMachine(mirror),
  ).availableBytes

  test('is at first as quick as the outer edge, and over the whole surface as slow as its mean', () => {
    const little = ratesOf(holding(mirror, 100e9), copyIn)
    expect((little.seconds ?? 0) / (100e9 / DRIVE)).toBeCloseTo(1, 1)
    const all = ratesOf(holding(mirror, available), copyIn)
    // Numerical integration, byte by byte of the files: the drive is as far in as the pool is full.
    const steps = 20_000
    let seconds = 0
    for (let at = 0; at < steps; at += 1) {
      const place = (at + 0.5) / steps
      // A thousandth of the drive lies in the partition table and in what no record fits into.
      seconds += available / steps / (DRIVE * Math.sqrt(1 - 0.75 * place))
    }
    expect((all.seconds ?? 0) / seconds).toBeCloseTo(1, 2)
  })

  test('that does not fit has no end', () => {
    expect(ratesOf(holding(mirror, available * 1.01), copyIn).seconds).toBeNull()
  })

  test('over a narrower port takes longer, never less', () => {
    const [wide, narrow] = [10e9, 1e9].map((bitsPerSecond) => {
      const other = withPart(
        changeBrief(demoDesign('cabin-archive'), { readers: [] }),
        'wickmere-ten',
        {
          bitsPerSecond,
        },
      )
      return ratesOf({ ...holding(mirror, 1e12), ...pick(other) }, copyIn).seconds ?? 0
    })
    expect(narrow).toBeGreaterThan((wide ?? 0) * 1.5)
  })
  const pick = ({ fitted, snapshots }: Design) => ({ fitted, snapshots })

  // By hand: of both as much is used, so the larger one goes through its surface by as much slower.
  test('of a larger drive only as much is written as of the others', () => {
    const drawer = demoDesign('drawer-of-drives')
    const machine = resolveMachine(drawer)
    const bytesOf = driveSizes(machine)
    const [small, large] = piecesOf(machine, 'drive')
      .toSorted((one, other) => one.dataSheet.capacityBytes - other.dataSheet.capacityBytes)
      .filter((_, at, all) => at === 0 || at === all.length - 1)
    if (!small || !large) throw new Error('two drives')
    const group = { id: 'group-1', kind: 'mirror', driveIds: [small.id, large.id] }
    const [pool] = withGroups(group).pools
    if (!pool) throw new Error('no pool')
    const drives = group.driveIds.map((driveId) => ({ driveId, load: 1 }))
    const [ofSmall, ofLarge] = writeSurfaces(machine, { bytes: 1e11, pool, drives }) ?? []
    const ratio = (bytesOf.get(large.id) ?? 0) / (bytesOf.get(small.id) ?? 0)
    expect(ratio).toBeGreaterThan(1.2)
    expect((ofLarge?.sizeBytes ?? 0) / (ofSmall?.sizeBytes ?? 1) / ratio).toBeCloseTo(1, 2)
    expect(writeSurfaces(machine, { bytes: 1e15, pool, drives })).toBeNull()
  })

  test('onto one drive after the other fills each as far as the pool is full', () => {
    const design = withDrives(parityPool, {
      sustainedWriteBytesPerSecond: 35e6,
      quickWriteBytes: 6e9,
    })
    const [pool] = design.pools
    if (!pool) throw new Error('no pool')
    const drives = ids.slice(1, 4).map((driveId) => ({ driveId, load: 2 }))
    const machine = resolveMachine(design)
    const surfaces = writeSurfaces(machine, { bytes: 9e9, pool, drives }) ?? []
    // By hand: three drives of 12 TB take a third of the bytes each, and move two for each.
    expect(surfaces).toHaveLength(3)
    for (const surface of surfaces) {
      expect(surface.sizeBytes / (3 * DRIVE_BYTES)).toBeCloseTo(1, 9)
      expect(surface.jobBytes).toBe(9e9)
      expect(surface.outerBytesPerSecond).toBe(DRIVE / 2)
      expect(surface.slows?.bytesPerSecond).toBe(35e6 / 2)
      expect((surface.slows?.afterBytes ?? 0) / 18e9).toBeCloseTo(1, 9)
    }
    const unknown = resolveMachine(withDrives(design, { quickWriteBytes: null }))
    const [slowAtOnce] = writeSurfaces(unknown, { bytes: 9e9, pool, drives }) ?? []
    expect(slowAtOnce?.slows?.afterBytes).toBe(0)
  })

  test('of nothing is no job', () => {
    const { seconds, flows } = ratesOf(holding(mirror, 0), copyIn)
    expect(seconds).toBeNull()
    // One old server sends it.
    expect(flows).toHaveLength(1)
  })

  test('onto shingled drives is quick for as much as their quick zone takes', () => {
    const shingled = withDrives(holding(mirror, 1e12), {
      recording: 'shingled',
      quickWriteBytes: 25e9,
      sustainedWriteBytesPerSecond: 35e6,
    })
    // By hand: 25 GB at 250 MB/s and 975 GB at 35 MB/s.
    const byHand = 25e9 / DRIVE + 975e9 / 35e6
    expect((ratesOf(shingled, copyIn).seconds ?? 0) / byHand).toBeCloseTo(1, 2)
    const scrubbed = ratesOf(shingled, scrub).seconds
    expect(scrubbed).toBe(ratesOf(holding(mirror, 1e12), scrub).seconds)
  })
})

describe('what of each drive a job goes over', () => {
  const [first = ''] = ids

  test('all of it where nobody knows what can be put on it, and nothing of today without data', () => {
    const { full, today } = jobSurfaces(
      withGroups({ id: 'group-1', kind: 'raidz2', driveIds: [first] }),
      resolveMachine(cabin),
    )
    expect(full.get(first)?.jobBytes).toBe(DRIVE_BYTES)
    expect(today).toBeNull()
    const empty = holding(parityPool, 0)
    expect(jobSurfaces(empty, resolveMachine(empty)).today).toBeNull()
  })

  test('as much as is filled today, for families that know what is stored', () => {
    const mirror = withGroups({ id: 'group-1', kind: 'mirror', driveIds: ids.slice(0, 2) })
    const machine = resolveMachine(mirror)
    const { availableBytes } = designCapacity(mirror, driveSizes(machine), machine)
    const half = jobSurfaces(holding(mirror, availableBytes / 2), machine)
    const whole = half.full.get(first)?.jobBytes ?? 0
    expect(half.today?.get(first)?.jobBytes).toBeCloseTo(whole / 2, 0)
    const over = jobSurfaces(holding(mirror, availableBytes * 2), machine)
    expect(over.today?.get(first)?.jobBytes).toBe(whole)
    // The others read a drive from end to end, whatever is on it.
    const parity = jobSurfaces(holding(parityPool, 1e12), resolveMachine(parityPool))
    expect(parity.today?.get(first)?.jobBytes).toBe(DRIVE_BYTES)
  })
})

describe('the share of the links that a job has', () => {
  const machine = resolveMachine(cabin)
  const [driveId = ''] = ids
  const own = machine.drivePaths.find((path) => path.driveId === driveId)?.links[0] ?? ''
  const job = (mostBytesPerSecond: number) => ({
    flows: [{ id: 'job', uses: new Map([[own, 1]]), mostBytesPerSecond }],
    surfacesOf: new Map([['job', [{ driveId, load: 1 }]]]),
  })
  const design = withGroups({ id: 'group-1', kind: 'raidz2', driveIds: [driveId] })
  const secondsAt = (most: number, bytesPerSecond: number, isHeldByDrive: boolean) =>
    jobSeconds(design, machine, job(most), () => ({ bytesPerSecond, isHeldByDrive })).seconds

  test('is no more than it wants, unless others leave it more', () => {
    // Slower than the inner edge, so that the drive never holds it back.
    expect(secondsAt(50e6, 40e6, false)).toBeCloseTo(DRIVE_BYTES / 50e6, 3)
    expect(secondsAt(50e6, 60e6, false)).toBeCloseTo(DRIVE_BYTES / 60e6, 3)
    expect(secondsAt(50e6, 60e6, true)).toBeCloseTo(DRIVE_BYTES / 50e6, 3)
  })
})

test('what slow drives leave of a link shortens the job of the others', () => {
  // One lane of the second generation, 400 MB/s, for six slow drives and six quick ones.
  const slots = [longSlot(1, 2), longSlot(16, 3)]
  const board = withPart(cabin, 'tindrel-middle-m', { slots, sataPorts: 0 })
  const narrow = pinCard(removeParts(board, ids.slice(6)), 'controller-1', 1)
  const slow = changedPart('quillon-keep-12', {
    capacityBytes: 1e12,
    outerRateBytesPerSecond: 10e6,
  })
  const bays = cabin.fitted.flatMap(({ id, bay }) =>
    bay && ids.slice(6).includes(id) ? [bay] : [],
  )
  const both = putDrivesInBays(narrow, slow, bays)
  const slowIds = both.fitted.flatMap(({ id, bay }) => (bay && bays.includes(bay) ? [id] : []))
  const design: Design = {
    ...both,
    pools: withGroups(
      { id: 'group-1', kind: 'raidz2', driveIds: ids.slice(0, 6) },
      { id: 'group-2', kind: 'raidz2', driveIds: slowIds },
    ).pools,
  }
  const machine = resolveMachine(design)
  const { seconds } = scenarioRates(design, machine, scrub)
  const bytes = jobSurfaces(design, machine).full.get(ids[0] ?? '')?.jobBytes ?? 0
  expect((seconds ?? 0) / (bytes / ((400e6 - 6 * 10e6) / 6))).toBeCloseTo(1, 6)
})

const twoPools: Design = {
  ...cabin,
  pools: [
    ...withGroups({ id: 'group-1', kind: 'raidz1', driveIds: ids.slice(0, 4) }).pools,
    ...withGroups({ id: 'group-2', kind: 'mirror', driveIds: ids.slice(4, 6) }).pools.map(
      (pool) => ({ ...pool, id: 'pool-2' }),
    ),
  ],
}

test('a scrub of one pool says nothing of the others', () => {
  const machine = resolveMachine(twoPools)
  const count = (poolId: string | null): number =>
    scenarioRates(twoPools, machine, scrub, { groupId: null, readers: null, poolId }).flows.length
  expect([count(null), count('pool-1'), count('pool-2')]).toEqual([6, 4, 2])
})

test('the order of pools, ports, cards and readers says nothing', () => {
  const two: Design = {
    ...twoPools,
    network: {
      ports: [1, 2].map((number) => ({
        port: { pieceId: number === 1 ? 'board-1' : 'nic-1', number: 1 },
        use: 'single' as const,
      })),
      ownBlocks: [],
    },
  }
  const figures = (design: Design): number[] => {
    const machine = resolveMachine(design)
    const readers = readersNow(design, machine, 3).readers.map((one) => one.bytesPerSecond)
    return [
      ...[scrub, rebuild, copyIn].map(
        (scenario) => scenarioRates(design, machine, scenario).bytesPerSecond,
      ),
      readers.reduce((sum, rate) => sum + rate, 0),
    ]
  }
  const before = figures(two)
  const shuffled: Design[] = [
    { ...two, pools: two.pools.toReversed() },
    { ...two, network: { ...two.network, ports: two.network.ports.toReversed() } },
    { ...two, fitted: two.fitted.toReversed() },
  ]
  for (const design of shuffled) {
    figures(design).forEach((figure, at) => {
      expect(figure / (before[at] ?? 0)).toBeCloseTo(1, 6)
    })
  }
  expect(before.every((figure) => figure > 0)).toBe(true)
})
