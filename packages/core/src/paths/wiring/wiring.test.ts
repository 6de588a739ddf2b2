import { demoDesign, demoPart } from '../../../fixtures/demo'
import { driveIdsOf, withPart, without } from '../../../fixtures/ruleTable'
import { bayPlan } from '../../design/bayUse'
import type { DesignDocument } from '../../design/document'
import { groupDrives } from '../../design/edits/groupDrives'
import { dropPins, keepMembers, pinLead, pinPort } from '../../design/edits/pinPaths'
import { putDrivesInBays } from '../../design/edits/putDrivesInBays'
import { removeParts } from '../../design/edits/removeParts'
import { topologyOf } from '../topology'
import { cableWords } from './cableWords'
import { cablesOf, type Wiring, wiringOf } from './wiring'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')
const drawer = demoDesign('drawer-of-drives')

const wired = (document: DesignDocument): Wiring => wiringOf(document, bayPlan(document))
const withParts = (document: DesignDocument, ...slugs: string[]): DesignDocument =>
  slugs.reduce((design, slug) => withPart(design, slug), document)
/** Each cable as "Sixteen:1 > plug-1-1". */
const cables = (document: DesignDocument): string[] =>
  wired(document).data.cables.map(
    ({ host, connectors, ends }) =>
      `${host.name}:${connectors.join('+')} > ${ends.map(({ id }) => id).join(' ')}`,
  )
const hostOfDrive = (document: DesignDocument): Map<string, string> =>
  new Map(wired(document).data.ports.map(({ driveId, cable }) => [driveId, cable.host.name]))

describe('data cables', () => {
  test('a plug of the controller to each plug of the backplane', () => {
    expect(cables(cabin)).toEqual([
      'Sixteen:1 > plug-1-1',
      'Sixteen:2 > plug-1-2',
      'Sixteen:3 > plug-1-3',
    ])
    const { free, unreachedIds, isBest } = wired(cabin).data
    expect(unreachedIds).toEqual([])
    expect(isBest).toBe(true)
    expect(free[0]).toMatchObject({ host: { name: 'Sixteen' }, connectors: [4] })
  })

  // Common practice, no source: eight drives on the controller, the ninth on the board.
  test('what the controller does not take hangs off the board', () => {
    const hosts = [...hostOfDrive(drawer).values()]
    expect(hosts.filter((name) => name === 'Six')).toHaveLength(6)
    expect(hosts.filter((name) => name === 'the board')).toHaveLength(2)
  })

  test('four bare drives share a fan-out, members of a set on different ones', () => {
    const eight = withPart(without(drawer, 'controller'), 'lockrow-eight')
    const fans = wired(eight).data.cables.filter(({ host }) => host.name === 'Eight')
    expect(fans.map(({ ends }) => ends.length)).toEqual([4, 4])
    const pairs = groupDrives(
      eight,
      [0, 2, 4, 6].map((at) => ({
        kind: 'mirror' as const,
        driveIds: driveIdsOf(eight).slice(at, at + 2),
      })),
    )
    for (const { ends } of wired(pairs).data.cables.filter(({ host }) => host.lanes > 1)) {
      const groups = ends.map(({ bays }) => bays[0]?.drive?.member?.lettered.letter)
      expect(new Set(groups).size).toBe(groups.length)
    }
  })

  test('mirrors go over controller and board, and stay together on demand', () => {
    const ids = driveIdsOf(drawer)
    const pair = groupDrives(drawer, [{ kind: 'mirror', driveIds: ids.slice(0, 2) }])
    const hostsOf = (document: DesignDocument): (string | undefined)[] =>
      ids.slice(0, 2).map((id) => hostOfDrive(document).get(id))
    expect(new Set(hostsOf(pair)).size).toBe(2)
    expect(new Set(hostsOf(keepMembers(pair, 'together'))).size).toBe(1)
  })

  test('four ports of the board feed a plug of four, and what is left feeds a part', () => {
    const board = without(cabin, 'controller')
    // Two groups of six: bays 5 to 8 have two of each, so losing that cable loses neither.
    expect(cables(board)).toEqual(['the board:1+2+3+4 > plug-1-2', 'the board:5+6 > plug-1-1'])
    expect(wired(board).data.unreachedIds).toHaveLength(6)
    expect(cablesOf(board, bayPlan(board)).map(({ need }) => cableWords(need))[0]).toBe(
      '4 SATA to SFF-8643, wired board to backplane',
    )
  })

  test('a boot device has the slowest port of the board', () => {
    const unequal = withPart(shelf, 'tindrel-plain-itx', {
      sataPorts: 6,
      sataGenerations: [3, 3, 2, 2, 2, 1],
    })
    const left = (document: DesignDocument) =>
      wired(document).hosts.find(({ plug }) => plug === 'SATA')?.laneRates
    expect(left(unequal)).toHaveLength(6)
    expect(left(withPart(unequal, 'quillon-spark-120'))).toEqual([
      600e6, 600e6, 300e6, 300e6, 300e6,
    ])
  })

  test('a SAS drive wants a controller that speaks it', () => {
    const sas = putDrivesInBays(drawer, demoPart('quillon-keep-18-sas'), ['bay-1'])
    const [driveId = ''] = sas.fitted.flatMap(({ id, bay }) => (bay === 'bay-1' ? [id] : []))
    expect(wired(sas).data.unreachedIds).toEqual([driveId])
    const eight = withPart(sas, 'lockrow-eight')
    expect(hostOfDrive(eight).get(driveId)).toBe('Eight')
    const [line] = cablesOf(eight, bayPlan(eight)).filter(({ need }) => need.farPlug === 'SFF-8482')
    expect(line?.need).toMatchObject({ nearPlug: 'SFF-8087', farEnds: 4 })
  })

  test('empty bays of a backplane get what is left over', () => {
    const half = removeParts(
      cabin,
      cabin.fitted.flatMap(({ id, bay }) => (bay && Number(bay.slice(4)) > 4 ? [id] : [])),
    )
    expect(cables(half)).toHaveLength(3)
    expect(wired(half).data.unreachedBays).toEqual([])
    // Six ports of the board: four for the drives, two for bays 5 and 6.
    expect(wired(without(half, 'controller')).data.unreachedBays).toEqual([7, 8, 9, 10, 11, 12])
  })
})

