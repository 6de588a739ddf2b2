import { demoDesign, demoPart, demoParts } from '../../fixtures/demo'
import { findingOf, type RuleCase, testRules, without, withPart } from '../../fixtures/ruleTable'
import { partSheet } from '../catalogue/partKinds'
import {
  BOARD_HOLES,
  BOARD_OUTLINES,
  DRIVE_OUTLINES,
  OPENING_525,
  RACK_OPENING_MM,
  RACK_UNIT_MM,
  REAR_SOCKETS,
  SUPPLY_ENVELOPES,
} from '../catalogue/standards'
import { AMPS_PER_POWER_PLUG, DRIVE_PLUG_CONTACTS, DRIVES_PER_DATA_PLUG } from '../catalogue/plugs'
import { changeHouseRules } from '../design/edits/changeFields'
import { fitPart } from '../design/edits/fitPart'
import { evaluate } from '../evaluate'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')
const drawer = demoDesign('drawer-of-drives')

const cases: RuleCase[] = [
  {
    code: 'board-size-not-taken',
    severity: 'blocks',
    words: 'Ashgrove Works Hearth 4 takes Mini-ITX; the board is microATX.',
    bad: withPart(shelf, 'tindrel-middle-m'),
    good: shelf,
    unknown: withPart(shelf, 'ashgrove-hearth-4', { boardSizes: null }),
  },
  {
    code: 'board-too-deep',
    severity: 'blocks',
    words: 'The board is 272 mm deep; Pellworth Drystone 2U-12 has 250 mm for it.',
    bad: withPart(cabin, 'tindrel-long-atx'),
    good: cabin,
    unknown: withPart(shelf, 'ashgrove-hearth-4', { boardMaxDepthMm: null }),
  },
  {
    code: 'board-too-deep',
    severity: 'risks',
    words: 'sold as ATX but 28 mm deeper',
    bad: withPart(withPart(cabin, 'pellworth-drystone-4u24'), 'tindrel-long-atx'),
    good: withPart(withPart(cabin, 'pellworth-drystone-4u24'), 'tindrel-watch-atx'),
    unknown: withPart(cabin, 'tindrel-middle-m', { depthMm: null }),
  },
  {
    code: 'supply-does-not-fit',
    severity: 'blocks',
    words: 'takes supplies of shape SFX; Emberlin Brick 450 is ATX.',
    bad: withPart(shelf, 'emberlin-brick-450'),
    good: withPart(shelf, 'emberlin-calm-450'),
    unknown: withPart(shelf, 'emberlin-slim-300', { shape: null }),
  },
  {
    code: 'supply-does-not-fit',
    severity: 'blocks',
    words: 'The supply is 180 mm long; there is room for 160 mm.',
    bad: withPart(drawer, 'emberlin-tall-750'),
    good: withPart(drawer, 'emberlin-fine-600'),
    unknown: withPart(drawer, 'emberlin-fine-600', { lengthMm: null }),
  },
  {
    code: 'cooler-too-tall',
    severity: 'blocks',
    words: 'The cooler is 64 mm tall and touches the supply over the board, 56 mm over the board.',
    bad: withPart(shelf, 'hollin-pass-64'),
    good: shelf,
    unknown: withPart(shelf, 'hollin-flat-47', { heightMm: null }),
  },
  {
    code: 'cooler-too-tall',
    severity: 'blocks',
    words: 'The cooler is 125 mm tall and touches the fan under the cover, 123 mm over the board.',
    bad: withPart(drawer, 'hollin-turned-125'),
    good: withPart(drawer, 'hollin-pass-64'),
    unknown: withPart(drawer, 'ashgrove-crate-6'),
  },
  {
    code: 'cooler-too-tall',
    severity: 'blocks',
    words: 'touches the cover, 32 mm over the board',
    bad: withPart(cabin, 'pellworth-ledge-1u4'),
    good: withPart(withPart(cabin, 'pellworth-ledge-1u4'), 'hollin-thin-29'),
    unknown: null,
  },
  {
    code: 'no-room-in-place',
    severity: 'blocks',
    words: 'The case is 538 mm deep; Warm room shelf cube has 380 mm.',
    bad: withPart(cabin, 'warm-room-cube', { widthMm: 500 }),
    good: cabin,
    unknown: withPart(cabin, 'cabin-rack', { heightMm: null }),
  },
  {
    code: 'no-plug-room',
    severity: 'risks',
    words: '22 mm are left behind the case for plugs and cables; about 60 mm are needed.',
    bad: cabin,
    good: withPart(cabin, 'cellar-rack'),
    unknown: withPart(cabin, 'cabin-rack', { depthMm: null }),
    unknownCode: 'no-room-in-place-not-known',
  },
  {
    code: 'sold-apart',
    severity: 'note',
    words: 'the rails for the rack',
    bad: cabin,
    good: shelf,
    unknown: withPart(shelf, 'ashgrove-hearth-4', { driveTrays: null }),
  },
  {
    code: 'cpu-socket',
    severity: 'blocks',
    words: 'Varnholt Rack 12 wants socket V9; the board has V4.',
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
      'needs firmware 15; the board ships with 9, and it cannot be flashed without a CPU, so a helper CPU is needed.',
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
    severity: 'risks',
    words: '0 B of memory, 8 GiB wanted.',
    bad: without(shelf, 'memory'),
    good: shelf,
    unknown: null,
  },
  {
    code: 'no-ecc',
    severity: 'risks',
    words:
      'Memory errors are not corrected: Tindrel Plain ITX and Varnholt Low 4 and Siltstone 16 GiB module do not do it.',
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
    unknown: null,
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
    words: '3 fans for 2 headers: 1 fan of the chassis, one on the cooler, 1 added.',
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
    words: '8 drives want a SATA power plug and there are 4',
    bad: drawer,
    // One crimped adapter makes four SATA plugs of a peripheral one.
    good: withPart(drawer, 'tetherby-split-4'),
    unknown: withPart(drawer, 'emberlin-brick-450', { sataPlugs: null }),
  },
  {
    code: 'too-few-power-plugs',
    severity: 'blocks',
    words: '8 drive power plugs wanted, Emberlin Plug 120 has 2.',
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
    words: 'What Tindrel Found ITX draws idle, or whether it lets the CPU sleep, is not known',
    bad: withPart(shelf, 'tindrel-found-itx'),
    good: shelf,
    unknown: null,
  },
  {
    code: 'too-few-card-openings',
    severity: 'blocks',
    words: '2 cards for 1 opening at the rear of Ashgrove Works Hearth 4.',
    bad: withPart(withPart(shelf, 'wickmere-one'), 'lockrow-six'),
    good: withPart(shelf, 'wickmere-one'),
    unknown: withPart(withPart(shelf, 'ashgrove-hearth-4', { cardOpenings: null }), 'wickmere-one'),
  },
  {
    code: 'heavy-to-lift',
    severity: 'note',
    // 12.5 kg of case and twelve drives of 660 g are 20.4 kg without the rest.
    words: 'Loaded it weighs about 23 kg: lift it with two',
    bad: cabin,
    good: shelf,
    unknown: null,
  },
  {
    code: 'supply-over-board',
    severity: 'note',
    words: 'hangs 56 mm over the board and hides 43 % of it',
    bad: shelf,
    good: withPart(shelf, 'ashgrove-hearth-4', { boardToSupplyMm: 0 }),
    unknown: withPart(shelf, 'ashgrove-hearth-4', { supplyAt: null }),
  },
  {
    code: 'cage-does-not-fit',
    severity: 'blocks',
    words: '2 cages fill 5 5.25" openings; Ashgrove Works Gap 4 has 4.',
    bad: ['ashgrove-gap-4', 'ashgrove-inset-5', 'ashgrove-inset-3'].reduce(
      (design, slug) => withPart(design, slug),
      drawer,
    ),
    good: withPart(withPart(drawer, 'ashgrove-gap-4'), 'ashgrove-inset-5'),
    unknown: withPart(withPart(drawer, 'ashgrove-crate-6'), 'ashgrove-inset-3'),
  },
  {
    code: 'slots-share-lanes',
    severity: 'risks',
    words: 'slot 3 has 2 lanes left while slot 2 is used',
    bad: withPart(withPart(cabin, 'wickmere-one'), 'lockrow-six'),
    good: withPart(cabin, 'wickmere-one'),
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
]

testRules(cases)

test('a house that asks for error correction and has it is left in peace', () => {
  const watch = ['tindrel-watch-atx', 'varnholt-rack-12', 'siltstone-16-ecc'].map(demoPart)
  const document = changeHouseRules(watch.reduce(fitPart, without(cabin, 'memory')), {
    ecc: 'required',
  })
  expect(findingOf(document, 'no-ecc')).toBeUndefined()
})

describe('outlines', () => {
  // Source: EIA-310 and IEC 60297 for the rack, SFF-8301 and SFF-8201 for drives, the ATX, microATX,
  // Mini-ITX, SSI CEB and SSI EEB specifications for boards; all from memory, the texts were not at hand.
  test('of the standards, in inches where they are', () => {
    expect(RACK_UNIT_MM).toBeCloseTo(1.75 * 25.4, 6)
    expect(RACK_OPENING_MM).toBe(450)
    expect(DRIVE_OUTLINES['3.5']).toEqual({ widthMm: 101.6, lengthMm: 147, heightMm: 26.1 })
    expect(BOARD_OUTLINES.ATX.widthMm).toBeCloseTo(12 * 25.4, 0)
    expect(BOARD_OUTLINES.ATX.depthMm).toBeCloseTo(9.6 * 25.4, 0)
    expect(BOARD_OUTLINES['SSI EEB'].depthMm).toBeCloseTo(13 * 25.4, 0)
    expect(BOARD_OUTLINES['SSI CEB'].depthMm).toBeCloseTo(10.5 * 25.4, 0)
    expect(BOARD_OUTLINES['Mini-ITX'].widthMm).toBeCloseTo(6.7 * 25.4, 0)
  })

  // Source: ATX, microATX and Mini-ITX specifications, from memory. That the smaller patterns are part of
  // the larger one, and stay inside each board, is what makes a small board fit a large case.
  test('holes of a smaller board are holes of a larger one, and lie on the board', () => {
    const { ATX = [], microATX = [], 'Mini-ITX': miniItx = [] } = BOARD_HOLES
    expect(ATX).toHaveLength(9)
    expect(miniItx).toHaveLength(4)
    for (const hole of miniItx) {
      expect(ATX).toContainEqual(hole)
      expect(microATX).toContainEqual(hole)
    }
    for (const [size, holes] of Object.entries({ ATX, microATX, 'Mini-ITX': miniItx })) {
      const along = holes.map(({ alongMm }) => alongMm)
      const forward = holes.map(({ forwardMm }) => forwardMm)
      const outline = BOARD_OUTLINES[size as keyof typeof BOARD_OUTLINES]
      expect(Math.max(...along) - Math.min(...along)).toBeLessThan(outline.widthMm)
      expect(Math.max(...forward) - Math.min(...forward)).toBeLessThan(outline.depthMm)
    }
    // In inches, as the drawings have them: 4.9 and 11.1 along, 6.1 and 8.95 forward.
    expect(124.46 / 25.4).toBeCloseTo(4.9, 6)
    expect(281.94 / 25.4).toBeCloseTo(11.1, 6)
    expect(154.94 / 25.4).toBeCloseTo(6.1, 6)
    expect(227.33 / 25.4).toBeCloseTo(8.95, 6)
  })

  // Source: ATX12V, SFX12V, TFX12V and Flex ATX design guides, M-CRPS, SFF-8551; from memory.
  test('of supplies and wide openings', () => {
    expect(SUPPLY_ENVELOPES.ATX).toEqual({ widthMm: 150, heightMm: 86, usualLengthMm: 140 })
    expect(SUPPLY_ENVELOPES.SFX.heightMm).toBe(63.5)
    expect(SUPPLY_ENVELOPES['SFX-L'].usualLengthMm - SUPPLY_ENVELOPES.SFX.usualLengthMm).toBe(30)
    // Flex and CRPS are made for one rack unit.
    for (const shape of ['Flex', 'CRPS'] as const) {
      expect(SUPPLY_ENVELOPES[shape].heightMm).toBeLessThan(RACK_UNIT_MM)
    }
    expect(OPENING_525.widthMm / 25.4).toBeCloseTo(5.75, 6)
    expect(REAR_SOCKETS.widthMm / 25.4).toBeCloseTo(6.25, 6)
    expect(REAR_SOCKETS.heightMm / 25.4).toBeCloseTo(1.75, 6)
  })

  // Source: Serial ATA and SFF-8482 for contacts, SFF-8087 and SFF-8643 for lanes; from memory.
  test('of plugs', () => {
    const { SATA, SAS } = DRIVE_PLUG_CONTACTS
    expect([SATA.data, SATA.power]).toEqual([7, 15])
    expect(SAS.data + SAS.power).toBe(29)
    expect([SATA.bridged, SAS.bridged]).toEqual([false, true])
    expect(DRIVES_PER_DATA_PLUG['SFF-8087']).toBe(4)
    // Three contacts at 12 V, 1.5 A each.
    expect(AMPS_PER_POWER_PLUG['SATA power']).toBe(3 * 1.5)
  })

  test('of the invented cases keep to them', () => {
    const chassis = demoParts().flatMap(({ sheet }) => (sheet.kind === 'chassis' ? [sheet] : []))
    expect(chassis.length).toBeGreaterThanOrEqual(8)
    for (const { form, widthMm, heightMm, bayBlocks } of chassis) {
      if (form === 'rack') {
        expect(widthMm).toBeLessThanOrEqual(RACK_OPENING_MM)
        expect(heightMm).toBeLessThanOrEqual(Math.ceil(heightMm / RACK_UNIT_MM) * RACK_UNIT_MM)
      }
      for (const block of bayBlocks) {
        expect(block.bayWidthMm).toBeGreaterThanOrEqual(DRIVE_OUTLINES[block.formFactor].widthMm)
      }
    }
  })
})

test('a part with nothing but a name is usable, and every rule that needs more says so', () => {
  const bare = partSheet.parse({
    kind: 'chassis',
    maker: 'Unknown',
    model: 'Case',
    form: 'desktop',
    widthMm: 200,
    heightMm: 300,
    depthMm: 400,
    bayBlocks: [],
  })
  const codes = evaluate(fitPart(shelf, { slug: 'bare', version: 1, sheet: bare })).findings.map(
    ({ code }) => code,
  )
  for (const code of [
    'board-size-not-taken',
    'board-too-deep',
    'cooler-too-tall',
    'supply-does-not-fit',
  ]) {
    expect(codes).toContain(`${code}-not-known`)
  }
})
