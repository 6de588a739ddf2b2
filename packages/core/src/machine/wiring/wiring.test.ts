import { demoDesign, demoPart } from '../../../fixtures/demo'
import { driveIdsOf, withPart, without } from '../../../fixtures/ruleTable'
import type { Design } from '../../design/design'
import { groupDrives } from '../../design/edits/groupDrives'
import { bayIdOf, sameEnd, sameLead, type WiringEnd } from '../../design/pathChoices'
import { dropPins, keepMembers, pinLead, pinPort } from '../../design/edits/pinPaths'
import { putDrivesInBays } from '../../design/edits/putDrivesInBays'
import { removeParts } from '../../design/edits/removeParts'
import { cableWords } from './cableWords'
import type { Machine } from '../machine'
import { resolveMachine } from '../resolveMachine'
import type { CableLine } from './cableList'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')
const drawer = demoDesign('drawer-of-drives')

const wired = (design: Design): Machine['wiring'] => resolveMachine(design).wiring
const linesOf = (design: Design): CableLine[] => resolveMachine(design).cables.lines
const withParts = (design: Design, ...slugs: string[]): Design =>
  slugs.reduce((design, slug) => withPart(design, slug), design)

const inCase = (number: number): string => bayIdOf('chassis-1', number)
const atBay = (number: number): WiringEnd => ({ bay: inCase(number) })
const atPlug = (plug: number): WiringEnd => {
  return { backplane: { pieceId: 'chassis-1', block: 1, plug } }
}
const endWord = (end: WiringEnd): string => {
  if ('bay' in end) return end.bay
  if ('piece' in end) return end.piece
  return `plug ${end.backplane.plug}`
}
const nameOfHosts = ({ data }: Machine['wiring']): Map<string, string> =>
  new Map(data.hosts.map(({ id, name }) => [id, name]))

/** Each cable as "Sixteen:1 > plug 1". */
function cables(design: Design): string[] {
  const wiring = wired(design)
  const names = nameOfHosts(wiring)
  return wiring.data.cables.map(
    ({ hostId, connectors, ends }) =>
      `${names.get(hostId) ?? ''}:${connectors.join('+')} > ${ends.map(({ ref }) => endWord(ref)).join(' ')}`,
  )
}
function hostOfDrive(design: Design): Map<string, string> {
  const wiring = wired(design)
  const names = nameOfHosts(wiring)
  const hostOf = new Map(wiring.data.cables.map(({ id, hostId }) => [id, names.get(hostId) ?? '']))
  return new Map(
    wiring.data.ports.map(({ driveId, cableId }) => [driveId, hostOf.get(cableId) ?? '']),
  )
}
const cablesAt = (design: Design, host: string) => {
  const wiring = wired(design)
  const names = nameOfHosts(wiring)
  return wiring.data.cables.filter(({ hostId }) => names.get(hostId) === host)
}

