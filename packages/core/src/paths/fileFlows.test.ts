import { demoDesign } from '../../fixtures/demo'
import { longSlot } from '../../fixtures/longSlot'
import { withPart, without } from '../../fixtures/ruleTable'
import type { Design, Pool } from '../design/design'
import { changeBrief } from '../design/edits/changeFields'
import { pinCard } from '../design/edits/pinPaths'
import { changeSheet } from '../design/edits/changeSheet'
import { resolveMachine } from '../machine/resolveMachine'
import { machineReadRate } from './machineReadRate'
import { poolLoads } from './poolLoads'
import { readersOf } from './readersOf'
import { scenarioRates } from './scenarioRates'
import { copyIn } from './scenarios/copyIn'
import { readers } from './scenarios/readers'
import { NO_CHOICE } from './scenarios/scenario'
import { writePieces } from './scenarios/writePieces'
import { writers } from './scenarios/writers'

/** Twelve drives of 250 MB/s on a card that moves far more, and a port of 10 Gb/s that a copy sees 1,139 MB/s of. */
const cabin = withPart(changeBrief(demoDesign('cabin-archive'), { readers: [] }), 'wickmere-ten')
const ids = cabin.pools.flatMap(({ groups }) => groups.flatMap(({ driveIds }) => driveIds))
const DRIVE = 250e6
const PORT = 1_139.1e6

const group = (kind: string, driveIds: readonly string[], id = 'group-1') => ({
  id,
  kind,
  driveIds,
})
function withPool(pool: object): Design {
  return { ...cabin, pools: [{ id: 'pool-1', name: 'Pool', ...pool } as unknown as Pool] }
}
const chunks = (kind: string, count: number) =>
  withPool({
    family: 'flexible-chunks',
    chunkBytes: 2 ** 30,
    groups: [group(kind, ids.slice(0, count))],
  })
const stripes = (kind: string, count: number) =>
  withPool({ family: 'fixed-stripes', groups: [group(kind, ids.slice(0, count))] })
const parity = (family: string) =>
  withPool({
    family,
    ...(family === 'scheduled-parity' && { syncEveryHours: 24 }),
    groups: [
      group('parity', ids.slice(0, 2), 'group-p'),
      group('data', ids.slice(2, 6), 'group-d'),
    ],
  })
const columns = (count: number, parityColumns: number) =>
  withPool({
    family: 'columns',
    columns: count,
    parity: parityColumns,
    slabBytes: 2 ** 28,
    interleaveBytes: 2 ** 16,
    groups: [group('columns', ids.slice(0, 6))],
  })
const zfs = (...groups: object[]) =>
  withPool({ family: 'zfs', ashift: 12, wholeDisks: true, groups })

interface Written {
  rate: number
  /** Bytes a second on each drive that works. */
  drives: number[]
}
function written(design: Design): Written {
  const { bytesPerSecond, loads } = scenarioRates(design, resolveMachine(design), copyIn)
  const drives = loads.filter(({ link }) => link.kind === 'platter')
  return { rate: bytesPerSecond, drives: drives.map((load) => load.bytesPerSecond) }
}

const cases: [name: string, design: Design, rate: number, drives: number][] = [
  ['a mirror writes both members', zfs(group('mirror', ids.slice(0, 2))), DRIVE, 2],
  ['three in a mirror all write', zfs(group('mirror', ids.slice(0, 3))), DRIVE, 3],
  [
    'two mirrors share a file',
    zfs(group('mirror', ids.slice(0, 2), 'g1'), group('mirror', ids.slice(2, 4), 'g2')),
    2 * DRIVE,
    4,
  ],
  ['raidz2 of six writes parity on all six', zfs(group('raidz2', ids.slice(0, 6))), 4 * DRIVE, 6],
  ['chunks in two copies keep two drives busy', chunks('two-copies', 6), DRIVE, 2],
  ['chunks in three copies keep three busy', chunks('three-copies', 6), DRIVE, 3],
  ['chunks with single parity take all', chunks('single-parity', 4), 3 * DRIVE, 4],
  ['raid1 writes every member', stripes('raid1', 3), DRIVE, 3],
  ['raid10 writes both of each pair', stripes('raid10', 6), 3 * DRIVE, 6],
  ['raid5 writes full stripes', stripes('raid5', 4), 3 * DRIVE, 4],
  ['raid0 writes each once', stripes('raid0', 3), 3 * DRIVE, 3],
  // Common practice, no source: at best about half of a drive, one drive at a time.
  [
    'parity in real time: one data drive and both parity drives, at half',
    parity('dedicated-parity'),
    DRIVE / 2,
    3,
  ],
  ['scheduled parity: one drive, at its full rate', parity('scheduled-parity'), DRIVE, 1],
  ['three columns with one parity', columns(3, 1), 2 * DRIVE, 3],
  ['more than the port gives, and the port holds it back', stripes('raid0', 12), PORT, 12],
]

