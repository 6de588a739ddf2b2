import { demoDesign, demoPart } from '../../fixtures/demo'
import { type WrittenFinding, without, withPart, written } from '../../fixtures/ruleTable'
import type { Design } from '../design/design'
import { applyEdit, type Edit } from '../design/edits/edit'
import { newDesign } from '../design/newDesign'
import { isLack } from '../judging/finding'
import { missingWords, wordsFor } from '../judging/words'
import { formatterFor } from '../units/formatter'
import { findingWords } from './findingWords'
import { type AnyFinding, rules } from './rules'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')
const drawer = demoDesign('drawer-of-drives')
const LONG = 'A maker with a name that goes on for as long as a data sheet lets it, and then some'

/** The design with every part renamed. */
const renamed = (design: Design, maker: string): Design => ({
  ...design,
  snapshots: design.snapshots.map((one) => ({ ...one, sheet: { ...one.sheet, maker } })),
  pools: design.pools.map((pool, at) => ({ ...pool, name: `Pool ${at + 1}` })),
})
const edited = (design: Design, ...edits: Edit[]): Design => edits.reduce(applyEdit, design)
const drives = (count: number): string[] =>
  Array.from({ length: count }, (_, at) => `drive-${at + 1}`)

/** Many ways to be wrong, with counts of 0, 1, 2 and more. */
const designs: [string, Design][] = [
  ...[cabin, shelf, drawer].flatMap((design): [string, Design][] => [
    [design.name, design],
    [`${design.name}, renamed`, renamed(design, LONG)],
    ...[1, 2, 3].flatMap((count): [string, Design][] => [
      [`${count} sent back`, edited(design, { do: 'send-back', driveIds: drives(count) })],
      [`${count} taken out`, edited(design, { do: 'take-out', driveIds: drives(count) })],
      [`${count} ungrouped`, edited(design, { do: 'ungroup-drives', driveIds: drives(count) })],
    ]),
    ...['board', 'cpu', 'cooler', 'memory', 'supply', 'chassis', 'controller', 'cable'].map(
      (kind): [string, Design] => [`without ${kind}`, without(design, kind)],
    ),
  ]),
  ['nothing', newDesign('nothing')],
  ['too many cards', [1, 2, 3, 4].reduce((one) => withPart(one, 'lockrow-sixteen'), shelf)],
  ['three coolers short', withPart(newDesign('twin', [demoPart('tindrel-twin-eeb')]), 'brisk-92')],
]
const all = designs.flatMap(([name, design]) =>
  written(design).map((finding): [string, WrittenFinding] => [`${name}: ${finding.code}`, finding]),
)

test('many rules speak, of one and of several', () => {
  expect(new Set(all.map(([, { code }]) => code)).size).toBeGreaterThan(30)
})

test.each([
  ['begins with a capital, a digit or a name', /^[^A-Z0-9"‘€]/],
  ['ends with a full stop', /[^.]$/],
  ['has no gap, and nothing missing', / {2}|\s[,.;:]|undefined|null|NaN|\[object|a part\b/],
  [
    'counts one of a thing as one',
    /(?<![\d.,])1 (?!to |of |on )(?:[a-z]+ )?(drives|bays|slots|cards|ports|plugs|fans|cables|members|groups|failures|lanes|modules|sockets|headers|openings|adapters|controllers|devices)\b/,
  ],
  ['says "is" of one', /(?<![\d.,])1 [a-z]+ are\b/],
  ['names a pool once', /[Pp]ool [Pp]ool/],
])('every sentence %s', (_name, wrong) => {
  const bad = all.filter(([, { sentence }]) => wrong.test(sentence))
  expect(bad.map(([name, { sentence }]) => `${name}: ${sentence}`)).toEqual([])
})

test('every rule that may lack values says what it cannot tell', () => {
  const words = wordsFor(cabin, formatterFor('en'))
  for (const { code, question } of rules.map((rule) => ({ question: undefined, ...rule }))) {
    if (question === undefined) continue
    expect(question).toMatch(/^(whether|how|what) .+[^.]$/)
    const lacking = {
      code: `${code}-not-known`,
      facts: { missing: [{ pieceId: 'board-1', field: 'slots' }] },
    } as unknown as AnyFinding
    expect(isLack(lacking)).toBe(true)
    expect(findingWords(lacking, words).sentence).toBe(
      `Not known ${question}: slots of Tindrel Middle M not given.`,
    )
  }
})

test('what is missing is told piece by piece, each value once', () => {
  const words = wordsFor(cabin, formatterFor('en'))
  expect(
    missingWords(
      [
        { pieceId: 'drive-1', field: 'start12VAmps' },
        { pieceId: 'drive-2', field: 'start12VAmps' },
        { pieceId: 'drive-1', field: 'idleWatts' },
        { pieceId: 'cpu-1', field: 'peakWatts' },
      ],
      words,
    ),
  ).toBe(
    'starting current at 12 V and idle power of Quillon Keep 12 not given, peak of Varnholt Mid 8 not given',
  )
  expect(missingWords([{ pieceId: null, field: 'secondCopyEveryHours' }], words)).toBe(
    'the brief does not say how often the second copy is made',
  )
})