describe('data cables', () => {
  test('a plug of the controller to each plug of the backplane', () => {
    expect(cables(cabin)).toEqual([
      'Sixteen:1 > plug 1',
      'Sixteen:2 > plug 2',
      'Sixteen:3 > plug 3',
    ])
    const { free, unreachedIds, couldBeBetter } = wired(cabin).data
    expect(unreachedIds).toEqual([])
    expect(couldBeBetter).toBeNull()
    expect(free[0]).toMatchObject({
      hostId: cablesAt(cabin, 'Sixteen')[0]?.hostId,
      connectors: [4],
    })
  })

  // Common practice, no source: eight drives on the controller, the ninth on the board.
  test('what the controller does not take hangs off the board', () => {
    const hosts = [...hostOfDrive(drawer).values()]
    expect(hosts.filter((name) => name === 'Six')).toHaveLength(6)
    expect(hosts.filter((name) => name === 'the board')).toHaveLength(2)
  })

  test('four bare drives share a fan-out, members of a set on different ones', () => {
    const eight = withPart(without(drawer, 'controller'), 'lockrow-eight')
    const fans = cablesAt(eight, 'Eight')
    expect(fans.map(({ ends }) => ends.length)).toEqual([4, 4])
    const pairs = groupDrives(
      eight,
      [0, 2, 4, 6].map((at) => ({
        kind: 'mirror' as const,
        driveIds: driveIdsOf(eight).slice(at, at + 2),
      })),
    )
    const pairOf = (driveId = ''): number => Math.floor(driveIdsOf(eight).indexOf(driveId) / 2)
    for (const { ends } of cablesAt(pairs, 'Eight')) {
      const pairsOn = ends.map(({ drives }) => pairOf(drives[0]?.id))
      expect(new Set(pairsOn).size).toBe(pairsOn.length)
    }
  })

  test('mirrors go over controller and board, and stay together on demand', () => {
    const ids = driveIdsOf(drawer)
    const pair = groupDrives(drawer, [{ kind: 'mirror', driveIds: ids.slice(0, 2) }])
    const hostsOf = (design: Design): (string | undefined)[] =>
      ids.slice(0, 2).map((id) => hostOfDrive(design).get(id))
    expect(new Set(hostsOf(pair)).size).toBe(2)
    expect(new Set(hostsOf(keepMembers(pair, 'together'))).size).toBe(1)
  })

  test('four ports of the board feed a plug of four, and what is left feeds a part', () => {
    const board = without(cabin, 'controller')
    // Two groups of six: bays 5 to 8 have two of each, so losing that cable loses neither.
    expect(cables(board)).toEqual(['the board:1+2+3+4 > plug 2', 'the board:5+6 > plug 1'])
    expect(wired(board).data.unreachedIds).toHaveLength(6)
    expect(linesOf(board).map(({ need }) => cableWords(need))[0]).toBe(
      '4 SATA to SFF-8643, wired board to backplane',
    )
  })

  test('a boot device has the slowest port of the board', () => {
    const unequal = withPart(shelf, 'tindrel-plain-itx', {
      sataPorts: 6,
      sataGenerations: [3, 3, 2, 2, 2, 1],
    })
    const booted = withPart(unequal, 'quillon-spark-120')
    const [boot] = wired(booted).data.cables.filter(({ ends: [end] }) => end && 'piece' in end.ref)
    expect(boot?.connectors).toEqual([6])
    expect(cablesAt(booted, 'the board').map(({ id }) => id)).toContain(boot?.id)
  })

  test('a SAS drive wants a controller that speaks it', () => {
    const sas = putDrivesInBays(drawer, demoPart('quillon-keep-18-sas'), [inCase(1)])
    const [driveId = ''] = sas.fitted.flatMap(({ id, bay }) => (bay === inCase(1) ? [id] : []))
    expect(wired(sas).data.unreachedIds).toEqual([driveId])
    const eight = withPart(sas, 'lockrow-eight')
    expect(hostOfDrive(eight).get(driveId)).toBe('Eight')
    const [line] = linesOf(eight).filter(({ need }) => need.farPlug === 'SFF-8482')
    expect(line?.need).toMatchObject({ nearPlug: 'SFF-8087', farEnds: 4 })
  })

  test('empty bays of a backplane get what is left over', () => {
    const half = removeParts(cabin, driveIdsOf(cabin).slice(4))
    expect(cables(half)).toHaveLength(3)
    expect(wired(half).data.unreachedBays).toEqual([])
    // Six ports of the board: four for the drives, two for bays 5 and 6.
    expect(wired(without(half, 'controller')).data.unreachedBays.toSorted()).toEqual(
      [7, 8, 9, 10, 11, 12].map(inCase).toSorted(),
    )
  })
})

describe('what the builder fixes', () => {
  test('a plug stays where it is put, the others go round it', () => {
    const pinned = pinPort(cabin, atPlug(1), {
      pieceId: 'controller-1',
      plug: 'SFF-8643',
      connector: 3,
    })
    expect(cables(pinned)).toEqual([
      'Sixteen:3 > plug 1',
      'Sixteen:1 > plug 2',
      'Sixteen:2 > plug 3',
    ])
    expect(wired(pinned).data.cables[0]?.pinned).toBe(true)
    expect(cables(dropPins(pinned))).toEqual(cables(cabin))
  })

  test('a drive goes to the board although the controller has room', () => {
    const pinned = pinPort(drawer, atBay(1), { pieceId: 'board-1', plug: 'SATA', connector: 6 })
    const [id = ''] = drawer.fitted.flatMap((part) => (part.bay === inCase(1) ? [part.id] : []))
    expect(hostOfDrive(pinned).get(id)).toBe('the board')
    expect(wired(pinned).data.ports.find(({ driveId }) => driveId === id)?.connector).toBe(6)
  })

  test('one that takes the place of another lets that one go; a fan-out has room for four', () => {
    const port = { pieceId: 'controller-1', plug: 'SFF-8643', connector: 2 } as const
    const two = pinPort(pinPort(cabin, atPlug(1), port), atPlug(2), port)
    expect(two.paths.portPins.map(({ end }) => end)).toEqual([atPlug(2)])
    const five = [1, 2, 3, 4, 5].reduce(
      (design, bay) => pinPort(design, atBay(bay), port, 4),
      drawer,
    )
    expect(five.paths.portPins).toHaveLength(4)
    expect(pinPort(five, atBay(5), null).paths.portPins).toHaveLength(3)
  })

  test('pins go with the parts they are on', () => {
    const pinned = pinPort(cabin, atPlug(1), {
      pieceId: 'controller-1',
      plug: 'SFF-8643',
      connector: 3,
    })
    expect(removeParts(pinned, ['controller-1']).paths.portPins).toEqual([])
    expect(withPart(pinned, 'ashgrove-stack-8').paths.portPins).toEqual([])
  })

  test('a lead', () => {
    const lead = { supplyId: 'supply-1', plug: 'peripheral power', number: 1 } as const
    const { power } = wired(pinLead(drawer, atBay(1), lead))
    const [key] =
      power?.leads.flatMap(({ lead: { ref, key } }) => (sameLead(ref, lead) ? [key] : [])) ?? []
    expect(power?.feeds.find(({ end }) => sameEnd(end.ref, atBay(1)))).toMatchObject({
      leadKey: key,
      pinned: true,
    })
  })
})