describe('what the builder fixes', () => {
  test('a plug stays where it is put, the others go round it', () => {
    const pinned = pinPort(cabin, 'plug-1-1', { hostId: 'controller-1', connector: 3 })
    expect(cables(pinned)).toEqual([
      'Sixteen:3 > plug-1-1',
      'Sixteen:1 > plug-1-2',
      'Sixteen:2 > plug-1-3',
    ])
    expect(wired(pinned).data.cables[0]?.pinned).toBe(true)
    expect(cables(dropPins(pinned))).toEqual(cables(cabin))
  })

  test('a drive goes to the board although the controller has room', () => {
    const pinned = pinPort(drawer, 'bay-1', { hostId: 'board-1', connector: 6 })
    const [id = ''] = drawer.fitted.flatMap((part) => (part.bay === 'bay-1' ? [part.id] : []))
    expect(hostOfDrive(pinned).get(id)).toBe('the board')
    expect(wired(pinned).data.ports.find(({ driveId }) => driveId === id)?.connector).toBe(6)
  })

  test('one that takes the place of another lets that one go; a fan-out has room for four', () => {
    const port = { hostId: 'controller-1', connector: 2 }
    const two = pinPort(pinPort(cabin, 'plug-1-1', port), 'plug-1-2', port)
    expect(two.paths.portPins.map(({ end }) => end)).toEqual(['plug-1-2'])
    const bays = ['bay-1', 'bay-2', 'bay-3', 'bay-4', 'bay-5']
    const five = bays.reduce((design, bay) => pinPort(design, bay, port, 4), drawer)
    expect(five.paths.portPins).toHaveLength(4)
    expect(pinPort(five, 'bay-5', null).paths.portPins).toHaveLength(3)
  })

  test('pins go with the parts they are on', () => {
    const pinned = pinPort(cabin, 'plug-1-1', { hostId: 'controller-1', connector: 3 })
    expect(removeParts(pinned, ['controller-1']).paths.portPins).toEqual([])
    expect(withPart(pinned, 'ashgrove-stack-8').paths.portPins).toEqual([])
  })

  test('a lead', () => {
    const pinned = pinLead(drawer, 'bay-1', 'peripheral-1')
    expect(wired(pinned).power?.feeds.find(({ end }) => end.id === 'bay-1')).toMatchObject({
      lead: { id: 'peripheral-1' },
      pinned: true,
    })
  })
})

