import { demoDesign, demoPart } from '../../../fixtures/demo'
import { driveIdsOf, withPart } from '../../../fixtures/ruleTable'
import type { Design } from '../../design/design'
import { cataloguedPart } from '../../catalogue/cataloguedPart'
import { changeSheet } from '../../design/edits/changeSheet'
import { applyEdit, type Edit } from '../../design/edits/edit'
import { groupDrives } from '../../design/edits/groupDrives'
import { putDrivesInBays } from '../../design/edits/putDrivesInBays'
import { newDesign } from '../../design/newDesign'
import { evaluate } from '../../evaluate'
import { findingWords } from '../../findings/findingWords'
import { wordsFor } from '../../judging/words'
import { scenarioRates } from '../../paths/scenarioRates'
import { scrub } from '../../paths/scenarios/scrub'
import { laneBudget } from '../laneBudget'
import { formatterFor } from '../../units/formatter'
import { resolveMachine } from '../resolveMachine'
import type { Link } from './link'

const format = formatterFor('en')
const HOUR = 3_600
const cabin = demoDesign('cabin-archive')

const linksOf = (design: Design, kind: Link['kind']): Link[] =>
  resolveMachine(design).links.filter((link) => link.kind === kind)

/** Four drives of one kind in a box on USB, in a pool. */
function box(boardBits: number | null, boxBits: number | null): Design {
  const parts = withPart(
    withPart(withPart(newDesign('box'), 'pellworth-drystone-2u12'), 'tindrel-middle-m', {
      usbBitsPerSecond: boardBits,
    }),
    'pellworth-annex-4',
    { usbBitsPerSecond: boxBits },
  )
  const bays = [1, 2, 3, 4].map((bay) => `enclosure-1/${bay}`)
  const filled = putDrivesInBays(parts, demoPart('quillon-keep-12'), bays)
  return groupDrives(filled, [{ kind: 'raidz1', driveIds: driveIdsOf(filled) }])
}

describe('USB', () => {
  test.each([
    [10e9, 10e9, 1_067, true],
    [10e9, 5e9, 440, true],
    [5e9, 20e9, 440, true],
    [20e9, 20e9, 2_133, true],
    // Of two ends the one that nobody gives is taken as the slowest that is sold.
    [10e9, null, 440, false],
    [null, 20e9, 440, false],
  ])('a board of %p and a box of %p bit/s move %i MB/s', (board, ofBox, mb, known) => {
    const [link] = linksOf(box(board, ofBox), 'cable')
    expect(Math.round((link?.bytesPerSecond ?? 0) / 1e6)).toBe(mb)
    expect(link?.known).toBe(known)
  })

  test('a quicker box is scrubbed in less time', () => {
    const hours = [5e9, 10e9].map((bits) => {
      const design = box(bits, bits)
      return (scenarioRates(design, resolveMachine(design), scrub).seconds ?? 0) / HOUR
    })
    // By hand: 4 × 12 TB over 440 MB/s is 30.3 h. Over 1,067 MB/s each drive would have 267, more than its own 245.
    expect(hours[0]).toBeCloseTo(30.3, 0)
    expect(hours[1]).toBeLessThan(20)
  })
})

test('a card in an M.2 socket has the lanes that its data sheet gives', () => {
  const at = (lanes: number | null): number | undefined =>
    linksOf(
      withPart(withPart(newDesign('nub'), 'tindrel-middle-m'), 'lockrow-nub-5', { lanes }),
      'M.2',
    )[0]?.bytesPerSecond
  expect(at(4)).toBeCloseTo(4 * 984.6e6 * 0.85, -3)
  expect(at(1)).toBeCloseTo(984.6e6 * 0.85, -3)
  // Two where nobody gives them.
  expect(at(null)).toBeCloseTo(2 * 984.6e6 * 0.85, -3)
})

test('a controller moves no more than its own chip', () => {
  const card = cabin.snapshots.find(({ sheet }) => sheet.kind === 'controller')?.id ?? ''
  const slow = changeSheet(cabin, card, { maxBytesPerSecond: 1_200e6 })
  const { bytesPerSecond, narrowest } = scenarioRates(slow, resolveMachine(slow), scrub)
  expect(bytesPerSecond).toBeCloseTo(1_200e6, 0)
  expect(narrowest).toMatchObject({ kind: 'controller', name: 'chip of Sixteen' })
  expect(linksOf(cabin, 'controller')).toEqual([])
})

