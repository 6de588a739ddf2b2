import fc from 'fast-check'
import { demoDesign } from '../../fixtures/demo'
import { withPart, without } from '../../fixtures/ruleTable'
import type { M2Socket, SlotSharing } from '../catalogue/kinds/board'
import type { DesignDocument } from '../design/document'
import { drivePorts } from './drivePorts'
import { type M2Device, placeInM2 } from './m2Devices'
import { machineWeight } from './machineWeight'
import { powerPlugs } from './powerPlugs'
import { lossesOfSharing } from './sharedSlots'
import { slotsForCards } from './slotsForCards'

const shelf = demoDesign('warm-room-shelf')
const drawer = demoDesign('drawer-of-drives')
const withParts = (document: DesignDocument, ...slugs: string[]): DesignDocument =>
  slugs.reduce((design, slug) => withPart(design, slug), document)

describe('M.2 devices into sockets', () => {
  const key = fc.constantFrom<M2Socket['key'][]>('M', 'B', 'E', 'A')
  const socket: fc.Arbitrary<M2Socket> = fc.record({
    key,
    carries: fc.constantFrom('PCIe', 'SATA', 'both'),
    silencesSataPorts: fc.nat(3),
  })
  const device: fc.Arbitrary<M2Device> = fc.record({
    partId: fc.constant('x'),
    name: fc.constant('X'),
    speaks: fc.constantFrom('PCIe', 'SATA', null),
    keys: fc.option(fc.uniqueArray(key, { maxLength: 3 })),
  })
  const goesInto = (one: M2Device, into: M2Socket): boolean =>
    one.speaks !== null &&
    (one.keys ?? []).includes(into.key) &&
    (into.carries === 'both' || into.carries === one.speaks)

  /** The most devices that can be placed, and then the fewest ports silenced, by trying every order. */
  function best(sockets: M2Socket[], devices: M2Device[]): [placed: number, silenced: number] {
    const [first, ...rest] = devices
    if (!first) return [0, 0]
    const options = [best(sockets, rest)]
    sockets.forEach((into, index) => {
      if (!goesInto(first, into)) return
      const [placed, silenced] = best(sockets.toSpliced(index, 1), rest)
      options.push([placed + 1, silenced + into.silencesSataPorts])
    })
    return options.reduce((one, other) =>
      other[0] > one[0] || (other[0] === one[0] && other[1] < one[1]) ? other : one,
    )
  }

  test('as many as can be, with as few ports silenced as can be', () => {
    const some = fc.array(socket, { maxLength: 4 })
    fc.assert(
      fc.property(some, fc.array(device, { maxLength: 4 }), (sockets, devices) => {
        const { socketOf, silencedSataPorts } = placeInM2(sockets, devices)
        const used = socketOf.flatMap((at) => (at === null ? [] : [at]))
        expect(new Set(used).size).toBe(used.length)
        socketOf.forEach((at, index) => {
          const [one, into] = [devices[index], at === null ? undefined : sockets[at]]
          if (one && into) expect(goesInto(one, into)).toBe(true)
        })
        expect(used.reduce((sum, at) => sum + (sockets[at]?.silencesSataPorts ?? 0), 0)).toBe(
          silencedSataPorts,
        )
        if (devices.length <= sockets.length + 1) {
          expect([used.length, silencedSataPorts]).toEqual(best(sockets, devices))
        }
      }),
      { numRuns: 400 },
    )
  })

  test('far more devices than sockets are placed without trying for ever', () => {
    const socketM: M2Socket = { key: 'M', carries: 'PCIe', silencesSataPorts: 0 }
    const drive: M2Device = { partId: 'a', name: 'A', speaks: 'PCIe', keys: ['M'] }
    const { socketOf } = placeInM2([socketM, socketM], Array<M2Device>(60).fill(drive))
    expect(socketOf).toHaveLength(60)
    expect(socketOf.filter((at) => at !== null)).toHaveLength(2)
  })
})

