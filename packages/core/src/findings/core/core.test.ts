import { changedPart, demoDesign, demoPart } from '../../../fixtures/demo'
import { findingOf, type RuleCase, testRules, without, withPart } from '../../../fixtures/ruleTable'
import { changeHouseRules } from '../../design/edits/changeFields'
import type { Design } from '../../design/design'
import { fitAnother, fitPart } from '../../design/edits/fitPart'
import { newDesign } from '../../design/newDesign'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')
const drawer = demoDesign('drawer-of-drives')

/** A board for two CPUs with two of them, and no cooler. */
const twin = ['tindrel-twin-eeb', 'varnholt-rack-12', 'varnholt-rack-12'].reduce(
  (design, slug) => withPart(design, slug),
  newDesign('twin'),
)
/** Two CPUs of 200 W on a supply with so many CPU plugs. */
const hungry = (cpuPlugs: number | null): Design => {
  const fed = withPart(withPart(newDesign('hungry'), 'tindrel-twin-eeb'), 'emberlin-tall-750', {
    cpuPlugs,
  })
  const cpu = changedPart('varnholt-rack-12', { peakWatts: 200 })
  return fitPart(fitPart(fed, cpu), cpu)
}
const { sheet: drystone } = demoPart('pellworth-drystone-2u12')
if (drystone.kind !== 'chassis') throw new Error('not a case')
const tenPlugs = withPart(cabin, 'pellworth-drystone-2u12', {
  bayBlocks: drystone.bayBlocks.map((block) => ({
    ...block,
    backplane: block.backplane && { ...block.backplane, powerPlugs: 10 },
  })),
})

/** A board on which a device in the second M.2 socket kills the third slot. */
const threeOnWide = Array<string>(3)
  .fill('quillon-spark-250m')
  .reduce((design, slug) => withPart(design, slug), withPart(newDesign('wide'), 'tindrel-wide-atx'))

/** A board with 32 lanes from the CPU, and a CPU that has so many. */
const watch = (pcieLanes: number | null): Design =>
  withPart(withPart(newDesign('watch'), 'tindrel-watch-atx'), 'varnholt-rack-12', { pcieLanes })

