import { changedPart, demoDesign, demoPart } from '../../fixtures/demo'
import { withPart, without } from '../../fixtures/ruleTable'
import { type Brief, type MachineStateId, USUAL_FILE_BYTES } from '../design/brief'
import type { Design } from '../design/design'
import { changeBrief } from '../design/edits/changeFields'
import { applyEdit } from '../design/edits/edit'
import { changeSheet } from '../design/edits/changeSheet'
import { putDrivesInBays } from '../design/edits/putDrivesInBays'
import type { Pool } from '../design/pools/pools'
import { newDesign } from '../design/newDesign'
import { piecesOf } from '../machine/machine'
import { resolveMachine } from '../machine/resolveMachine'
import { type Amount, exactly } from '../units/amount'
import { cpuDraw } from './cpuDraw'
import { driveDraw } from './driveDraw'
import { idlePower } from './idlePower'
import { machineState, machineStates } from './machineStates'
import { peakPower } from './peakPower'
import { readingDrives } from './readingDrives'
import { statePower } from './statePower'
import { statePowers } from './statePowers'

const wall = (design: Design, id: MachineStateId): Amount<'W'> => {
  const found = statePower(design, resolveMachine(design), machineState(id)).wall
  if (!found) throw new Error('There is no supply.')
  return found
}

const hush = demoPart('marrowby-hush-4')
const build = (parts: Parameters<typeof newDesign>[1], disks: number): Design =>
  putDrivesInBays(
    newDesign('recorded', parts),
    hush,
    Array.from({ length: disks }, (_, index) => `chassis-1/${index + 1}`),
  )

// Readings that builders have told, common practice, no source; the data sheets are plausible ones of our own.
describe('what was measured lies in the band', () => {
  const small = build(
    [
      demoPart('ashgrove-crate-6'),
      demoPart('tindrel-plain-itx'),
      demoPart('varnholt-low-4'),
      demoPart('siltstone-16'),
      demoPart('emberlin-calm-450'),
    ],
    1,
  )
  const onBrick = build(
    [
      demoPart('ashgrove-crate-6'),
      changedPart('tindrel-plain-itx', { idleWatts: 3.1 }),
      demoPart('varnholt-low-4'),
      demoPart('siltstone-16'),
      demoPart('emberlin-brick-120'),
    ],
    1,
  )
  const keptAwake = withPart(onBrick, 'quillon-spark-128b', { permitsDeepIdle: false })
  const bronze = build(
    [
      demoPart('ashgrove-crate-6'),
      demoPart('tindrel-middle-m'),
      changedPart('varnholt-mid-8', { deepIdleWatts: 11 }),
      demoPart('siltstone-16'),
      demoPart('siltstone-16'),
      demoPart('emberlin-tall-750'),
    ],
    4,
  )
  const twin = build(
    [
      demoPart('pellworth-drystone-4u24'),
      changedPart('tindrel-twin-eeb', { idleWatts: 20 }),
      changedPart('varnholt-rack-12', { deepIdleWatts: 12 }),
      changedPart('varnholt-rack-12', { deepIdleWatts: 12 }),
      demoPart('siltstone-16-ecc'),
      demoPart('siltstone-16-ecc'),
      demoPart('emberlin-steady-550'),
    ],
    0,
  )
  test.each<[string, Design, MachineStateId, number]>([
    ['small platinum supply, spinning', small, 'spinning', 19],
    ['small platinum supply, asleep', small, 'asleep', 16],
    ['brick, asleep', onBrick, 'asleep', 8],
    ['brick, kept awake by one cheap device', keptAwake, 'spinning', 20],
    ['brick, kept awake, the upper reading', keptAwake, 'spinning', 23],
    ['oversized bronze supply, 40 expected', bronze, 'spinning', 52],
    ['two sockets under a system', twin, 'spinning', 75],
    ['two sockets in the menus of the firmware', twin, 'firmware', 102],
  ])('%s', (_name, design, state, watts) => {
    const { low, high } = wall(design, state)
    expect(low).toBeLessThanOrEqual(watts)
    expect(high).toBeGreaterThanOrEqual(watts)
  })

  test('and a band that holds everything would say nothing', () => {
    const { low, high } = wall(small, 'spinning')
    expect(high / low).toBeLessThan(2)
    expect(wall(onBrick, 'asleep').high).toBeLessThan(wall(keptAwake, 'spinning').low)
  })
})

