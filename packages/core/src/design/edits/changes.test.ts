import fc from 'fast-check'
import { changedPart, demoDesign, demoPart } from '../../../fixtures/demo'
import { withPart } from '../../../fixtures/ruleTable'
import {
  DATA_KINDS,
  dataNowBytes,
  growthBytesPerYear,
  USUAL_FILE_BYTES,
  wantedBytes,
} from '../brief'
import { fittedOfKind, fittedOne } from '../fittedParts'
import { newDesign } from '../newDesign'
import { parseDesign } from '../parseDesign'
import { evaluate } from '../../evaluate'
import { TIB } from '../../units/bytes'
import { changeData } from './changeFields'
import { changeSheet } from './changeSheet'
import { fitPart } from './fitPart'
import { putDrivesInBays } from './putDrivesInBays'
import { removeParts } from './removeParts'
import { ownedLeft } from './snapshots'

const shelf = demoDesign('warm-room-shelf')
const empty = newDesign('empty')

describe('data by kind', () => {
  test('a kind comes with its first number and the usual size of its files', () => {
    const { data } = changeData(empty, 'media', { nowBytes: 3 * TIB }).brief
    expect(data).toEqual([
      {
        kind: 'media',
        nowBytes: 3 * TIB,
        growthBytesPerYear: 0,
        fileBytes: USUAL_FILE_BYTES.media,
      },
    ])
  })

  test('it goes when nothing of it is left, and what was said of its files with it', () => {
    const some = changeData(empty, 'backups', { growthBytesPerYear: TIB })
    expect(changeData(some, 'backups', { growthBytesPerYear: 0 }).brief.data).toEqual([])
    expect(changeData(empty, 'backups', { fileBytes: 5 }).brief.data).toEqual([])
  })

  test('kinds stand in one order, whichever came first', () => {
    const kinds = [...DATA_KINDS].reverse()
    const all = kinds.reduce((design, kind) => changeData(design, kind, { nowBytes: 1 }), empty)
    expect(all.brief.data.map(({ kind }) => kind)).toEqual(DATA_KINDS)
  })

  test('whatever is said, the document stays sound and the sums agree', () => {
    const change = fc.record({
      kind: fc.constantFrom(...DATA_KINDS),
      nowBytes: fc.nat({ max: 1e12 }),
      growthBytesPerYear: fc.nat({ max: 1e12 }),
    })
    fc.assert(
      fc.property(fc.array(change, { maxLength: 12 }), (changes) => {
        const design = changes.reduce(
          (before, { kind, ...numbers }) => changeData(before, kind, numbers),
          empty,
        )
        expect(parseDesign(JSON.parse(JSON.stringify(design)))).toEqual({ design: design })
        const { brief } = design
        expect(wantedBytes(brief)).toBe(
          dataNowBytes(brief) + Math.round(growthBytesPerYear(brief) * brief.horizonYears),
        )
      }),
      { numRuns: 80 },
    )
  })

  test('a document that names a kind twice is refused', () => {
    const [entry] = changeData(empty, 'media', { nowBytes: 1 }).brief.data
    const twice = { ...empty, brief: { ...empty.brief, data: [entry, entry] } }
    expect(parseDesign(JSON.parse(JSON.stringify(twice)))).toMatchObject({
      problems: [{ field: 'brief.data', sentence: 'brief.data must name each kind of data once.' }],
    })
  })

  test('hours that end before they begin are refused', () => {
    const priceBands = [{ fromHour: 6, toHour: 6, minor: 20 }]
    const wrong = { ...empty, brief: { ...empty.brief, priceBands } }
    expect(parseDesign(wrong)).toMatchObject({
      problems: [{ sentence: 'brief.priceBands[0] must end after it begins.' }],
    })
  })
})

describe('a data sheet of this design only', () => {
  const place = fittedOne(shelf, 'place')
  const snapshotId = place?.part.snapshotId ?? ''

  test('is changed here, and the catalogue has no say in it any more', () => {
    const changed = changeSheet(shelf, snapshotId, { depthMm: 260 })
    expect(fittedOne(changed, 'place')?.sheet.depthMm).toBe(260)
    expect(changed.snapshots.find(({ id }) => id === snapshotId)).toMatchObject({
      slug: null,
      catalogueVersion: 0,
    })
    expect(evaluate(changed).findings.map(({ code }) => code)).toContain('no-plug-room')
  })

  test.each([{ depthMm: -1 }, { depthMm: 'deep' }, { kind: 'fan' }, { colour: 'red' }])(
    '%j is no data sheet, so nothing changes',
    (change) => {
      expect(fittedOne(changeSheet(shelf, snapshotId, change), 'place')?.sheet).toEqual(
        place?.sheet,
      )
    },
  )

  test('a data sheet that is not there is left alone', () => {
    expect(changeSheet(shelf, 'sheet-99', { depthMm: 1 })).toEqual(shelf)
  })
})

describe('what is owned', () => {
  const fan = { ...demoPart('brisk-120'), ownedPieces: 2 }

  test('pieces are owned until there are no more of them', () => {
    const three = [fan, fan, fan].reduce(fitOne, shelf)
    expect(fittedOfKind(three, 'fan').map(({ part }) => part.owned)).toEqual([true, true, false])
    expect(ownedLeft(three, fan)).toBe(0)
    const cost = (design: typeof shelf): number => evaluate(design).cost.total.likely
    expect(cost([fan, fan].reduce(fitOne, shelf))).toBe(cost(shelf))
    expect(cost(three)).toBeGreaterThan(cost(shelf))
  })

  test('one that is taken out is there again', () => {
    const two = [fan, fan].reduce(fitOne, shelf)
    const [first] = fittedOfKind(two, 'fan')
    expect(ownedLeft(removeParts(two, [first?.part.id ?? '']), fan)).toBe(1)
  })

  test('drives too, bay by bay', () => {
    const drive = { ...demoPart('quillon-keep-16'), ownedPieces: 1 }
    const put = putDrivesInBays(shelf, drive, ['chassis-1/1', 'chassis-1/2'])
    const owned = fittedOfKind(put, 'drive').filter(({ part }) => part.owned)
    expect(owned.map(({ part }) => part.bay)).toEqual(['chassis-1/1'])
  })

  test('another part of the catalogue is not taken for it', () => {
    const other = { ...changedPart('brisk-92', {}), ownedPieces: 1 }
    const design = fitPart(fitPart(shelf, fan), other)
    expect(ownedLeft(design, fan)).toBe(1)
    expect(ownedLeft(design, other)).toBe(0)
  })
})

test('a machine has one UPS: another takes its place', () => {
  const two = withPart(withPart(shelf, 'stillwater-bridge-300'), 'stillwater-bridge-90')
  expect(fittedOfKind(two, 'ups').map(({ sheet }) => sheet.model)).toEqual(['Bridge 90'])
})

function fitOne(design: typeof shelf, part: ReturnType<typeof demoPart>): typeof shelf {
  return fitPart(design, part)
}