const cases: RuleCase[] = [
  {
    code: 'cpu-lanes-short',
    severity: 'risks',
    words: 'The CPU has 28 lanes for slots and sockets, and the board would take 32',
    bad: watch(28),
    good: watch(32),
    unknown: null,
    readAs: ['cpu.pcieLanes'],
  },
  {
    code: 'dead-free-slots',
    severity: 'note',
    words: 'Slot 3 looks free and is dead beside what is used: no later card works there.',
    bad: threeOnWide,
    good: withPart(newDesign('wide'), 'tindrel-wide-atx'),
    unknown: null,
  },
  {
    code: 'cpu-socket',
    severity: 'blocks',
    words: 'Varnholt Rack 12 needs socket V9; the board has V4.',
    bad: withPart(cabin, 'varnholt-rack-12'),
    good: cabin,
    unknown: null,
  },
  {
    code: 'cooler-socket',
    severity: 'blocks',
    words: 'is mounted on socket V9; the board has V4.',
    bad: withPart(drawer, 'hollin-tall-148'),
    good: drawer,
    unknown: withPart(drawer, 'hollin-flat-47', { sockets: null }),
  },
  {
    code: 'cpu-needs-bios',
    severity: 'risks',
    words:
      'needs firmware 15; the board ships with 9, and it cannot be flashed without a CPU, so another CPU is needed to flash it.',
    bad: withPart(shelf, 'varnholt-late-8'),
    good: shelf,
    unknown: withPart(shelf, 'tindrel-plain-itx', { biosVersion: null }),
  },
  {
    code: 'cpu-needs-bios',
    severity: 'note',
    words: 'it can be flashed without a CPU',
    bad: withPart(withPart(shelf, 'tindrel-spare-itx'), 'varnholt-late-8'),
    good: withPart(shelf, 'tindrel-spare-itx'),
    unknown: withPart(shelf, 'varnholt-low-4', { biosNeeds: null }),
  },
  {
    code: 'cpu-needs-bios',
    severity: 'blocks',
    words: 'No firmware of Tindrel Plain ITX knows Varnholt Low 4.',
    bad: withPart(shelf, 'varnholt-low-4', { biosNeeds: [] }),
    good: shelf,
    unknown: null,
  },
  {
    code: 'no-display-output',
    severity: 'risks',
    words: "Varnholt Bare 6 has no graphics, so the board's display sockets are dead",
    bad: withPart(shelf, 'varnholt-bare-6'),
    good: withPart(withPart(shelf, 'varnholt-bare-6'), 'glimmer-plain'),
    unknown: withPart(shelf, 'varnholt-low-4', { hasGraphics: null }),
  },
  {
    code: 'no-display-output',
    severity: 'risks',
    words: 'Tindrel Spare ITX has no display socket',
    bad: withPart(shelf, 'tindrel-spare-itx'),
    good: withPart(shelf, 'tindrel-plain-itx', { displayOutput: 'always' }),
    unknown: withPart(shelf, 'tindrel-found-itx'),
  },
  {
    code: 'cpu-too-hungry',
    severity: 'blocks',
    words: 'draws up to 350 W; 1 CPU plug carries 336 W.',
    bad: withPart(shelf, 'varnholt-low-4', { peakWatts: 350 }),
    good: withPart(shelf, 'varnholt-low-4', { peakWatts: 336 }),
    unknown: withPart(shelf, 'varnholt-low-4', { peakWatts: null }),
  },
  {
    code: 'cooler-too-weak',
    severity: 'risks',
    words: 'Hollin Flat 47 is rated for 95 W; the CPU draws up to 125 W and will throttle.',
    bad: withPart(shelf, 'varnholt-mid-8'),
    good: shelf,
    unknown: withPart(shelf, 'hollin-flat-47', { ratedWatts: null }),
  },
  {
    code: 'fins-across-airflow',
    severity: 'note',
    words: 'let air through side to side; Ashgrove Works Stack 8 blows front to rear.',
    bad: withPart(drawer, 'hollin-turned-125'),
    good: drawer,
    unknown: withPart(drawer, 'hollin-turned-125', { fins: null }),
  },
  {
    code: 'fins-across-airflow',
    severity: 'note',
    words: 'let air through front to rear; Ashgrove Works Stack 8 blows bottom to top.',
    bad: withPart(
      withPart(drawer, 'ashgrove-stack-8', { airflow: 'bottom to top' }),
      'hollin-turned-125',
      { fins: 'front to rear' },
    ),
    good: withPart(
      withPart(drawer, 'ashgrove-stack-8', { airflow: 'bottom to top' }),
      'hollin-turned-125',
      { fins: 'side to side' },
    ),
    unknown: null,
  },
  {
    code: 'channels-uneven',
    severity: 'note',
    words: '2 memory modules on a board with 4 memory channels',
    bad: withPart(withPart(shelf, 'siltstone-16'), 'tindrel-plain-itx', { memoryChannels: 4 }),
    good: withPart(shelf, 'siltstone-16'),
    unknown: withPart(withPart(shelf, 'siltstone-16'), 'tindrel-plain-itx', {
      memoryChannels: null,
    }),
  },
  {
    code: 'unequal-modules',
    severity: 'note',
    words: 'Modules of 8 GiB and 16 GiB side by side',
    bad: withPart(shelf, 'siltstone-16', { capacityBytes: 2 ** 33 }),
    good: withPart(shelf, 'siltstone-16'),
    unknown: null,
  },
  {
    code: 'memory-type',
    severity: 'blocks',
    words: 'The board takes DDR4; Siltstone 4 GiB module, third is DDR3.',
    bad: withPart(shelf, 'siltstone-4-third'),
    good: shelf,
    unknown: withPart(shelf, 'tindrel-found-itx'),
  },
  {
    code: 'too-many-modules',
    severity: 'blocks',
    words: '3 memory modules for 2 slots.',
    bad: withPart(withPart(shelf, 'siltstone-16'), 'siltstone-16'),
    good: withPart(shelf, 'siltstone-16'),
    unknown: null,
  },
  {
    code: 'too-much-memory',
    severity: 'blocks',
    words: '96 GiB of memory; the board addresses 64 GiB.',
    bad: withPart(shelf, 'siltstone-16', { capacityBytes: 80 * 2 ** 30 }),
    good: shelf,
    unknown: withPart(shelf, 'tindrel-plain-itx', { memoryMaxBytes: null }),
  },
  {
    code: 'little-memory',
    severity: 'note',
    words: '32 GiB of memory, 144 GiB wanted.',
    bad: changeHouseRules(cabin, { memory: '1 GiB per TB' }),
    good: changeHouseRules(cabin, { memory: 'floor of 8 GiB' }),
    unknown: null,
  },
  {
    code: 'little-memory',
    severity: 'note',
    words: 'GiB of memory, 64 GiB wanted.',
    bad: changeHouseRules(shelf, { memory: 'as much as fits' }),
    good: changeHouseRules(shelf, { memory: 'floor of 8 GiB' }),
    unknown: withPart(changeHouseRules(shelf, { memory: 'as much as fits' }), 'tindrel-plain-itx', {
      memoryMaxBytes: null,
    }),
  },
  {
    code: 'no-ecc',
    severity: 'risks',
    // A sheet that does not say counts as one that cannot, and the sentence says so.
    words: 'Memory errors may not be corrected',
    bad: withPart(changeHouseRules(shelf, { ecc: 'required' }), 'tindrel-plain-itx', {
      takesEcc: null,
    }),
    good: shelf,
    unknown: null,
  },
  {
    code: 'little-memory',
    severity: 'risks',
    words: 'No memory, 8 GiB wanted.',
    bad: without(shelf, 'memory'),
    good: shelf,
    unknown: null,
  },
  {
    code: 'no-ecc',
    severity: 'risks',
    words:
      'Memory errors are not corrected: Tindrel Plain ITX, Varnholt Low 4 and Siltstone 16 GiB module do not do it.',
    bad: changeHouseRules(shelf, { ecc: 'required' }),
    good: shelf,
    unknown: null,
  },
  {
    code: 'no-ecc',
    severity: 'note',
    words: 'Tindrel Plain ITX and Varnholt Low 4 do not do it',
    bad: withPart(without(shelf, 'memory'), 'siltstone-16-ecc'),
    good: shelf,
    unknown: null,
  },
  {
    code: 'card-bracket',
    severity: 'blocks',
    words: 'Lockrow Kept 8 has a full-height bracket',
    bad: withPart(cabin, 'lockrow-kept-8'),
    good: cabin,
    unknown: withPart(cabin, 'lockrow-kept-8', { bracket: null }),
  },
  {
    code: 'card-too-long',
    severity: 'blocks',
    words: 'Lockrow Long 24 is 254 mm long; there is room for 240 mm.',
    bad: withPart(cabin, 'lockrow-long-24'),
    good: cabin,
    unknown: withPart(cabin, 'lockrow-eight', { lengthMm: null }),
  },
  {
    code: 'no-slot-for-card',
    severity: 'blocks',
    words: 'No slot is left for Lockrow Six: 1 slot, 2 cards',
    bad: withPart(withPart(shelf, 'lockrow-eight'), 'lockrow-six'),
    good: withPart(shelf, 'lockrow-eight'),
    unknown: withPart(withPart(shelf, 'tindrel-found-itx'), 'lockrow-six'),
  },
  {
    code: 'too-few-fan-headers',
    severity: 'risks',
    words: '3 fans for 2 headers: 1 fan of the case, one on the cooler, 1 added.',
    bad: withPart(shelf, 'brisk-120'),
    good: shelf,
    unknown: withPart(shelf, 'ashgrove-hearth-4', { fanCount: null }),
  },
  {
    code: 'sata-ports-differ',
    severity: 'note',
    words: "4 of Tindrel Old M's 6 SATA ports",
    bad: withPart(drawer, 'tindrel-old-m'),
    good: drawer,
    unknown: withPart(shelf, 'tindrel-found-itx'),
  },
  {
    code: 'too-few-power-plugs',
    severity: 'risks',
    words:
      '4 SATA power plugs of 8 that are wanted can only come from 2 adapters on four-pole plugs',
    bad: drawer,
    // One crimped adapter makes four SATA plugs of a peripheral one.
    good: withPart(drawer, 'tetherby-split-4'),
    unknown: withPart(drawer, 'emberlin-brick-450', { sataPlugs: null }),
  },
  {
    code: 'too-few-power-plugs',
    severity: 'blocks',
    words: '6 SATA power plugs of 8 that are wanted get no power: drive in bay',
    bad: withPart(drawer, 'emberlin-brick-120'),
    good: withPart(drawer, 'emberlin-fine-600'),
    unknown: null,
  },
  {
    code: 'price-not-known',
    severity: 'note',
    words: 'The price of Tindrel Found ITX is not known, so the sum is too low.',
    bad: withPart(shelf, 'tindrel-found-itx'),
    good: shelf,
    unknown: null,
  },
  {
    code: 'power-not-known',
    severity: 'note',
    words: 'Not known what the machine draws: idle power of Tindrel Found ITX not given',
    bad: withPart(shelf, 'tindrel-found-itx'),
    good: shelf,
    unknown: null,
  },
  {
    code: 'slots-share-lanes',
    severity: 'risks',
    words: 'slot 3 has 2 lanes left while slot 2 is used',
    // Two lanes of the second generation move 800 MB/s, ten gigabits ask for 1,187.
    bad: withPart(withPart(cabin, 'wickmere-one'), 'wickmere-ten', { pcieGeneration: 2 }),
    // What loses lanes that it does not need is not hurt.
    good: withPart(withPart(cabin, 'wickmere-one'), 'lockrow-six'),
    unknown: withPart(withPart(cabin, 'tindrel-middle-m', { sharing: null }), 'wickmere-one'),
  },
  {
    code: 'card-bracket',
    severity: 'blocks',
    words: 'Lockrow Kept 8 has a full-height bracket',
    bad: withPart(withPart(cabin, 'pellworth-stand-1'), 'lockrow-kept-8'),
    good: withPart(withPart(cabin, 'pellworth-lie-1'), 'lockrow-kept-8'),
    unknown: null,
  },
  {
    code: 'no-slot-for-card',
    severity: 'blocks',
    words: 'No slot is left for Lockrow Six: 2 slots, 3 cards',
    bad: ['pellworth-lie-1', 'lockrow-eight', 'lockrow-six'].reduce(
      (design, slug) => withPart(design, slug),
      shelf,
    ),
    good: ['pellworth-lie-2', 'lockrow-eight', 'lockrow-six'].reduce(
      (design, slug) => withPart(design, slug),
      shelf,
    ),
    unknown: withPart(shelf, 'pellworth-lie-1', { gives: null }),
  },
  {
    code: 'part-missing',
    severity: 'blocks',
    words: 'No CPU is chosen: the board does not start.',
    bad: without(cabin, 'cpu'),
    good: cabin,
    unknown: null,
  },
  {
    code: 'part-missing',
    severity: 'risks',
    words: 'No boot device is chosen',
    bad: without(cabin, 'boot'),
    good: cabin,
    unknown: null,
  },
  {
    code: 'cpu-without-socket',
    severity: 'blocks',
    words: '2 CPUs for 1 socket of Tindrel Middle M.',
    bad: fitAnother(cabin, demoPart('varnholt-mid-8')),
    good: withPart(twin, 'varnholt-rack-12'),
    unknown: null,
  },
  {
    code: 'cpu-without-cooler',
    severity: 'blocks',
    words: '1 cooler for 2 CPUs',
    bad: withPart(twin, 'hollin-still-27'),
    // One socket then, and a CPU without one.
    readAs: ['board.cpuSockets'],
    good: withPart(withPart(twin, 'hollin-still-27'), 'hollin-still-27'),
    unknown: null,
  },
  {
    code: 'cpu-too-hungry',
    severity: 'blocks',
    words: '2 CPUs together draw up to 400 W; 1 CPU plug carries 336 W.',
    bad: hungry(1),
    good: hungry(2),
    unknown: hungry(null),
  },
  {
    code: 'too-few-power-plugs',
    severity: 'blocks',
    // Plugs of two kinds do not stand in for each other: ten four-pole plugs of backplanes, two on the supply.
    words: '8 peripheral power plugs of 10 that are wanted get no power',
    bad: withPart(tenPlugs, 'emberlin-steady-550', { sataPlugs: 20, peripheralPlugs: 2 }),
    good: withPart(tenPlugs, 'emberlin-steady-550', { sataPlugs: 2, peripheralPlugs: 10 }),
    unknown: null,
  },
]