test.each(cases)('%s', (_name, design, rate, count) => {
  const { rate: copied, drives } = written(design)
  expect(copied / rate).toBeCloseTo(1, 3)
  expect(drives).toHaveLength(count)
  // All that work have the same to do.
  expect(Math.max(...drives) / Math.min(...drives)).toBeCloseTo(1, 9)
  for (const load of drives) expect(load).toBeLessThanOrEqual(DRIVE * (1 + 1e-9))
})

test('what has nothing to move is not told', () => {
  const design = parity('scheduled-parity')
  const machine = resolveMachine(design)
  const [pool] = design.pools
  if (!pool) throw new Error('no pool')
  const wayOf = new Map(machine.drivePaths.map(({ driveId, links }) => [driveId, links]))
  const { loadsOf } = poolLoads(pool, machine, wayOf, 'write')
  expect(loadsOf(0)).toEqual([{ driveId: ids[2], load: 1 }])
  expect(loadsOf(1)).toEqual([{ driveId: ids[3], load: 1 }])
})

test('of every byte as many are written as the layout keeps of it', () => {
  const perByte = (design: Design): number => {
    const { rate, drives } = written(design)
    return drives.reduce((sum, load) => sum + load, 0) / rate
  }
  expect(perByte(zfs(group('raidz2', ids.slice(0, 6))))).toBeCloseTo(6 / 4, 6)
  expect(perByte(stripes('raid5', 4))).toBeCloseTo(4 / 3, 6)
  expect(perByte(chunks('two-copies', 6))).toBeCloseTo(2, 6)
  // Old data and parity are read as well: two operations on each of three drives.
  expect(perByte(parity('dedicated-parity'))).toBeCloseTo(6, 6)
})

test('a group with fewer members than parity takes can be written nothing', () => {
  expect(written(chunks('single-parity', 1))).toEqual({ rate: 0, drives: [] })
})

test('readers are as they were: a mirror gives each of two what a drive has', () => {
  const mirror = changeBrief(zfs(group('mirror', ids.slice(0, 2))), { readersAtOnce: 2 })
  const { bytesPerSecond } = scenarioRates(mirror, resolveMachine(mirror), readers)
  expect(bytesPerSecond).toBeLessThanOrEqual(2 * DRIVE)
  expect(bytesPerSecond).toBeGreaterThan(DRIVE)
})

test('what a faster card could carry is not what the card that is there does', () => {
  const throttled = withPart(demoDesign('cabin-archive'), 'wickmere-ten', {
    lanes: 1,
    pcieGeneration: 1,
  })
  const machine = resolveMachine(throttled)
  const one = readersOf(throttled.brief, 1)
  const asItIs = machineReadRate(throttled, machine, one) ?? 0
  const withAny = machineReadRate(throttled, machine, one, 'any') ?? 0
  // One lane of the first generation, 200 MB/s, of which a copy sees 96 %; eight drives' worth of data inside.
  expect(asItIs).toBeLessThan(200e6)
  expect(withAny / DRIVE).toBeCloseTo(8, 6)
})

