import { demoDesign } from '../../fixtures/demo'
import { withPart } from '../../fixtures/ruleTable'
import type { Design } from '../design/design'
import { changeBrief } from '../design/edits/changeFields'
import { putReader, usePort } from '../design/edits/changeNetwork'
import { groupDrives } from '../design/edits/groupDrives'
import { type NetworkPortRef, newReader, type Reader } from '../design/readers'
import { evaluate } from '../evaluate'
import { portUses } from '../machine/portUses'
import { resolveMachine } from '../machine/resolveMachine'
import { formatterFor } from '../units/formatter'
import { readerCable } from './readerCable'
import { readerFigures } from './readerFigures'
import { readerSentence } from './readerSentence'
import { readersNow } from './readersNow'
import { scenarioRates } from './scenarioRates'
import { NO_CHOICE } from './scenarios/scenario'
import { readers as readersScenario } from './scenarios/readers'

const MB = 1e6
const format = formatterFor('en')
/** A board port of 1 Gb/s, one of a card with four of 1 Gb/s, and one of a card with 10 Gb/s. */
const cabin = changeBrief(demoDesign('cabin-archive'), { readers: [], readersAtOnce: 0 })
const four = withPart(cabin, 'wickmere-four')
const ten = withPart(cabin, 'wickmere-ten')

const reader = (id: string, change: Partial<Reader> = {}): Reader => ({
  ...newReader(id, id),
  ...change,
})
const withReaders = (design: Design, ...readers: Reader[]): Design =>
  readers.reduce(putReader, design)
const figures = (design: Design) => readerFigures(design, resolveMachine(design))
const joinedOf = (design: Design): string[] => {
  const { joined } = portUses(resolveMachine(design).networkPaths, design.network)
  return joined.map(({ port }) => `${port.partId} ${port.number}`)
}
const board: NetworkPortRef = { pieceId: 'board-1', number: 1 }

describe('what ports are for', () => {
  test('the equal ports of one piece are joined by themselves, and never with another piece', () => {
    expect(joinedOf(four)).toEqual(['nic-1 1', 'nic-1 2', 'nic-1 3', 'nic-1 4'])
    expect(joinedOf(ten)).toEqual(['nic-1 1'])
    expect(joinedOf(cabin)).toEqual(['board-1 1'])
  })

  test('by choice those of the board too, but never unlike ones', () => {
    const all = [1, 2, 3, 4].reduce(
      (design, number) => usePort(design, { pieceId: 'nic-1', number }, 'joined'),
      usePort(four, board, 'joined'),
    )
    expect(joinedOf(all)).toHaveLength(5)
    const unlike = usePort(usePort(ten, board, 'joined'), { pieceId: 'nic-1', number: 1 }, 'joined')
    const uses = portUses(resolveMachine(unlike).networkPaths, unlike.network)
    expect(uses.joined.map(({ port }) => port.bitsPerSecond)).toEqual([10e9])
    expect(uses.unlike.map(({ port }) => port.partId)).toEqual(['board-1'])
  })

  test('a port that is for a cable of its own is in no bundle', () => {
    const direct = usePort(four, { pieceId: 'nic-1', number: 2 }, 'direct')
    expect(joinedOf(direct)).toEqual(['nic-1 1', 'nic-1 3', 'nic-1 4'])
    expect(joinedOf(usePort(direct, { pieceId: 'nic-1', number: 2 }, null))).toHaveLength(4)
  })
})