describe('expanders and enclosures', () => {
  const bare = withParts(without(cabin, 'controller'), 'lockrow-eight', 'lockrow-span-24')

  test('an expander takes a plug of its controller, and all behind it share that link', () => {
    const { hosts, data } = wired(bare)
    const [controller, expander] = hosts
    expect(controller?.laneRates).toHaveLength(1)
    expect(expander).toMatchObject({ behindId: controller?.id })
    expect(expander?.laneRates).toHaveLength(5)
    expect(data.unreachedIds).toEqual([])
    const { links, drives } = topologyOf(bare, bayPlan(bare))
    const up = links.find(({ id }) => id.startsWith('expander-'))
    // Source: four lanes of SAS at 6 Gb/s, 600 MB/s each; from memory.
    expect(up?.bytesPerSecond).toBe(4 * 600e6)
    expect(drives.filter(({ links: way }) => way.includes(up?.id ?? ''))).not.toHaveLength(0)
  })

  test('an expander without a SAS controller gives no port', () => {
    const alone = withPart(without(cabin, 'controller'), 'lockrow-span-24')
    expect(wired(alone).hosts.map(({ name }) => name)).toEqual(['the board', 'USB of the board'])
  })

  const annex = withParts(cabin, 'pellworth-annex-12', 'lockrow-outward-8')
  const filled = putDrivesInBays(annex, demoPart('quillon-keep-12'), ['bay-13', 'bay-14'])

  test('drives in an enclosure share its cable to a controller with outside plugs', () => {
    const bays = bayPlan(filled)
    expect(bays.bays).toHaveLength(24)
    expect(wired(filled).data.unreachedIds).toEqual([])
    const { links, drives } = topologyOf(filled, bays)
    const cable = links.find(({ id }) => id.startsWith('cable-'))
    expect(cable).toMatchObject({ name: 'cable to Annex 2U-12', bytesPerSecond: 4 * 1_200e6 })
    expect(drives.filter(({ links: way }) => way.includes(cable?.id ?? ''))).toHaveLength(2)
  })

  test('inside plugs do not reach it', () => {
    const inside = removeParts(filled, ['controller-2'])
    expect(wired(inside).data.unreachedIds).toHaveLength(2)
  })

  test('one on USB hangs off the board', () => {
    const usb = putDrivesInBays(withPart(shelf, 'pellworth-annex-4'), demoPart('quillon-keep-12'), [
      'bay-5',
    ])
    expect(wired(usb).data.unreachedIds).toEqual([])
    expect(cables(usb)).toContain('USB of the board:1 > enclosure-1')
    expect(wired(usb).power?.feeds.map(({ end }) => end.id)).toEqual(['power-1-1', 'power-1-2'])
  })
})

describe('power leads', () => {
  test('plugs of a backplane are spread over the leads, with amperes of each', () => {
    const { power } = wired(cabin)
    expect(power?.unfed).toEqual([])
    expect(power?.leads.map(({ lead, driveIds }) => [lead.id, driveIds.length])).toEqual([
      ['sata-1', 0],
      ['peripheral-1', 6],
      ['peripheral-2', 6],
    ])
    const [feed] = power?.feeds ?? []
    // Two drives of 1.9 A; the four-pole plug carries 5 A.
    expect(feed?.startAmps).toBeCloseTo(3.8, 9)
    expect(feed?.ratedAmps).toBe(5)
  })

  test('adapters are wanted where SATA plugs run out, and those of the design are used first', () => {
    const lead = (document: DesignDocument) =>
      wired(document).power?.leads.find(({ lead: { id } }) => id === 'peripheral-1')
    expect(lead(drawer)).toMatchObject({ adaptersWanted: 2, onAdapters: 4 })
    expect(lead(withPart(drawer, 'tetherby-split-4'))).toMatchObject({ adaptersWanted: 0 })
  })

  test('members of a mirror hang on different leads', () => {
    const ids = driveIdsOf(drawer)
    const pairs = groupDrives(
      drawer,
      [0, 2, 4, 6].map((at) => ({ kind: 'mirror' as const, driveIds: ids.slice(at, at + 2) })),
    )
    for (const { driveIds } of wired(pairs).power?.leads ?? []) {
      for (const at of [0, 2, 4, 6]) {
        expect(ids.slice(at, at + 2).every((id) => driveIds.includes(id))).toBe(false)
      }
    }
  })

  test('what no lead feeds is told; without the plugs nothing is', () => {
    const brick = wired(withPart(drawer, 'emberlin-brick-120')).power
    expect(brick?.unfed).toHaveLength(6)
    expect(wired(withPart(drawer, 'emberlin-brick-450', { sataPlugs: null })).power).toBeNull()
    expect(wired(without(drawer, 'supply')).power).toBeNull()
  })
})

describe('cable list', () => {
  const linesOf = (document: DesignDocument) => cablesOf(document, bayPlan(document))

  test('the cables of the design are on it, the shortest that reaches first', () => {
    const lines = linesOf(cabin)
    expect(lines.map(({ from }) => from?.name)).toEqual(Array<string>(3).fill('Straight 43'))
    for (const { need } of lines) {
      expect(need.leastMm).toBeGreaterThan(300)
      expect(need.leastMm).toBeLessThanOrEqual(600)
      expect((need.leastMm ?? 0) % 50).toBe(0)
    }
  })

  test('length is the way along the walls, known only when places are', () => {
    const blind = withPart(cabin, 'pellworth-drystone-2u12', { boardAt: null })
    expect(linesOf(blind).map(({ need }) => need.leastMm)).toEqual([null, null, null])
  })

  test('what lies in the box of the controller serves its lines', () => {
    const kept = withPart(without(drawer, 'controller'), 'lockrow-kept-8')
    expect(linesOf(kept).map(({ from }) => from?.inBox)).toEqual([true, true])
  })

  test('a cable with turned plugs is no use where only straight ones fit', () => {
    const turned = withPart(drawer, 'tetherby-turn-50')
    expect(linesOf(turned).every(({ from }) => from === null)).toBe(true)
    const straight = withPart(drawer, 'tetherby-plain-50')
    expect(linesOf(straight).filter(({ from }) => from !== null)).toHaveLength(1)
  })
})