test('a slot of the CPU is no quicker than the CPU', () => {
  const generation = (pcieGeneration: number | null) => {
    const design = withPart(
      withPart(withPart(newDesign('five'), 'tindrel-calm-ceb'), 'varnholt-five-16', {
        pcieGeneration,
      }),
      'lockrow-fast-16',
    )
    return resolveMachine(design).placement.placed.map((one) => one.pcieGeneration)
  }
  expect(generation(null)).toEqual([4])
  expect(generation(3)).toEqual([3])
})

describe('the lanes of the CPU', () => {
  test('as a board gives them to its places', () => {
    const watch = withPart(newDesign('watch'), 'tindrel-watch-atx')
    expect(laneBudget(resolveMachine(watch))).toEqual({
      places: [
        { kind: 'slot', number: 1, lanes: 8 },
        { kind: 'slot', number: 2, lanes: 8 },
        { kind: 'slot', number: 3, lanes: 16 },
      ],
      chipsetLanes: 4,
      cpuLanes: null,
    })
    expect(laneBudget(resolveMachine(newDesign('empty')))).toBeNull()
  })

  test('those that fall, and of all CPUs together', () => {
    const sharing = [{ inUse: 'slot-2', loses: 'slot-3', lanesLeft: 8 }]
    const two = ['varnholt-rack-12', 'varnholt-rack-12'].reduce(
      (design, slug) => withPart(design, slug),
      withPart(newDesign('twin'), 'tindrel-twin-eeb', { sharing }),
    )
    const budget = laneBudget(resolveMachine(two))
    expect(budget?.places.map(({ lanes }) => lanes)).toEqual([16, 8, 8, 8])
    expect(budget?.cpuLanes).toBe(80)
  })
})

describe('plain PCI', () => {
  /** An old board with a card for plain PCI and four drives on it. */
  const old = (cards: number, plain = 1): Design => {
    const slot = {
      bus: 'PCI' as const,
      physicalLanes: 1 as const,
      electricalLanes: 1 as const,
      pcieGeneration: 1 as const,
      openEnd: false,
      origin: 'chipset' as const,
      splitsInto: null,
    }
    const board = withPart(withPart(newDesign('old'), 'pellworth-drystone-2u12'), 'tindrel-old-m', {
      sataPorts: 0,
      slots: Array.from({ length: plain }, () => slot),
    })
    const card = cataloguedPart(demoPart('lockrow-four-plain'))
    const fit: Edit = { do: 'fit', part: card, beside: true }
    const fitted = Array.from({ length: cards }, () => fit).reduce(applyEdit, board)
    const bays = Array.from({ length: 4 * cards }, (_, index) => `chassis-1/${index + 1}`)
    const filled = putDrivesInBays(fitted, demoPart('quillon-keep-12'), bays)
    return groupDrives(filled, [{ kind: 'raidz1', driveIds: driveIdsOf(filled) }])
  }

  test('all its slots share one bus, so a second card makes nothing quicker', () => {
    const hours = [old(1), old(2, 2)].map((design) => {
      const machine = resolveMachine(design)
      expect(machine.links.filter(({ kind }) => kind === 'PCI bus')).toHaveLength(1)
      return (scenarioRates(design, machine, scrub).seconds ?? 0) / HOUR
    })
    // By hand: 4 × 12 TB over 106.7 MB/s are 125 h, and 8 × 12 TB over the same bus twice that.
    expect(hours[0]).toBeCloseTo(125, 0)
    expect(hours[1]).toBeCloseTo(250, 0)
  })

  test('a board without one has no slot for such a card, and says so', () => {
    const design = old(1, 0)
    const words = wordsFor(design, format)
    const finding = evaluate(design).findings.find(({ code }) => code === 'no-slot-for-card')
    expect(finding && findingWords(finding, words).sentence).toContain(
      'The board has no plain PCI slot for Four Plain.',
    )
    // Nobody is asked for lanes or generation of it.
    const asked = evaluate(old(1)).findings.filter(({ code }) =>
      ['no-slot-for-card', 'card-throttled'].includes(code),
    )
    const sentences = asked.map((one) => findingWords(one, wordsFor(old(1), format)))
    expect(sentences.map(({ sentence }) => sentence)).toEqual([
      expect.stringContaining('gives it plain PCI, 107 MB/s'),
    ])
  })

  test('it takes no lanes of the CPU', () => {
    expect(laneBudget(resolveMachine(old(1)))?.places).toEqual([])
  })
})
