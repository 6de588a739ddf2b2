import { readFileSync } from 'node:fs'
import { catalogueFile, type PartSheet, sheetColumns } from '@flint/core/editing'
import { partText } from '../tray/partText'
import { costWords, partWords } from '../tray/partWords'
import { shownColumns, sourceWords, valueWords } from './sheetWords'

const { parts } = catalogueFile.parse(JSON.parse(readFileSync('demo/catalogue.json', 'utf8')))
const sheetOf = (slug: string): PartSheet => {
  const part = parts.find((one) => one.slug === slug)
  if (!part) throw new Error(`no part ${slug}`)
  return part.sheet
}
const shown = (slug: string, name: string): string => {
  const sheet = sheetOf(slug)
  const column = sheetColumns(sheet.kind).find((one) => one.name === name)
  if (!column) throw new Error(`no column ${name}`)
  return valueWords(sheet, column)
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
])('%s %s reads %s', (slug, name, words) => {
  expect(shown(slug, name)).toBe(words)
})

test('a table reads row by row, in words', () => {
  expect(shown('tindrel-plain-itx', 'm2Sockets').split('\n')).toEqual([
    'key M, carries PCIe, silences SATA ports 0',
    'key E, carries PCIe, silences SATA ports 0',
  ])
  expect(shown('ashgrove-hearth-4', 'bayBlocks')).toContain('bay width 102 mm')
})

test('every value of every shipped part reads as something', () => {
  for (const { sheet } of parts) {
    for (const column of shownColumns(sheet.kind)) {
      expect(valueWords(sheet, column)).not.toMatch(/^$|undefined|NaN|\[object/)
    }
    expect(partWords(sheet)).not.toMatch(/undefined|NaN|null/)
  }
})

test('where a value is from is said where there is one', () => {
  const sheet = sheetOf('marrowby-early-3')
  const source = (name: string): string => {
    const column = sheetColumns('drive').find((one) => one.name === name)
    return column ? sourceWords(sheet, column) : 'no column'
  }
  expect(source('idleWatts')).toBe('measured')
  expect(source('rpm')).toBe("maker's sheet")
  expect(source('m2Keys')).toBe('')
})

test('what is owned costs nothing', () => {
  const sheet = sheetOf('brisk-120')
  expect(costWords({ sheet, ownedPieces: 0 })).toBe('€12')
  expect(costWords({ sheet, ownedPieces: 3 })).toBe('3 owned')
  expect(costWords({ sheet: { ...sheet, price: null }, ownedPieces: 0 })).toBe('no price')
})

test('a part is found by its kind, its words and what its list shows', () => {
  const text = partText(sheetOf('lockrow-sixteen')).toLowerCase()
  for (const word of ['controller', 'lockrow', 'plain', '16 ports', 'sff-8643']) {
    expect(text).toContain(word)
  }
})
