import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import Papa from 'papaparse'
import { demoParts } from '../../../fixtures/demo'
import { kindWords } from '../kindWords'
import type { CataloguePart, PartKind } from '../partKinds'
import { sheetColumns } from '../sheetColumns'
import { columnsMarkdown } from './columnsMarkdown'
import { partsFromCsv } from './partsFromCsv'
import { partsFromJson, partsToJson } from './partsJson'
import { partsToCsv } from './partsToCsv'

const parts = demoParts()
const kinds = kindWords.map(({ kind }) => kind)
const ofKind = (kind: PartKind): CataloguePart[] => parts.filter(({ sheet }) => sheet.kind === kind)

describe('comma-separated text', () => {
  test.each(kinds)('%s: exported and imported again it is the same', (kind) => {
    expect(ofKind(kind).length).toBeGreaterThan(0)
    const text = partsToCsv(kind, parts)
    expect(partsFromCsv(text)).toEqual({ parts: ofKind(kind), problems: [] })
    expect(partsToCsv(kind, partsFromCsv(text).parts)).toBe(text)
  })

  const fan = ofKind('fan')[0]
  const cooler = ofKind('cooler')[0]
  if (fan?.sheet.kind !== 'fan' || cooler?.sheet.kind !== 'cooler') throw new Error('no demo')
  const { sheet } = fan
  const { sheet: coolerSheet } = cooler

  test('whatever stands in a text or a number', () => {
    const text = fc
      .string({ minLength: 1, maxLength: 60, unit: 'grapheme' })
      .map((one) => `x${one}x`)
    fc.assert(
      fc.property(
        fc.record({
          model: text,
          idleWatts: fc.option(fc.double({ min: 0, max: 10_000, noNaN: true }), { nil: null }),
          sockets: fc.option(fc.array(text, { maxLength: 5 }), { nil: null }),
          ownedPieces: fc.integer({ min: 1, max: 9 }),
        }),
        ({ ownedPieces, ...change }) => {
          const part = { ...cooler, ownedPieces, sheet: { ...coolerSheet, ...change } }
          if (Object.is(part.sheet.idleWatts, -0)) part.sheet.idleWatts = 0
          expect(partsFromCsv(partsToCsv('cooler', [part]))).toEqual({
            parts: [part],
            problems: [],
          })
        },
      ),
      { numRuns: 300 },
    )
  })

  test('no cell is run as a formula by a spreadsheet, and what was in it comes back', () => {
    const start = fc.constantFrom('=', '+', '-', '@', "'=", "''-", "'", '-5', '=1+1', '@x', "'x")
    const guarded = fc.tuple(start, fc.string({ maxLength: 5 })).map(([a, b]) => `${a}${b}x`)
    fc.assert(
      fc.property(guarded, fc.array(guarded, { maxLength: 3 }), (model, sockets) => {
        const part = { ...cooler, sheet: { ...coolerSheet, model, sockets } }
        const csv = partsToCsv('cooler', [part])
        // Read as a spreadsheet does, by the package alone.
        const cells = Papa.parse<string[]>(csv, { delimiter: ',' }).data.slice(1).flat()
        const isFormula = (cell: string) => /^[=+@\t\r]|^-(?![\d.]+(e-?\d+)?$)/.test(cell)
        expect(cells.filter(isFormula)).toEqual([])
        expect(partsFromCsv(csv).parts).toEqual([part])
      }),
      { numRuns: 300 },
    )
  })

  test('where a value comes from goes with it', () => {
    const part = { ...fan, sheet: { ...sheet, sources: { idleWatts: 'measured' as const } } }
    expect(partsFromCsv(partsToCsv('fan', [part])).parts).toEqual([part])
  })

  // Source: RFC 4180, as another reading of it (papaparse, a general-purpose library) sees the text.
  test('every line has as many cells as the first', () => {
    for (const kind of kinds) {
      const { data, errors } = Papa.parse<string[]>(partsToCsv(kind, parts).trimEnd())
      expect(errors.filter(({ code }) => code !== 'UndetectableDelimiter')).toEqual([])
      expect(new Set(data.map((row) => row.length)).size).toBe(1)
      expect(data).toHaveLength(ofKind(kind).length + 1)
    }
  })

  test('good rows are taken, bad ones told with line, column and reason', () => {
    const text = [
      'kind,maker,model,sizeMm,thicknessMm,idleWatts,colour',
      'fan,Brisk,"Wide, loud",120,25,0.5,red',
      'fan,Brisk,Comma,120,"1,255",0.5,',
      'fan,"Bris\nk",Two lines,120,25,0.5,',
      'fan,Brisk,,120,25,0.5,',
      'drive,Brisk,Other,120,25,0.5,',
      '',
      'fan,Brisk,Minus,120,25,-3,',
      'fan,Brisk,Wide loud,120,25,0.5,',
      'fan,Brisk,Many,120,25,0.5,,,,',
    ].join('\n')
    const { parts: read, problems } = partsFromCsv(text)
    expect(read.map(({ sheet: { model } }) => model)).toEqual(['Wide, loud', 'Two lines'])
    expect(problems).toEqual([
      { line: 1, column: 'colour', reason: expect.stringContaining('no such column') as string },
      {
        line: 3,
        column: 'thicknessMm',
        reason: '“1,255” is not a number of mm, nor of a unit like it; decimals have a point.',
      },
      // The quoted line break before counts as a line of the file.
      { line: 6, column: 'model', reason: 'model is missing or not a string.' },
      { line: 7, column: 'kind', reason: expect.stringContaining('of kind fan') as string },
      { line: 9, column: 'idleWatts', reason: 'idleWatts must be at least 0.' },
      { line: 10, column: 'slug', reason: 'brisk-wide-loud is already in line 2.' },
      { line: 11, column: '', reason: 'There are 10 cells for 7 columns.' },
    ])
  })

  test('numbers are taken with their units, as in forms and in search', () => {
    const text = [
      'kind,maker,model,sizeMm,thicknessMm,idleWatts',
      'fan,Brisk,Inches,12 cm,"1 in","0,5 W"',
      'fan,Brisk,Grouped,120,"2,55 cm",500 mW',
    ].join('\n')
    const { parts: read, problems } = partsFromCsv(text)
    expect(problems).toEqual([])
    expect(read.map(({ sheet }) => sheet)).toMatchObject([
      { sizeMm: 120, thicknessMm: 25.4, idleWatts: 0.5 },
      { sizeMm: 120, thicknessMm: 25.5, idleWatts: 0.5 },
    ])
  })

  test.each([
    ['', 'The file is empty.'],
    ['model,maker\na,b', 'The first line must name the columns, kind among them.'],
    ['kind,model\nhouse,b', 'kind must be one of'],
  ])('%j is refused whole', (text, reason) => {
    const read = partsFromCsv(text)
    expect(read.parts).toEqual([])
    expect(read.problems[0]?.reason).toContain(reason)
  })

  test('semicolons and a byte order mark, as spreadsheets write them', () => {
    const text = '\uFEFFkind;maker;model;sizeMm\r\nfan;Brisk;Small;80\r\n'
    expect(partsFromCsv(text).parts).toMatchObject([
      { slug: 'brisk-small', version: 1, sheet: { sizeMm: 80, thicknessMm: null }, price: null },
    ])
  })

  test.each([
    ['12000138625024', 12000138625024],
    ['12 TB', 12e12],
    ['1.5tb', 1.5e12],
    ['16 GiB', 2 ** 34],
  ])('a size may be written as %s', (cell, capacityBytes) => {
    const text = `kind,maker,model,capacityBytes,formFactor,medium\ndrive,A,B,${cell},3.5,disk`
    expect(partsFromCsv(text).parts[0]?.sheet).toMatchObject({ capacityBytes })
  })

  test('a file of before, which says nothing of the bus of a card, has cards for PCI Express', () => {
    const busOf = (text: string) =>
      partsFromCsv(text).parts.flatMap(({ sheet }) => ('bus' in sheet ? [sheet.bus] : []))
    const old = 'slug,kind,maker,model,drivePorts\nnew,controller,Mine,New,4\n'
    expect(busOf(old)).toEqual(['PCIe'])
    const empty = 'slug,kind,maker,model,bus,drivePorts\nnew,controller,Mine,New,,4\n'
    expect(busOf(empty)).toEqual(['PCIe'])
    const all = partsToCsv('controller', ofKind('controller'))
    expect(busOf(all).filter((bus) => bus === 'PCI')).toHaveLength(1)
  })

  test('a size that is none is told', () => {
    const text = 'kind,maker,model,capacityBytes,formFactor,medium\ndrive,A,B,12 XB,3.5,disk'
    expect(partsFromCsv(text).problems[0]?.reason).toContain('is not a size')
  })

  test('the price has its columns behind maker and model, and is on no data sheet', () => {
    const [head = ''] = partsToCsv('fan', ofKind('fan')).split('\n')
    expect(head).toContain(',maker,model,price.currency,price.unitMinor,price.shippingMinor,')
    const text =
      'kind,maker,model,sizeMm,price.currency,price.unitMinor\nfan,Brisk,Small,80,EUR,900'
    const [part] = partsFromCsv(text).parts
    expect(part?.price).toEqual({ currency: 'EUR', unitMinor: 900, shippingMinor: null })
    expect(part?.sheet).not.toHaveProperty('price')
  })

  test('a price needs its currency', () => {
    const text = 'kind,maker,model,sizeMm,price.unitMinor\nfan,Brisk,Small,80,900'
    expect(partsFromCsv(text).problems[0]).toMatchObject({ line: 2, column: 'price.currency' })
  })
})