describe('expanders and enclosures', () => {
  const bare = withParts(without(cabin, 'controller'), 'lockrow-eight', 'lockrow-span-24')

  test('an expander takes a plug of its controller, and all behind it share that link', () => {
    const { data } = wired(bare)
    const [controller, expander] = data.hosts
    expect(controller?.laneRates).toHaveLength(1)
    expect(expander).toMatchObject({ behindId: controller?.id })
    expect(expander?.laneRates).toHaveLength(5)
    expect(data.unreachedIds).toEqual([])
    const { links, drivePaths } = resolveMachine(bare)
    const up = links.find(({ kind }) => kind === 'expander')
    // Source: four lanes of SAS at 6 Gb/s, 600 MB/s each; from memory.
    expect(up?.bytesPerSecond).toBe(4 * 600e6)
    expect(drivePaths.filter(({ links: way }) => way.includes(up?.id ?? ''))).not.toHaveLength(0)
  })

  test('an expander without a SAS controller gives no port', () => {
    const alone = withPart(without(cabin, 'controller'), 'lockrow-span-24')
    expect(wired(alone).data.hosts.map(({ name }) => name)).toEqual([
      'the board',
      'USB of the board',
    ])
  })

  const annex = withParts(cabin, 'pellworth-annex-12', 'lockrow-outward-8')
  const filled = putDrivesInBays(annex, demoPart('quillon-keep-12'), [
    bayIdOf('enclosure-1', 1),
    bayIdOf('enclosure-1', 2),
  ])

  test('drives in an enclosure share its cable to a controller with outside plugs', () => {
    const { bays, links, drivePaths, wiring } = resolveMachine(filled)
    expect(bays).toHaveLength(24)
    expect(wiring.data.unreachedIds).toEqual([])
    const cable = links.find(({ kind }) => kind === 'cable')
    expect(cable).toMatchObject({ name: 'cable to Annex 2U-12', bytesPerSecond: 4 * 1_200e6 })
    expect(drivePaths.filter(({ links: way }) => way.includes(cable?.id ?? ''))).toHaveLength(2)
  })

  test('inside plugs do not reach it', () => {
    const inside = removeParts(filled, ['controller-2'])
    expect(wired(inside).data.unreachedIds).toHaveLength(2)
  })

  test('one on USB hangs off the board', () => {
    const usb = putDrivesInBays(withPart(shelf, 'pellworth-annex-4'), demoPart('quillon-keep-12'), [
      bayIdOf('enclosure-1', 1),
    ])
    expect(wired(usb).data.unreachedIds).toEqual([])
    expect(cables(usb)).toContain('USB of the board:1 > enclosure-1')
    expect(wired(usb).power?.feeds.map(({ end }) => endWord(end.ref))).toEqual(['plug 1', 'plug 2'])
  })
})

describe('power leads', () => {
  test('plugs of a backplane are spread over the leads, with amperes of each', () => {
    const { power } = wired(cabin)
    expect(power?.unfed).toEqual([])
    expect(power?.leads.map(({ lead, driveIds }) => [lead.plug, driveIds.length])).toEqual([
      ['SATA power', 0],
      ['peripheral power', 6],
      ['peripheral power', 6],
    ])
    const [feed] = power?.feeds ?? []
    // Two drives of 1.9 A; the four-pole plug carries 5 A.
    expect(feed?.startAmps).toBeCloseTo(3.8, 9)
    expect(feed?.ratedAmps).toBe(5)
  })

  test('adapters are wanted where SATA plugs run out, and those of the design are used first', () => {
    const adapters = (design: Design) =>
      (wired(design).power?.leads ?? [])
        .filter(({ lead }) => lead.plug === 'peripheral power')
        .flatMap(({ adapters: used }) => used.map(({ adapter }) => adapter.partId))
    expect(adapters(drawer)).toEqual([null, null])
    const split = withPart(drawer, 'tetherby-split-4')
    expect(adapters(split)).toEqual(['cable-1'])
  })

  test('plugs of the supply are used up before adapters, even where an adapter would save a fatal lead', () => {
    const four = removeParts(drawer, driveIdsOf(drawer).slice(4))
    const supply = { sataPlugs: 6, sataLeads: 2, peripheralPlugs: 2, peripheralLeads: 1 }
    const { power } = wired(withPart(four, 'emberlin-brick-450', supply))
    expect(power?.unfed).toEqual([])
    expect(power?.feeds.map(({ adapter }) => adapter)).toEqual([null, null, null, null])
  })

  test('an adapter to buy makes two plugs, as many as its four-pole plug carries', () => {
    const used = wired(drawer).power?.leads.flatMap(({ adapters }) =>
      adapters.map(({ plugsUsed, ratedAmps }) => [plugsUsed, ratedAmps]),
    )
    expect(used).toEqual([
      [2, 5],
      [2, 5],
    ])
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