describe('writing in pieces', () => {
  const pieces = (design: Design, change?: (machine: Design) => Design): number => {
    const changed = change ? change(design) : design
    return scenarioRates(changed, resolveMachine(changed), writePieces).bytesPerSecond
  }

  // By hand: single parity moves four bytes for each, double six; over four and six drives of 250 MB/s.
  test.each([
    ['raid5 over four', stripes('raid5', 4), (4 * DRIVE) / 4],
    ['raid6 over six', stripes('raid6', 6), (6 * DRIVE) / 6],
    ['raid10 writes both of each pair, and reads nothing', stripes('raid10', 6), 3 * DRIVE],
    ['chunks with single parity over four', chunks('single-parity', 4), (4 * DRIVE) / 4],
    ['chunks in two copies as whole files', chunks('two-copies', 6), DRIVE],
    ['three columns with one parity', columns(3, 1), (3 * DRIVE) / 4],
    ['parity in real time as whole files', parity('dedicated-parity'), DRIVE / 2],
    // Read once over six, and written in full stripes.
    ['raidz2 of six', zfs(group('raidz2', ids.slice(0, 6))), DRIVE / (1 / 4 + 1 / 6)],
  ])('%s', (_name, design, rate) => {
    expect(pieces(design) / rate).toBeCloseTo(1, 3)
  })

  // Common practice, no source: over 100 MB/s with the right cluster, about 40 with a wrong one.
  test('a column pool formatted for its rows and one that is not', () => {
    const right = written(columns(3, 1)).rate
    expect((100 * pieces(columns(3, 1))) / right).toBeCloseTo(37.5, 3)
  })

  test('a RAID card whose cache survives a power cut gathers them into stripes', () => {
    const onCard = (writeCache: string | null, controllerType = 'RAID card'): number => {
      const card = cabin.snapshots.find(({ sheet }) => sheet.kind === 'controller')?.id ?? ''
      const change = { controllerType, writeCache }
      return pieces(changeSheet(stripes('raid5', 4), card, change))
    }
    expect(onCard('protected') / (3 * DRIVE)).toBeCloseTo(1, 3)
    for (const cache of ['unprotected', 'none', null])
      expect(onCard(cache) / DRIVE).toBeCloseTo(1, 3)
    // One that makes no stripes gathers none.
    expect(onCard('protected', 'HBA') / DRIVE).toBeCloseTo(1, 3)
  })

  test('a RAID card gathers for the drives behind it, and not for those of the board', () => {
    const mixed = withPart(without(cabin, 'controller'), 'lockrow-eight', {
      controllerType: 'RAID card',
      writeCache: 'protected',
    })
    const drivesOf = [ids.slice(0, 4), ids.slice(4, 8), ids.slice(8)]
    const three = drivesOf.map((driveIds, at) => ({
      id: `pool-${at + 1}`,
      name: 'Pool',
      family: 'fixed-stripes',
      groups: [group('raid5', driveIds, `group-${at + 1}`)],
    }))
    const design = { ...mixed, pools: three } as unknown as Design
    const machine = resolveMachine(design)
    const { hosts, cables, ports } = machine.wiring.data
    const cardIds = hosts.flatMap(({ id, pieceId }) => (pieceId === 'controller-1' ? [id] : []))
    const onCard = drivesOf.map((driveIds) =>
      driveIds.every((driveId) => {
        const cableId = ports.find((port) => port.driveId === driveId)?.cableId
        return cardIds.includes(cables.find(({ id }) => id === cableId)?.hostId ?? '')
      }),
    )
    expect(onCard.toSorted()).toEqual([false, true, true])
    const rates = three.map(
      ({ id }) =>
        scenarioRates(design, machine, writePieces, { ...NO_CHOICE, poolId: id }).bytesPerSecond,
    )
    expect(rates.map((rate) => Math.round(rate / 1e6))).toEqual(
      onCard.map((isGathered) => ((isGathered ? 3 : 1) * DRIVE) / 1e6),
    )
  })
})

test('parity in real time with all drives: a whole drive, and all others are read', () => {
  const design = parity('dedicated-parity')
  const all = {
    ...design,
    pools: design.pools.map((pool) => ({ ...pool, writesWithAllDrives: true }) as Pool),
  }
  const { rate, drives } = written(all)
  expect(rate / DRIVE).toBeCloseTo(1, 3)
  // Four data drives and two with parity.
  expect(drives).toHaveLength(6)
})

test('what is read meanwhile comes the other way, where a slot carries both at once', () => {
  const slots = [longSlot(1, 2), longSlot(16, 3)]
  const narrow = pinCard(
    withPart(cabin, 'tindrel-middle-m', { slots, sataPorts: 0 }),
    'controller-1',
    1,
  )
  const { pools } = parity('dedicated-parity')
  const all = pools.map((pool) => ({ ...pool, writesWithAllDrives: true }) as Pool)
  // One lane of the second generation moves 400 MB/s each way: out to one drive and both with parity, in from three.
  expect(written({ ...narrow, pools: all }).rate / (400e6 / 3)).toBeCloseTo(1, 3)
})

// Common practice, no source: so practitioners found them on one pile of mixed drives.
test('the quickest to write is chunks, then columns, then scheduled parity, then parity in real time', () => {
  const rates = [
    written(chunks('single-parity', 6)).rate,
    written(columns(3, 1)).rate,
    written(parity('scheduled-parity')).rate,
    written(parity('dedicated-parity')).rate,
  ]
  expect(rates.toSorted((one, other) => other - one)).toEqual(rates)
  expect(new Set(rates).size).toBe(4)
})

describe('several who write', () => {
  const all = (design: Design, count: number): number => {
    const choice = { ...NO_CHOICE, readers: count }
    return scenarioRates(design, resolveMachine(design), writers, choice).bytesPerSecond
  }

  test('scheduled parity takes a file on each drive, and parity in real time all on its parity drives', () => {
    expect(all(parity('scheduled-parity'), 1) / DRIVE).toBeCloseTo(1, 3)
    expect(all(parity('scheduled-parity'), 3) / (3 * DRIVE)).toBeCloseTo(1, 3)
    expect(all(parity('dedicated-parity'), 3) / (DRIVE / 2)).toBeCloseTo(1, 3)
  })

  test('one more never lowers what all get together', () => {
    for (const design of [
      stripes('raid5', 4),
      chunks('two-copies', 6),
      zfs(group('raidz1', ids)),
    ]) {
      const rates = [1, 2, 3, 4, 8].map((count) => all(design, count))
      for (const [at, rate] of rates.entries()) {
        expect(rate).toBeGreaterThanOrEqual((rates[at - 1] ?? 0) * (1 - 1e-9))
      }
    }
  })
})
