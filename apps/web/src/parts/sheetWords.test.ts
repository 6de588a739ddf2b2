import { readFileSync } from 'node:fs'
import { type CataloguePart, catalogueFile, partColumns } from '@flint/core/editing'
import { partText } from '../tray/partText'
import { costWords, partWords } from '../tray/partWords'
import { shownColumns, sourceWords, valueWords } from './sheetWords'

const { parts } = catalogueFile.parse(JSON.parse(readFileSync('demo/catalogue.json', 'utf8')))
const partOf = (slug: string): CataloguePart => {
  const part = parts.find((one) => one.slug === slug)
  if (!part) throw new Error(`no part ${slug}`)
  return part
}
const shown = (slug: string, name: string): string => {
  const part = partOf(slug)
  const column = partColumns(part.sheet.kind).find((one) => one.name === name)
  if (!column) throw new Error(`no column ${name}`)
  return valueWords(part, column)
}

test.each([
  ['ashgrove-hearth-4', 'price.unitMinor', '€119.00'],
  ['ashgrove-hearth-4', 'depthMm', '245 mm'],
  ['ashgrove-hearth-4', 'openings525', 'none'],
  ['ashgrove-hearth-4', 'boardSizes', 'Mini-ITX'],
  ['tindrel-plain-itx', 'memoryMaxBytes', '64 GiB'],
  ['tindrel-plain-itx', 'takesEcc', 'no'],
  ['tindrel-found-itx', 'slots', 'not known'],
  ['quillon-keep-16', 'capacityBytes', '16 TB'],
  ['quillon-keep-16', 'outerRateBytesPerSecond', '270 MB/s'],
  ['wickmere-ten', 'bitsPerSecond', '10 Gb/s'],
  ['brisk-120', 'noiseDecibels', '17 dB(A)'],
  ['quillon-keep-16', 'formFactor', '3.5"'],
  ['quillon-keep-16', 'pcieLanes', 'does not apply'],
  ['quillon-keep-16', 'startCycles', '600,000'],
  ['quillon-keep-16', 'physicalSectorBytes', '4,096 B'],
  ['quillon-keep-16', 'm2Keys', 'does not apply'],
  ['quillon-keep-16', 'enduranceBytes', 'does not apply'],
  ['quillon-shard-1m', 'formFactor', 'M.2'],
  ['quillon-shard-1m', 'spinUpSeconds', 'does not apply'],
])('%s %s reads %s', (slug, name, words) => {
  expect(shown(slug, name)).toBe(words)
})

test('a table reads row by row, in words', () => {
  expect(shown('tindrel-plain-itx', 'm2Sockets').split('\n')).toEqual([
    'key M, carries PCIe, silences SATA ports 0',
    'key E, carries PCIe, silences SATA ports 0',
  ])
  expect(shown('ashgrove-hearth-4', 'bayBlocks')).toMatch(/form factor 3\.5", .*bay width 102 mm/)
})

test('of a plain PCI slot no lanes and no generation are told', () => {
  expect(shown('tindrel-old-m', 'slots').split('\n').at(-1)).toBe('bus PCI')
  expect(shown('tindrel-old-m', 'slots').split('\n')[0]).toMatch(/physical lanes 16.*generation 2/)
})

test('every value of every shipped part reads as something', () => {
  for (const part of parts) {
    for (const column of shownColumns(part.sheet.kind)) {
      expect(valueWords(part, column)).not.toMatch(/^$|undefined|NaN|\[object/)
    }
    expect(partWords(part.sheet)).not.toMatch(/undefined|NaN|null/)
  }
})

test('where a value is from is said where there is one', () => {
  const part = partOf('marrowby-early-3')
  const source = (name: string): string => {
    const column = partColumns('drive').find((one) => one.name === name)
    return column ? sourceWords(part, column) : 'no column'
  }
  expect(source('idleWatts')).toBe('measured')
  expect(source('rpm')).toBe("maker's sheet")
  expect(source('m2Keys')).toBe('')
})

test('what is owned costs nothing', () => {
  const { price } = partOf('brisk-120')
  expect(costWords({ price, ownedPieces: 0 })).toBe('€12')
  expect(costWords({ price, ownedPieces: 3 })).toBe('3 owned')
  expect(costWords({ price: null, ownedPieces: 0 })).toBe('no price')
})

test('a part is found by its kind, its words and what its list shows', () => {
  const text = partText(partOf('lockrow-sixteen').sheet).toLowerCase()
  for (const word of ['controller', 'lockrow', 'plain', '16 ports', 'sff-8643']) {
    expect(text).toContain(word)
  }
})
