import { demoDesign, demoParts } from '../../fixtures/demo'
import { fitVerdict } from '../offers/fitVerdict'
import { kindWords } from './kindWords'
import type { PartKind } from './partKinds'
import { fieldWords, sheetColumns } from './sheetColumns'
import { slugOf } from './slugOf'

const parts = demoParts()
const countOf = (kind: PartKind): number => parts.filter(({ sheet }) => sheet.kind === kind).length

test.each([
  ['chassis', 8],
  ['board', 10],
  ['cpu', 10],
  ['supply', 8],
  ['drive', 16],
  ['controller', 8],
  ['nic', 5],
  ['cable', 8],
  ['ups', 3],
  ['place', 3],
  ['enclosure', 3],
  ['cooler', 3],
  ['fan', 3],
  ['cage', 2],
  ['boot', 3],
  ['riser', 2],
] as const)('the catalogue has enough of %s: %i', (kind, least) => {
  expect(countOf(kind)).toBeGreaterThanOrEqual(least)
})

test('every kind has parts and a name of its own', () => {
  expect(kindWords.filter(({ kind }) => countOf(kind) === 0)).toEqual([])
  expect(new Set(kindWords.map(({ one }) => one)).size).toBe(kindWords.length)
  for (const { one, many } of kindWords) expect(many.startsWith(one.slice(0, 3))).toBe(true)
})

test('names are given once and made of the maker and the model', () => {
  expect(new Set(parts.map(({ slug }) => slug)).size).toBe(parts.length)
  expect(slugOf({ maker: 'Ashgrove Works', model: 'Hearth 4½' })).toBe('ashgrove-works-hearth-41-2')
  expect(slugOf({ maker: 'Ünïté', model: '' })).toBe('unite')
  expect(slugOf({ maker: '…', model: '—' })).toBe('part')
  expect(slugOf({ maker: 'x'.repeat(90), model: 'y' }).length).toBeLessThanOrEqual(70)
})

test('good, doubtful and bad combinations exist for every kind that has to fit', () => {
  const cabin = demoDesign('cabin-archive')
  for (const kind of ['chassis', 'board', 'cooler', 'supply', 'controller'] as const) {
    const verdicts = new Set(
      parts
        .filter(({ sheet }) => sheet.kind === kind)
        .map((part) => fitVerdict(cabin, part).verdict),
    )
    expect(verdicts.size).toBeGreaterThanOrEqual(2)
  }
})

test.each([
  ['boardMaxDepthMm', 'board max depth', 'mm'],
  ['idleWatts', 'idle power', 'W'],
  ['sataPorts', 'SATA ports', ''],
  ['pcieGeneration', 'PCIe generation', ''],
  ['ratedVoltAmperes', 'rated', 'VA'],
  ['bitsPerSecond', 'rate of each port', 'bit/s'],
  ['price.unitMinor', 'price', 'cents'],
  ['cpuPowerPlugs', 'CPU power plugs', ''],
])('%s reads %s', (name, label, unit) => {
  expect(fieldWords(name)).toEqual({ label, unit })
})

test('what a part cannot do without is few: everything else may be missing', () => {
  for (const { kind } of kindWords) {
    const needed = sheetColumns(kind).filter(({ optional }) => !optional)
    expect(needed.length).toBeLessThanOrEqual(14)
    expect(needed.map(({ name }) => name)).toEqual(expect.arrayContaining(['maker', 'model']))
  }
})