describe('slots that share lanes', () => {
  const slots = [16, 1, 16, 4].map((physicalLanes) => ({ physicalLanes, openEnd: false }))
  const sharing: SlotSharing[] = [
    { inUse: 'slot-2', loses: 'slot-3', lanesLeft: 2 },
    { inUse: 'm2-1', loses: 'slot-4', lanesLeft: 0 },
  ]

  test('nothing is lost while there is a choice that avoids it', () => {
    expect(lossesOfSharing(slots, [8], sharing, [])).toEqual([])
    expect(lossesOfSharing(slots, [8, 8], sharing, [])).toEqual([])
    expect(lossesOfSharing(slots, [8, 4], sharing, ['m2-1'])).toEqual([])
  })

  test('what cannot be avoided is told', () => {
    expect(lossesOfSharing(slots, [8, 8, 1], sharing, ['m2-1'])).toEqual([sharing[0]])
    expect(lossesOfSharing(slots, [8, 8, 1], sharing, [])).toEqual([])
    expect(lossesOfSharing(slots, [8, 8, 4, 1], sharing, ['m2-1'])).toEqual(sharing)
  })

  test('never more than the losses of the first choice that takes all cards', () => {
    const place = fc.constantFrom('slot-1', 'slot-2', 'slot-3', 'slot-4')
    const rule: fc.Arbitrary<SlotSharing> = fc.record({
      inUse: place,
      loses: place,
      lanesLeft: fc.nat(8),
    })
    const edges = fc.array(fc.constantFrom(1, 4, 8, 16), { minLength: 1, maxLength: 4 })
    fc.assert(
      fc.property(fc.array(rule, { maxLength: 4 }), edges, (rules, lanes) => {
        if (slotsForCards(slots, lanes).length > 0) return
        const lost = lossesOfSharing(slots, lanes, rules, [])
        expect(lost.every((one) => rules.includes(one))).toBe(true)
        if (lanes.length === slots.length) {
          expect(lost).toEqual(rules)
        }
      }),
    )
  })
})

describe('ports for drives', () => {
  test('an expander adds its ports less its own link, and nothing without a SAS controller', () => {
    const alone = withPart(shelf, 'lockrow-span-24')
    expect(drivePorts(alone)).toMatchObject({ board: 4, controllers: 0 })
    expect(drivePorts(withPart(alone, 'lockrow-eight')).controllers).toBe(8 + 24 - 4)
  })

  test('boot devices count by where they are attached', () => {
    const boots = withParts(shelf, 'quillon-spark-120', 'quillon-spark-250m', 'quillon-stub-32')
    expect(drivePorts(boots)).toMatchObject({ board: 4, boot: 1 })
  })

  test('without a board there is nothing', () => {
    expect(drivePorts(without(shelf, 'board'))).toEqual({
      board: 0,
      silenced: 0,
      controllers: 0,
      boot: 0,
    })
  })
})

describe('power plugs', () => {
  test('an adapter turns one peripheral plug into four', () => {
    expect(powerPlugs(drawer)).toEqual({ 'SATA power': 4, 'peripheral power': 4 })
    expect(powerPlugs(withPart(drawer, 'tetherby-split-4'))).toEqual({
      'SATA power': 8,
      'peripheral power': 3,
    })
  })

  test('one that finds no plug adds nothing, and data cables never do', () => {
    const brick = withPart(drawer, 'emberlin-brick-120')
    expect(powerPlugs(withParts(brick, 'tetherby-split-4', 'tetherby-plain-50'))).toEqual({
      'SATA power': 2,
      'peripheral power': 0,
    })
  })

  test('without a supply, or without its numbers, nobody knows', () => {
    expect(powerPlugs(without(drawer, 'supply'))).toBeNull()
    expect(powerPlugs(withPart(drawer, 'emberlin-brick-450', { sataPlugs: null }))).toBeNull()
  })
})

describe('weight', () => {
  test('what stands beside the machine is not lifted with it', () => {
    const alone = machineWeight(shelf).grams
    const beside = withParts(shelf, 'stillwater-dam-1200', 'pellworth-annex-4')
    expect(machineWeight(beside).grams).toBe(alone)
  })

  test('a part without a weight is named, not counted as nothing', () => {
    const { grams, notKnownPartIds } = machineWeight(
      withPart(shelf, 'hollin-flat-47', { weightGrams: null }),
    )
    expect(grams).toBeLessThan(machineWeight(shelf).grams)
    expect(notKnownPartIds).toHaveLength(1)
  })
})
