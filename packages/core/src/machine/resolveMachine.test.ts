import fc from 'fast-check'
import { demoDesign, demoPart } from '../../fixtures/demo'
import { driveIdsOf, withPart, without } from '../../fixtures/ruleTable'
import type { NeedKind } from '../catalogue/needs'
import type { Design } from '../design/design'
import { notePieces } from '../design/edits/changeFields'
import { fitAnother, fitPart } from '../design/edits/fitPart'
import { groupDrives } from '../design/edits/groupDrives'
import { moveDrive } from '../design/edits/moveDrive'
import { pinM2 } from '../design/edits/pinPaths'
import { putDrivesInBays } from '../design/edits/putDrivesInBays'
import { removeParts } from '../design/edits/removeParts'
import { newDesign } from '../design/newDesign'
import { evaluate } from '../evaluate'
import { scenarioRates } from '../paths/scenarioRates'
import { scenarios } from '../paths/scenarios/scenarios'
import { piecesOf, type Machine } from './machine'
import { bayPlan } from './bayPlan'
import { resolveMachine } from './resolveMachine'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')
const drawer = demoDesign('drawer-of-drives')
const withParts = (design: Design, ...slugs: string[]): Design =>
  slugs.reduce((before, slug) => withPart(before, slug), design)
const codesOf = (design: Design): string[] => evaluate(design).findings.map(({ code }) => code)
const placeOf = ({ placed }: Machine, pieceId: string, need: NeedKind) =>
  placed[need].find((one) => one.pieceId === pieceId)?.on

test('a resolved machine is plain data: it can be cloned, as for a worker', () => {
  const machine = resolveMachine(cabin)
  expect(structuredClone(machine)).toEqual(machine)
  const evaluation = evaluate(cabin)
  expect(structuredClone(evaluation)).toEqual(evaluation)
})

test('every need of every piece is placed or says why not, as often as it is needed', () => {
  for (const design of [cabin, shelf, drawer, withParts(drawer, 'quillon-spark-120')]) {
    const { pieces, placed, unplaced } = resolveMachine(design)
    for (const { id, needs } of pieces.values()) {
      for (const kind of new Set(needs.map((need) => need.kind))) {
        const answers = [...placed[kind], ...unplaced[kind]].filter((one) => one.pieceId === id)
        // A data port behind a backplane and a plug of the mains may be answered by several.
        if (kind !== 'mains socket')
          expect([id, kind, answers.length > 0]).toEqual([id, kind, true])
      }
    }
  }
})

describe('after an edit', () => {
  test('a changed label leaves every part of the machine the very same', () => {
    const before = resolveMachine(cabin)
    const { madeFrom, ...after } = resolveMachine(
      notePieces(cabin, ['drive-1'], { label: 'WX-9' }),
      before,
    )
    expect(madeFrom).not.toBe(cabin)
    for (const [name, value] of Object.entries(after)) {
      expect(value).toBe(before[name as keyof typeof after])
    }
  })

  test('the machine is the one that is resolved from nothing, whatever the one before was', () => {
    const bay = fc.integer({ min: 1, max: 12 }).map((number) => `chassis-1/${number}`)
    const slug = fc.constantFrom('wickmere-ten', 'quillon-spark-250m', 'lockrow-six', 'brisk-120')
    const edit = fc.oneof(
      fc.tuple(fc.constantFrom(...driveIdsOf(cabin)), bay).map(
        ([id, to]) =>
          (design: Design) =>
            moveDrive(design, id, to),
      ),
      slug.map((one) => (design: Design) => fitAnother(design, demoPart(one))),
      fc
        .constantFrom(...cabin.fitted.map(({ id }) => id))
        .map((id) => (design: Design) => removeParts(design, [id])),
    )
    fc.assert(
      fc.property(fc.array(edit, { minLength: 1, maxLength: 5 }), (edits) => {
        let design = cabin
        let machine = resolveMachine(cabin)
        for (const one of edits) {
          design = one(design)
          machine = resolveMachine(design, machine)
        }
        // What is kept for the next one is no part of the answer.
        expect({ ...machine, solved: null }).toEqual({ ...resolveMachine(design), solved: null })
      }),
      { numRuns: 40 },
    )
  })
})

