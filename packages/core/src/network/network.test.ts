import { demoDesign } from '../../fixtures/demo'
import { withPart, without } from '../../fixtures/ruleTable'
import { bundleRates } from './bundleRates'
import { expectedLinks } from './expectedLinks'
import { copyTimes } from './copyTimes'
import type { Design } from '../design/design'
import { type NetworkPort, networkPorts } from '../machine/networkPorts'
import { resolveMachine } from '../machine/resolveMachine'

const MB = 1e6
const shelf = demoDesign('warm-room-shelf')
const portsOf = (design: Design): NetworkPort[] => networkPorts(resolveMachine(design).ofKind)

test('ports of board and cards, the quickest first, each with a name of its own', () => {
  const ports = portsOf(withPart(withPart(shelf, 'wickmere-four'), 'wickmere-ten'))
  expect(ports[0]).toMatchObject({ bitsPerSecond: 10e9, model: 'Ten', plug: 'RJ45' })
  expect(new Set(ports.map(({ id }) => id)).size).toBe(ports.length)
  expect(portsOf(without(shelf, 'board'))).toEqual([])
})

describe('joined links', () => {
  // Counted by hand: two flows on two links meet in two of four ways, so 1.5 links are used.
  test('two flows over two links', () => {
    expect(expectedLinks(2, 2)).toBeCloseTo(1.5, 12)
    expect(expectedLinks(1, 7)).toBe(1)
    expect(expectedLinks(4, 1)).toBeCloseTo(1, 12)
  })

  test('against every way in which flows can fall on links', () => {
    for (const links of [2, 3, 4]) {
      for (const flows of [1, 2, 3, 4, 5]) {
        let used = 0
        for (let way = 0; way < links ** flows; way += 1) {
          const hit = Array.from(
            { length: flows },
            (_, at) => Math.floor(way / links ** at) % links,
          )
          used += new Set(hit).size
        }
        expect(expectedLinks(links, flows)).toBeCloseTo(used / links ** flows, 12)
      }
    }
  })

  // Common practice, no source: four links of 1 Gb/s gave four clients 105, 111, 87 and 77 MB/s at once, 380 together,
  // and never one client more than one link.
  test('four readers over four gigabit links lie between the average and the best', () => {
    const link = copyTimes(1, Infinity)[0]?.bytesPerSecond ?? 0
    const four = bundleRates(4, 4, link)
    const seen = (105 + 111 + 87 + 77) * MB
    expect(seen).toBeGreaterThan(four.expectedBytesPerSecond)
    expect(seen).toBeLessThan(four.bestBytesPerSecond)
    expect(four.oneBytesPerSecond).toBe(link)
    expect(four.worstBytesPerSecond).toBe(link)
    expect(bundleRates(1, 4, link).bestBytesPerSecond).toBe(link)
  })

  test('when one of them fails, the others go on', () => {
    // By hand: four flows on three links hit 3 × (1 − (2/3)⁴) = 2.407 of them.
    expect(bundleRates(4, 4, 1).afterOneFailsBytesPerSecond).toBeCloseTo(2.407, 3)
    expect(bundleRates(1, 4, 1).afterOneFailsBytesPerSecond).toBe(0)
  })

  test('the machine may give less than the links', () => {
    expect(bundleRates(4, 4, 100 * MB, 150 * MB)).toMatchObject({
      oneBytesPerSecond: 100 * MB,
      bestBytesPerSecond: 150 * MB,
    })
  })
})

describe('copy times', () => {
  test('a project of 100 GB over each speed', () => {
    const times = copyTimes(100e9, Infinity)
    // Common practice, no source: 113 to 114 MB/s over gigabit; 2.5 Gb/s is 312 MB/s on the wire.
    expect((times[0]?.bytesPerSecond ?? 0) / MB).toBeGreaterThan(113)
    expect((times[0]?.bytesPerSecond ?? 0) / MB).toBeLessThan(114)
    expect((times[1]?.bytesPerSecond ?? 0) / MB).toBeLessThan(312)
    expect((times[0]?.seconds ?? 0) / 60).toBeCloseTo(14.6, 1)
    expect(times.some(({ heldByMachine }) => heldByMachine)).toBe(false)
  })

  // Common practice, no source: a SATA SSD reads about 545 MB/s, so 1 and 2.5 Gb/s hold it back.
  test('one quick drive is held back by slow links', () => {
    const held = copyTimes(1e9, 545 * MB).map(({ heldByMachine }) => heldByMachine)
    // 5 Gb/s moves 570 in a file copy, a little more than the drive.
    expect(held).toEqual([false, false, true, true, true])
  })

  test('large packets bring a few hundredths', () => {
    const [usual] = copyTimes(1e9, Infinity)
    const [jumbo] = copyTimes(1e9, Infinity, 9_000)
    // Source: IEEE 802.3 and RFC 791, 793 (from memory): 8,960 of 9,038 against 1,460 of 1,538.
    expect((jumbo?.bytesPerSecond ?? 0) / (usual?.bytesPerSecond ?? 1)).toBeCloseTo(
      8_960 / 9_038 / (1_460 / 1_538),
      12,
    )
  })
})
