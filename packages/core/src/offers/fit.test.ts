import { changedPart, demoDesign, demoPart, demoParts } from '../../fixtures/demo'
import { coolerClearance } from '../fit/coolerClearance'
import { formatterFor } from '../units/formatter'
import { fitVerdict, reasonText } from './fitVerdict'

const english = formatterFor('en')

describe('room for a cooler', () => {
  test('the least of cover, fan and supply counts', () => {
    const at = (boardToCoverMm: number, coverFanMm: number, boardToSupplyMm: number) =>
      coolerClearance({ boardToCoverMm, coverFanMm, boardToSupplyMm })
    expect(at(72, 0, 0)).toEqual({ clearanceMm: 72, obstacle: 'the cover' })
    expect(at(148, 25, 0)).toEqual({ clearanceMm: 123, obstacle: 'the fan under the cover' })
    expect(at(128, 0, 56)?.obstacle).toBe('the supply over the board')
    expect(at(50, 0, 56)?.obstacle).toBe('the cover')
    expect(at(56, 0, 56)?.obstacle).toBe('the cover')
  })

  test('one missing measure makes it unknown', () => {
    const known = { boardToCoverMm: 72, coverFanMm: 0, boardToSupplyMm: 0 }
    for (const field of Object.keys(known)) {
      expect(coolerClearance({ ...known, [field]: null })).toBeNull()
    }
  })
})

describe('the verdict on a part', () => {
  const shelf = demoDesign('warm-room-shelf')
  const cabin = demoDesign('cabin-archive')

  test.each([
    ['hollin-thin-29', shelf, 'fits', ''],
    ['hollin-pass-64', shelf, 'does not fit', 'touches the supply over the board'],
    ['varnholt-late-8', shelf, 'fits with changes', 'needs firmware 15'],
    ['lockrow-six', shelf, 'fits', ''],
    ['tindrel-found-itx', shelf, 'fits with changes', 'Not known'],
    [
      'tindrel-watch-atx',
      cabin,
      'fits with changes',
      'Needs another CPU. Varnholt Mid 8 needs socket V4',
    ],
    ['varnholt-rack-12', cabin, 'does not fit', 'needs socket V9'],
    // Twelve drives and eight bays.
    ['pellworth-short-3u8', cabin, 'does not fit', 'taken out'],
    ['emberlin-brick-450', cabin, 'does not fit', 'takes supplies of shape'],
    ['lockrow-long-24', cabin, 'does not fit', 'full-height bracket'],
    ['pellworth-drystone-2u12', cabin, 'fits with changes', '22 mm are left'],
  ] as const)('%s: %#', (slug, design, verdict, words) => {
    const judged = fitVerdict(design, demoPart(slug))
    expect(judged.verdict).toBe(verdict)
    expect(reasonText(judged, english)).toContain(words)
  })

  test('the whole design is looked at: a case with too few bays does not take four drives', () => {
    // Its two bays hold two of the four; the finding names the pool and the drives, not the case.
    const judged = fitVerdict(shelf, demoPart('ashgrove-gap-4'))
    expect(judged.verdict).not.toBe('fits')
    const two = changedPart('ashgrove-hearth-4', { model: 'Two' })
    const { sheet } = two
    if (sheet.kind !== 'chassis') throw new Error('not a case')
    const cut = {
      ...two,
      sheet: {
        ...sheet,
        bayBlocks: sheet.bayBlocks.map((block) => ({ ...block, rows: 1, columns: 2 })),
      },
    }
    expect(fitVerdict(shelf, demoPart('ashgrove-hearth-4')).verdict).not.toBe('does not fit')
    const judgedCut = fitVerdict(shelf, cut)
    expect(judgedCut.verdict).toBe('does not fit')
    expect(reasonText(judgedCut, english)).toContain('2 members of groups are taken out')
  })

  test('every part of the catalogue is judged, and good and bad ones exist', () => {
    const verdicts = demoParts()
      .filter(({ sheet }) => sheet.kind !== 'drive')
      .map((part) => fitVerdict(cabin, part).verdict)
    expect(new Set(verdicts)).toEqual(new Set(['fits', 'fits with changes', 'does not fit']))
  })
})