describe('several of what may be several', () => {
  const rack = newDesign('two', ['tindrel-twin-eeb'].map(demoPart))

  test('two CPUs take two sockets, and both count in watts and in price', () => {
    const one = withPart(rack, 'varnholt-rack-12')
    const two = withPart(one, 'varnholt-rack-12')
    expect(piecesOf(resolveMachine(two), 'cpu')).toHaveLength(2)
    expect(placeOf(resolveMachine(two), 'cpu-2', 'CPU socket')).toEqual({
      pieceId: 'board-1',
      number: 2,
    })
    const [less, more] = [evaluate(one), evaluate(two)]
    // The rack CPU draws 19 W kept awake and costs 189 more without shipping on the second.
    expect(more.power.dc.likely).toBeGreaterThan(less.power.dc.likely + 5)
    expect(more.cost.total.likely).toBeGreaterThan(less.cost.total.likely)
    // A third takes the place of the two that are there.
    expect(piecesOf(resolveMachine(withPart(two, 'varnholt-rack-24')), 'cpu')).toHaveLength(2)
  })

  test('a second supply brings its leads', () => {
    const one = resolveMachine(drawer).wiring.power?.leads.length ?? 0
    const two = fitAnother(drawer, demoPart('emberlin-brick-450'))
    expect(resolveMachine(two).wiring.power?.leads).toHaveLength(2 * one)
  })

  test('USB devices take a port each, and what is left is for enclosures', () => {
    const usb = withPart(shelf, 'tindrel-plain-itx', { usbPorts: 1 })
    const sticks = withPart(usb, 'quillon-stub-32')
    const { unplaced } = resolveMachine(sticks)
    expect(unplaced['USB port']).toHaveLength(1)
    expect(codesOf(sticks)).toContain('usb-port-missing')
  })

  test('a boot drive on SATA takes a data port and a power plug', () => {
    const machine = resolveMachine(withPart(drawer, 'quillon-spark-120'))
    expect(placeOf(machine, 'boot-1', 'data port')?.pieceId).toBe('board-1')
    expect(placeOf(machine, 'boot-1', 'power plug')?.pieceId).toBe('supply-1')
  })

  test('four-lane plugs of a board are ports, so that no card and no fan-in is asked for', () => {
    const plugs = withPart(without(cabin, 'controller'), 'tindrel-middle-m', {
      fourLanePlugs: [{ plug: 'SFF-8643', count: 3, takesSas: false }],
    })
    const { data } = resolveMachine(plugs).wiring
    expect(data.unreachedIds).toEqual([])
    const cables = data.cables.map(({ hostId, connectors }) => [
      data.hosts.find(({ id }) => id === hostId)?.plug,
      connectors.length,
    ])
    expect(cables).toEqual(Array<unknown>(3).fill(['SFF-8643', 1]))
    expect(codesOf(plugs)).not.toContain('cables-missing')
  })
})

describe('M.2 devices on carriers', () => {
  const calm = withPart(newDesign('m2', [demoPart('tindrel-calm-ceb')]), 'lockrow-four-berth')
  const sockets = piecesOf(resolveMachine(calm), 'board')[0]?.dataSheet.m2Sockets?.length ?? 0
  const sticks = Array.from({ length: sockets + 4 }, () => 'quillon-shard-1m')

  test('a carrier has sockets, not SATA ports', () => {
    const cut = withPart(drawer, 'tindrel-middle-m', { sataPorts: 2, sataGenerations: [3, 3] })
    const carried = withPart(without(cut, 'controller'), 'lockrow-switch-berth')
    const { data } = resolveMachine(carried).wiring
    expect(data.hosts.some(({ pieceId }) => pieceId === 'controller-1')).toBe(false)
    expect(data.unreachedIds).toHaveLength(6)
  })

  test('its drives take its sockets when those of the board are full, each with a way to the CPU', () => {
    const machine = resolveMachine(withParts(calm, ...sticks))
    expect(machine.unplaced['M.2']).toEqual([])
    const onCarrier = machine.placement.placed.filter(({ on }) => on.pieceId === 'controller-1')
    expect(onCarrier).toHaveLength(4)
    // Sixteen lanes split into four times four.
    expect(onCarrier.map(({ lanes }) => lanes)).toEqual([4, 4, 4, 4])
    expect(machine.drivePaths).toHaveLength(sockets + 4)
    expect(codesOf(withParts(calm, ...sticks))).not.toContain('m2-no-socket')
  })

  test('in a slot that does not split its lanes only the first socket of it works', () => {
    const whole = withPart(calm, 'tindrel-calm-ceb', {
      slots: [
        {
          bus: 'PCIe',
          physicalLanes: 16,
          electricalLanes: 16,
          pcieGeneration: 5,
          openEnd: false,
          origin: 'CPU',
          splitsInto: 1,
        },
      ],
    })
    const machine = resolveMachine(withParts(whole, ...sticks))
    expect(machine.unplaced['M.2']).toHaveLength(3)
  })

  test('the builder may say which socket of the board', () => {
    const two = withParts(calm, 'quillon-shard-1m')
    const set = pinM2(two, 'drive-1', 2)
    expect(placeOf(resolveMachine(set), 'drive-1', 'M.2')).toEqual({
      pieceId: 'board-1',
      number: 2,
    })
  })
})