describe('readers with links of their own', () => {
  test('the slower end holds back and is named', () => {
    const [desk, radio, quick] = figures(
      withReaders(
        ten,
        reader('desk', { bitsPerSecond: 2.5e9 }),
        reader('radio', { way: 'Wi-Fi', bitsPerSecond: 400e6 }),
        reader('quick', { bitsPerSecond: 25e9 }),
      ),
    )
    // By hand: 2.5 Gb/s carry 296.6 MB/s of TCP, of which a copy sees 96 %; of Wi-Fi 400 Mb/s are 50 MB/s.
    expect((desk?.aloneBytesPerSecond ?? 0) / MB).toBeCloseTo(284.8, 1)
    expect(desk?.heldBackBy).toMatchObject({ kind: 'reader', name: 'network port of desk' })
    expect((radio?.aloneBytesPerSecond ?? 0) / MB).toBeCloseTo(50, 6)
    expect(quick?.heldBackBy?.kind).toBe('network')
    expect((quick?.aloneBytesPerSecond ?? 0) / MB).toBeCloseTo(1_139.1, 0)
  })

  test('a cable of its own takes a port that nothing else uses, and none is left for a second', () => {
    const direct = (id: string): Reader => reader(id, { way: 'direct', bitsPerSecond: 10e9 })
    const [first, second] = figures(withReaders(ten, direct('one'), direct('two')))
    expect(first?.path?.port.partId).toBe('board-1')
    expect(second?.path).toBeNull()
    expect(second?.aloneBytesPerSecond).toBe(0)
    expect(second?.togetherBytesPerSecond).toBe(0)
    expect(second && readerSentence(second, format)).toBe('No network port is left for its cable.')
    const [said] = figures(withReaders(ten, reader('one', { way: 'direct', port: board })))
    expect(said?.path?.port.partId).toBe('board-1')
  })

  test('one sentence says what it gets, through what, and what the pool could give', () => {
    const [desk] = figures(withReaders(cabin, reader('desk', { bitsPerSecond: 10e9 })))
    // Eight data drives of 250 MB/s.
    expect(desk && readerSentence(desk, format)).toBe(
      'Alone 114 MB/s, limited by the network port of Middle M (1 Gb/s); the pool could give 2,000 MB/s.',
    )
    const through = (bitsPerSecond: number): string =>
      desk?.path
        ? readerSentence(
            { ...desk, path: { ...desk.path, port: { ...desk.path.port, bitsPerSecond } } },
            format,
          )
        : ''
    expect(through(100e6)).toContain('(100 Mb/s)')
    expect(through(2.5e9)).toContain('(2.5 Gb/s)')
    expect(through(25.03e9)).toContain('(25 Gb/s)')
    const alone = (aloneBytesPerSecond: number): string =>
      desk ? readerSentence({ ...desk, aloneBytesPerSecond }, format) : ''
    expect(alone(0)).toContain('Nothing can be read yet')
    expect(alone(1)).not.toContain('Nothing can be read yet')
    const [quick] = figures(
      withReaders({ ...ten, pools: [] }, reader('desk', { bitsPerSecond: 10e9 })),
    )
    expect(quick && readerSentence(quick, format)).toContain('Nothing can be read yet')
  })

  test('the brief, the ways and each reader say the same', () => {
    for (const count of [1, 2, 3, 4, 8]) {
      for (const design of [cabin, four, ten]) {
        const machine = resolveMachine(design)
        const choice = { ...NO_CHOICE, readers: count }
        const { bytesPerSecond, flows } = scenarioRates(design, machine, readersScenario, choice)
        const now = readersNow(design, machine, count).readers.map((one) => one.bytesPerSecond)
        expect(now.reduce((sum, rate) => sum + rate, 0)).toBeCloseTo(bytesPerSecond, 3)
        const [slowest] = flows
        expect(Math.min(...now)).toBe(slowest?.bytesPerSecond)
        const each = readerFigures(design, machine, count)
        expect(each.map(({ togetherBytesPerSecond }) => togetherBytesPerSecond)).toEqual(now)
      }
    }
  })

  test('boards and cards that do not give their ports are named', () => {
    const missingOf = (design: Design) => readersNow(design, resolveMachine(design), 1).missing
    expect(missingOf(ten)).toEqual([])
    const open = withPart(ten, 'tindrel-middle-m', { networkPorts: null })
    expect(missingOf(open)).toEqual([{ pieceId: 'board-1', field: 'networkPorts' }])
    const silent = withPart(cabin, 'wickmere-ten', { bitsPerSecond: null })
    expect(missingOf(silent)).toEqual([{ pieceId: 'nic-1', field: 'bitsPerSecond' }])
  })

  test('nobody gets more for one more who reads, and all together never less', () => {
    const rates = [1, 2, 4, 8, 16].map((count) => {
      const now = readersNow(four, resolveMachine(four), count).readers
      const each = now.map(({ bytesPerSecond }) => bytesPerSecond)
      return { least: Math.min(...each), sum: each.reduce((sum, rate) => sum + rate, 0) }
    })
    for (const [at, { least, sum }] of rates.entries()) {
      const before = rates[at - 1] ?? { least: Infinity, sum: 0 }
      expect(least).toBeLessThanOrEqual(before.least * (1 + 1e-9))
      expect(sum).toBeGreaterThanOrEqual(before.sum * (1 - 1e-9))
    }
  })

  test('through a card that moves less than its port, and from a pool that gives less still', () => {
    const limitOf = (design: Design, wanted: number) => {
      const asked = changeBrief(design, { readersAtOnce: 1, readerBytesPerSecond: wanted })
      return evaluate(asked).limits.find(({ id }) => id === 'readers')?.status
    }
    // One lane of the second generation, 400 MB/s, of which a copy sees 96 %: 384 MB/s.
    const card = withPart(cabin, 'wickmere-ten', { lanes: 1, pcieGeneration: 2 })
    expect(limitOf(card, 380 * MB)).toBe('kept')
    expect(limitOf(card, 390 * MB)).toBe('missed')
    // Port and card carry 1,139 MB/s, two drives that hold the same 500.
    const group = { kind: 'mirror' as const, driveIds: ['drive-1', 'drive-2'] }
    const mirror = groupDrives({ ...ten, pools: [] }, [group])
    expect(limitOf(mirror, 250 * MB)).toBe('kept')
    expect(limitOf(mirror, 1_100 * MB)).toBe('missed')
  })
})