describe('states', () => {
  const shelf = demoDesign('warm-room-shelf')
  const likely = (design: Design, id: MachineStateId): number => wall(design, id).likely

  test('go from least to most where everything is known', () => {
    const rising: MachineStateId[] = [
      'off',
      'asleep',
      'spinning',
      'one reader',
      'scrub',
      'starting',
    ]
    const watts = rising.map((id) => likely(shelf, id))
    expect(watts).toEqual([...watts].sort((one, other) => one - other))
    expect(new Set(watts).size).toBe(watts.length)
  })

  test('asleep, each disk draws its standby watts: 4 × 2.8 W less behind the supply', () => {
    const machine = resolveMachine(shelf)
    const dc = (id: MachineStateId) => statePower(shelf, machine, machineState(id)).dc.likely
    expect(dc('spinning') - dc('asleep')).toBeCloseTo(4 * (3.4 - 0.6), 10)
    expect(dc('scrub') - dc('spinning')).toBeGreaterThan(4 * (5.1 - 3.4))
  })

  test('by the house rule disks that nobody reads sleep while others are read', () => {
    const drawer = demoDesign('drawer-of-drives')
    const rested = applyEdit(drawer, {
      do: 'change-house-rules',
      change: { spinDownMinutes: 30 },
    })
    // A pool of disks with file systems of their own reads one of them, and the others may sleep.
    expect(likely(rested, 'one reader')).toBeLessThan(likely(drawer, 'one reader'))
  })

  test('off is not known where the board does not say, and never nothing', () => {
    const silent = withPart(shelf, 'tindrel-plain-itx', { offWatts: null })
    expect(wall(silent, 'off').missing).toEqual([{ pieceId: 'board-1', field: 'offWatts' }])
    expect(wall(shelf, 'off').low).toBeGreaterThan(0.9)
  })

  test('what was measured has the band of a meter', () => {
    const snapshot = shelf.snapshots.find(({ sheet }) => sheet.kind === 'board')
    if (!snapshot) throw new Error('no board')
    const measured: Design = {
      ...shelf,
      snapshots: shelf.snapshots.map((one) =>
        one === snapshot
          ? { ...one, sheet: { ...one.sheet, sources: { idleWatts: 'measured' as const } } }
          : one,
      ),
    }
    const [before, after] = [wall(shelf, 'spinning'), wall(measured, 'spinning')]
    expect(after.likely).toBe(before.likely)
    expect(before.high - after.high).toBeGreaterThan(5.5 * (1.25 - 1.03) - 0.01)
    expect(after.low - before.low).toBeGreaterThan(5.5 * (0.97 - 0.9) - 0.01)
  })

  test('a conversion adds about 9 W on graphics, and much more without', () => {
    const reading = likely(shelf, 'one reader')
    const onGraphics = likely(shelf, 'conversion') - reading
    expect(onGraphics).toBeGreaterThan(4)
    expect(onGraphics).toBeLessThan(12)
    const bare = withPart(shelf, 'varnholt-low-4', { hasGraphics: false })
    expect(likely(bare, 'conversion') - reading).toBeGreaterThan(2 * onGraphics)
    const open = wall(withPart(shelf, 'varnholt-low-4', { hasGraphics: null }), 'conversion')
    expect(open.low).toBe(wall(shelf, 'conversion').low)
    expect(open.high).toBe(wall(bare, 'conversion').high)
    // A CPU that gives no watts is at least what its graphics add.
    const silent = withPart(shelf, 'varnholt-low-4', { shallowIdleWatts: null, peakWatts: null })
    const [cpu] = piecesOf(resolveMachine(silent), 'cpu')
    if (!cpu) throw new Error('no CPU')
    expect(cpuDraw(cpu, 'converting')).toMatchObject({ low: 0, likely: 0, high: 0 })
    expect(cpuDraw(cpu, 'converting').missing).toHaveLength(2)
  })

  test('starting all at once draws the currents of the data sheets', () => {
    const machine = resolveMachine(shelf)
    const dc = (id: MachineStateId) => statePower(shelf, machine, machineState(id)).dc.likely
    // 1.8 A at 12 V for each of four, instead of 3.4 W.
    expect(dc('starting') - dc('firmware')).toBeCloseTo(4 * (1.8 * 12 - 3.4), 10)
  })

  test('a disk that gives no starting current draws at least nothing, and is named', () => {
    const [disk] = piecesOf(resolveMachine(shelf), 'drive')
    if (!disk) throw new Error('no disk')
    const silent = { ...disk, dataSheet: { ...disk.dataSheet, start12VAmps: null } }
    expect(driveDraw(silent, 'starting')).toEqual(
      exactly(0, 'W', [{ pieceId: disk.id, field: 'start12VAmps' }]),
    )
  })

  test('without a supply nothing is known at the wall', () => {
    const bare = without(shelf, 'supply')
    for (const state of machineStates) {
      expect(statePower(bare, resolveMachine(bare), state).wall).toBeNull()
    }
  })

  test('all readers keep as many disks busy as they need, and no more than there are', () => {
    const asks = (change: Partial<Brief>): Design => changeBrief(shelf, change)
    const one = likely(asks({ readersAtOnce: 1 }), 'all readers')
    const many = likely(asks({ readersAtOnce: 40 }), 'all readers')
    expect(many).toBeGreaterThanOrEqual(one)
    expect(many).toBe(likely(asks({ readersAtOnce: 90 }), 'all readers'))
  })

  // By hand: in chunks of a gibibyte a film of 4 GB lies on four drives, a photo on one.
  test('a reader keeps as many disks busy as a file lies on: that of the brief, or a film', () => {
    const cabin = demoDesign('cabin-archive')
    const driveIds = cabin.pools.flatMap(({ groups }) => groups.flatMap((group) => group.driveIds))
    const chunks = {
      id: 'pool-1',
      name: 'Chunks',
      family: 'flexible-chunks',
      chunkBytes: 2 ** 30,
      groups: [{ id: 'group-1', kind: 'single', driveIds }],
    } as unknown as Pool
    const machine = resolveMachine(cabin)
    const busy = (data: Brief['data']): number =>
      readingDrives({ ...cabin, pools: [chunks], brief: { ...cabin.brief, data } }, machine, 1).size
    const files = (fileBytes: number): Brief['data'] => [
      { kind: 'media', nowBytes: 1e12, growthBytesPerYear: 0, fileBytes },
    ]
    expect(busy(files(3e6))).toBe(1)
    expect(busy(files(4e9))).toBe(4)
    expect(busy([])).toBe(busy(files(USUAL_FILE_BYTES.media)))
    expect(busy([])).toBeGreaterThan(1)
  })
})