testRules(cases)

test('a house that asks for error correction and has it is left in peace', () => {
  const watch = ['tindrel-watch-atx', 'varnholt-rack-12', 'siltstone-16-ecc'].map(demoPart)
  const design = changeHouseRules(watch.reduce(fitPart, without(cabin, 'memory')), {
    ecc: 'required',
  })
  expect(findingOf(design, 'no-ecc')).toBeUndefined()
})

describe('slots that share lanes', () => {
  const slotOf = (lanes: number, pcieGeneration: number, origin: 'CPU' | 'chipset') => {
    const edge = { physicalLanes: lanes, electricalLanes: lanes, pcieGeneration }
    return { bus: 'PCIe', ...edge, openEnd: false, origin }
  }
  const slots = [
    slotOf(8, 3, 'CPU'),
    slotOf(8, 3, 'CPU'),
    slotOf(4, 2, 'chipset'),
    slotOf(1, 2, 'chipset'),
  ]
  // Controllers of eight lanes lose four that they do not need; the network card falls to 800 MB/s of 1,187.
  const harmless = { inUse: 'slot-1', loses: 'slot-2', lanesLeft: 4 }
  const harmful = { inUse: 'slot-4', loses: 'slot-3', lanesLeft: 2 }
  const sentenceOf = (sharing: unknown[]): string | undefined => {
    const board = withPart(without(cabin, 'controller'), 'tindrel-middle-m', { slots, sharing })
    const cards = ['lockrow-eight', 'lockrow-eight', 'wickmere-ten', 'wickmere-one']
    const full = cards.reduce((design, slug) => withPart(design, slug), board)
    return findingOf(full, 'slots-share-lanes')?.sentence
  }

  test('the one that hurts is told, in whatever order the data sheet lists them', () => {
    expect(sentenceOf([harmless, harmful])).toContain(
      'slot 3 has 2 lanes left while slot 4 is used',
    )
    expect(sentenceOf([harmful, harmless])).toBe(sentenceOf([harmless, harmful]))
  })

  test('what hurts nobody is not told', () => {
    expect(sentenceOf([harmless])).toBeUndefined()
  })
})

test('a passive cooler wants no fan header', () => {
  const oneMore = withPart(shelf, 'brisk-120')
  expect(findingOf(oneMore, 'too-few-fan-headers')).toBeDefined()
  const passive = withPart(oneMore, 'hollin-flat-47', { fanCount: 0 })
  expect(findingOf(passive, 'too-few-fan-headers')).toBeUndefined()
})