describe('JSON', () => {
  test('a file of version 1 has the price on the sheet, also of what comes in a part', () => {
    const [fan] = ofKind('fan')
    const [board] = ofKind('board')
    const [chassis] = ofKind('chassis')
    if (!fan || !board || !chassis) throw new Error('no demo')
    const price = { currency: 'EUR', unitMinor: 900, shippingMinor: null }
    const old = [
      { slug: fan.slug, version: 1, sheet: { ...fan.sheet, price } },
      {
        slug: chassis.slug,
        version: 1,
        sheet: { ...chassis.sheet, price: null, insides: [{ ...board.sheet, price }] },
      },
    ]
    const text = JSON.stringify({ format: 'flint-shelf/catalogue', version: 1, parts: old })
    const { parts: read, problems } = partsFromJson(text)
    expect(problems).toEqual([])
    expect(read.map((part) => part.price)).toEqual([price, null])
    expect(read[0]?.sheet).toEqual(fan.sheet)
    expect(read[1]?.sheet).toMatchObject({ insides: [board.sheet] })
  })

  test('exported and imported again it is the same', () => {
    const read = partsFromJson(partsToJson(parts))
    expect(read).toEqual({ parts, problems: [] })
  })

  test('good entries are taken, bad ones told with their place', () => {
    const file = JSON.parse(partsToJson(ofKind('fan'))) as { parts: unknown[] }
    file.parts.splice(1, 0, { slug: 'bad', version: 1, sheet: { kind: 'fan', maker: 'A' } })
    file.parts.push(file.parts[0])
    const { parts: read, problems } = partsFromJson(JSON.stringify(file))
    expect(read).toEqual(ofKind('fan'))
    expect(problems).toContainEqual({
      line: 2,
      column: 'sheet.model',
      reason: 'sheet.model is missing or not a string.',
    })
    expect(problems.at(-1)).toMatchObject({ line: file.parts.length, column: 'slug' })
  })

  test.each(['', '[]', '{"format":"other"}'])('%j is refused whole', (text) => {
    expect(partsFromJson(text).parts).toEqual([])
    expect(partsFromJson(text).problems).toHaveLength(1)
  })
})

test('the published columns are those in the code; npm run schema writes them anew', () => {
  const path = join(import.meta.dirname, '..', '..', '..', '..', '..', 'docs', 'part-columns.md')
  expect(readFileSync(path, 'utf8')).toBe(columnsMarkdown())
})

test('every value of every kind has a column, and its label has no unit left in it', () => {
  for (const kind of kinds) {
    const columns = sheetColumns(kind)
    const top = new Set(columns.map(({ name }) => name.split('.')[0]))
    for (const part of ofKind(kind)) {
      const fields = Object.keys(part.sheet).filter((one) => one !== 'kind' && one !== 'sources')
      expect(fields.filter((one) => !top.has(one))).toEqual([])
    }
    for (const { label } of columns) expect(label).not.toMatch(/\b(mm|watts|bytes|grams)$/)
  }
})