describe('what draws the same in every state', () => {
  const cabin = demoDesign('cabin-archive')
  const likely = (design: Design): number =>
    statePowers(design, resolveMachine(design))('spinning').dc.likely

  // Source: fan laws, P ~ n³ (engineering handbooks, from memory). Fans of the case draw 7.5 W at 40 %.
  test('fans of the case at twice their speed draw eight times as much', () => {
    const fast: Design = { ...cabin, air: { ...cabin.air, fanDuty: 0.8 } }
    expect(likely(fast) - likely(cabin)).toBeCloseTo(7 * 7.5, 10)
    expect(idlePower(fast, resolveMachine(fast)).dc.likely).toBeCloseTo(likely(fast), 10)
    const peak = (fanDuty?: number): number =>
      peakPower(cabin.brief, resolveMachine(cabin), fanDuty).dc.likely
    expect(peak(0.8) - peak()).toBeCloseTo(7 * 7.5, 10)
  })

  test('a network card draws more for each link: none, likely one, at most all', () => {
    const ten = (linkWatts: number | null): Amount<'W'> => {
      const design = withPart(cabin, 'wickmere-ten', { linkWatts, ports: 2 })
      return statePowers(design, resolveMachine(design))('spinning').dc
    }
    const [without, linked] = [ten(null), ten(3)]
    expect(linked.low).toBeCloseTo(without.low, 10)
    expect(linked.likely - without.likely).toBeCloseTo(3, 10)
    expect(linked.high - without.high).toBeCloseTo(2 * 3 * 1.25, 10)
  })

  test('controllers on a board that nobody uses draw beside it', () => {
    const board = cabin.snapshots.find(({ sheet }) => sheet.kind === 'board')?.id ?? ''
    const extras = changeSheet(cabin, board, { extrasWatts: 6 })
    expect(likely(extras) - likely(cabin)).toBeCloseTo(6, 10)
    expect(idlePower(extras, resolveMachine(extras)).dc.likely).toBeCloseTo(likely(extras), 10)
  })
})
