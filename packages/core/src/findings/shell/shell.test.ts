import { demoDesign } from '../../../fixtures/demo'
import { type RuleCase, testRules, withPart } from '../../../fixtures/ruleTable'
import { partSheet } from '../../catalogue/partKinds'
import { fitPart } from '../../design/edits/fitPart'
import { evaluate } from '../../evaluate'

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
    code: 'board-size-not-taken',
    severity: 'risks',
    words: 'an outline of its own: measure whether its holes meet the standoffs.',
    bad: withPart(shelf, 'tindrel-spare-itx', { size: 'own outline' }),
    good: shelf,
    unknown: null,
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
    unknown: withPart(shelf, 'ashgrove-hearth-4', { weightGrams: null }),
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
    code: 'cage-does-not-fit',
    severity: 'blocks',
    words: '1 tray finds no free 3.5" bay without a backplane in Ashgrove Works Hearth 4.',
    bad: withPart(shelf, 'ashgrove-pair-small'),
    good: withPart(withPart(shelf, 'ashgrove-crate-6'), 'ashgrove-pair-small'),
    unknown: null,
    // Null is read as a cage for wide openings.
    readAs: ['cage.fillsBay'],
  },
]

testRules(cases)

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
  const codes = evaluate(
    fitPart(shelf, { slug: 'bare', version: 1, sheet: bare, price: null }),
  ).findings.map(({ code }) => code)
  for (const code of [
    'board-size-not-taken',
    'board-too-deep',
    'cooler-too-tall',
    'supply-does-not-fit',
  ]) {
    expect(codes).toContain(`${code}-not-known`)
  }
})

describe('an open tray', () => {
  const limits = {
    boardSizes: null,
    boardMaxDepthMm: null,
    boardToCoverMm: null,
    coverFanMm: null,
    boardToSupplyMm: null,
    supplyShapes: null,
    supplyMaxLengthMm: null,
    cardOpenings: null,
    cardHeight: null,
    cardMaxLengthMm: null,
    airflow: null,
    angledPlugsFit: null,
  }
  const about = [
    'board-size-not-taken',
    'board-too-deep',
    'cooler-too-tall',
    'supply-does-not-fit',
    'supply-over-board',
    'too-few-card-openings',
    'card-bracket',
    'card-too-long',
    'fins-across-airflow',
    'angled-plugs',
  ]
  const findingsAbout = (form: string): string[] => {
    const parts = ['hollin-tower-155', 'tindrel-wide-atx', 'lockrow-six', 'emberlin-tall-750']
    const design = parts.reduce(
      (before, slug) => withPart(before, slug),
      withPart(shelf, 'ashgrove-hearth-4', { ...limits, form }),
    )
    return evaluate(design)
      .findings.map(({ code }) => code)
      .filter((code) => about.some((one) => code.startsWith(one)))
  }

  test('limits nothing that its data sheet does not limit, and nothing is asked about it', () => {
    expect(findingsAbout('open')).toEqual([])
    // The same silence of a case with walls is not known.
    expect(new Set(findingsAbout('desktop')).size).toBeGreaterThanOrEqual(6)
  })

  test('limits what it does limit', () => {
    const tray = withPart(shelf, 'ashgrove-hearth-4', {
      ...limits,
      form: 'open',
      boardMaxDepthMm: 150,
    })
    expect(evaluate(tray).findings.map(({ code }) => code)).toContain('board-too-deep')
  })
})