describe('the cable of a reader', () => {
  const cableOf = (design: Design) => {
    const [first] = figures(design)
    return first ? readerCable(first, resolveMachine(design)) : null
  }
  const desk = (change: Partial<Reader>) => reader('desk', { bitsPerSecond: 10e9, ...change })

  test('goes to the port of the machine, or to the slowest port of the switch that is quick enough', () => {
    const direct = desk({ way: 'direct', port: { pieceId: 'nic-1', number: 1 }, metres: 60 })
    expect(cableOf(withReaders(ten, direct))).toMatchObject({
      plug: 'RJ45',
      medium: { words: 'copper, category 6A', longestMetres: 100 },
    })
    const over = withReaders(withPart(ten, 'wickmere-dock-8-two'), desk({ metres: 5 }))
    expect(cableOf(over)).toMatchObject({
      plug: 'SFP+',
      medium: { words: 'a direct-attach cable', longestMetres: 7 },
    })
    const wide = { bitsPerSecond: 25e9, plug: 'SFP28', count: 1, powered: false }
    const quick = { ...wide, bitsPerSecond: 10e9, plug: 'SFP+' }
    for (const ports of [
      [wide, quick],
      [quick, wide],
    ]) {
      const both = withPart(ten, 'wickmere-dock-8-two', { ports })
      expect(cableOf(withReaders(both, desk({ metres: 5 })))).toMatchObject({ plug: 'SFP+' })
    }
    const slower = withReaders(over, desk({ bitsPerSecond: 1e9, metres: 99 }))
    expect(cableOf(slower)).toMatchObject({ plug: 'RJ45', medium: { longestMetres: 100 } })
  })

  test('is not known without a switch in the design, and none is made beyond what is specified', () => {
    expect(cableOf(withReaders(ten, desk({ metres: 5 })))).toMatchObject({ plug: null })
    const far = desk({ way: 'direct', port: { pieceId: 'nic-1', number: 1 }, metres: 101 })
    expect(cableOf(withReaders(ten, far))).toMatchObject({ plug: 'RJ45', medium: null })
    expect(cableOf(withReaders(ten, desk({ metres: null })))).toBeNull()
    expect(cableOf(withReaders(ten, desk({ way: 'Wi-Fi', metres: 5 })))).toBeNull()
  })
})