describe('M.2 drives as members of a pool', () => {
  const pair = groupDrives(
    withParts(withPart(shelf, 'tindrel-calm-ceb'), 'quillon-shard-1m', 'quillon-shard-1m'),
    [],
  )
  const ids = pair.fitted.flatMap(({ id, bay }) =>
    id.startsWith('drive-') && bay === null ? [id] : [],
  )
  const pool = groupDrives(pair, [{ kind: 'mirror', driveIds: ids }], null)

  test('hold space, have a way, and a scrub has a rate', () => {
    expect(ids).toHaveLength(2)
    const machine = resolveMachine(pool)
    const figure = evaluate(pool).capacity.pools.at(-1)
    expect(figure?.capacity?.availableBytes).toBeGreaterThan(0.9e12)
    for (const id of ids) {
      const way = machine.drivePaths.find(({ driveId }) => driveId === id)?.links ?? []
      const kinds = way.map((link) => machine.links.find((one) => one.id === link)?.kind)
      expect(kinds[0]).toBe('platter')
      expect(kinds).toContain('M.2')
    }
    const [scrub] = scenarios
    if (!scrub) throw new Error('no kind of work')
    const { flows } = scenarioRates(pool, machine, scrub)
    expect(flows.map(({ id }) => id)).toEqual(expect.arrayContaining(ids))
    expect(codesOf(pool)).not.toContain('m2-no-socket')
    const { sockets, bench } = bayPlan(machine, pool)
    expect(sockets.map(({ drive }) => drive?.part.id)).toEqual(ids)
    expect(bench).toEqual([])
  })
})

describe('NVMe drives in bays', () => {
  const gap = withParts(
    newDesign('nvme', ['ashgrove-gap-4', 'tindrel-calm-ceb'].map(demoPart)),
    'ashgrove-drawer-4n',
  )
  const inCage = (design: Design): Design =>
    putDrivesInBays(design, demoPart('quillon-sliver-4'), ['cage-1/1'])

  test('four lanes from a controller that has them', () => {
    const { drivePaths, links, wiring } = resolveMachine(inCage(withPart(gap, 'lockrow-swift-4')))
    expect(wiring.data.unreachedIds).toEqual([])
    const way = drivePaths[0]?.links.map((id) => links.find((link) => link.id === id))
    const port = way?.find((link) => link?.kind === 'port')
    // Four lanes of the fourth generation, 85 % of the line code; far over SATA's 600 MB/s.
    expect(port?.bytesPerSecond).toBeCloseTo(4 * 1_969.2e6 * 0.85, -3)
  })

  test('nothing speaks to them on SATA ports, or in bays that are not made for them', () => {
    expect(codesOf(inCage(gap))).toContain('nvme-not-reached')
    const { sheet } = demoPart('pellworth-drystone-2u12')
    if (sheet.kind !== 'chassis') throw new Error('not a case')
    const bayBlocks = sheet.bayBlocks.map((block) => ({
      ...block,
      backplane: block.backplane && { ...block.backplane, carriesNvme: false },
    }))
    const plain = withPart(
      withPart(cabin, 'pellworth-drystone-2u12', { bayBlocks }),
      'lockrow-swift-4',
    )
    const filled = putDrivesInBays(plain, demoPart('quillon-sliver-4'), ['chassis-1/1'])
    expect(codesOf(filled)).toContain('nvme-not-reached')
  })
})

test('a riser stands in no riser, and the one that finds no slot is told', () => {
  const oneSlot = withPart(newDesign('risers'), 'tindrel-plain-itx')
  const two = withParts(oneSlot, 'pellworth-lie-1', 'pellworth-lie-1')
  const { unplaced, placement } = resolveMachine(two)
  expect(placement.placed).toHaveLength(1)
  expect(unplaced.slot[0]?.conflictIds).toEqual(['riser-1', 'riser-2'])
  expect(codesOf(two)).toContain('no-slot-for-card')
})

test('equal cards are told apart by their place', () => {
  const two = fitAnother(
    fitPart(without(cabin, 'controller'), demoPart('lockrow-eight')),
    demoPart('lockrow-eight'),
  )
  const names = resolveMachine(two).wiring.data.hosts.map(({ name }) => name)
  expect(new Set(names).size).toBe(names.length)
  expect(names[0]).toMatch(/^slot \d · Eight$/)
})
