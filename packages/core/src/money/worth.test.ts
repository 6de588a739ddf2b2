import fc from 'fast-check'
import { demoDesign, demoParts } from '../../fixtures/demo'
import { priceEffect } from '../comparing/priceEffect'
import { applyEdit } from '../design/edits/edit'
import { changeBrief } from '../design/edits/changeFields'
import { evaluate } from '../evaluate'
import { worthwhileChanges } from '../offers/worthwhileChanges'
import { formatterFor } from '../units/formatter'
import { billGroups } from './billGroups'
import { billText } from './billText'
import { driveOverYears, failuresThatEven, type OfferedDrive } from './driveOverYears'
import { linesToChoose } from '../stillToChoose/linesToChoose'
import { partListToCsv } from './partListCsv'
import { payBackMonths } from './payBackMonths'
import { costInMonth } from './costStream'
import { TB } from '../units/bytes'
import Papa from 'papaparse'

const shelf = demoDesign('warm-room-shelf')
const format = formatterFor('en')

describe('paying back', () => {
  test('whole months, at once, or never', () => {
    // A card that lets the CPU sleep: 135 more, saves 25 a year. Common practice, no source.
    expect(payBackMonths(13_500, 2_500)).toBe(65)
    expect(payBackMonths(-100, 0)).toBe(0)
    expect(payBackMonths(-100, -1)).toBeNull()
    expect(payBackMonths(100, 0)).toBeNull()
  })

  test('after so many months it is back, and a month before it is not', () => {
    const money = fc.integer({ min: 1, max: 10_000_000 })
    fc.assert(
      fc.property(money, money, (more, saved) => {
        const months = payBackMonths(more, saved) ?? Number.NaN
        expect((months * saved) / 12).toBeGreaterThanOrEqual(more - 1e-6)
        expect(((months - 1) * saved) / 12).toBeLessThan(more)
      }),
    )
  })
})

describe('a drive over the years', () => {
  const brief = { ...shelf.brief, pricePerKilowattHourMinor: 30, priceBands: [] }
  const assumed = { years: 5, risePercent: 0, rise: 'yearly steps' as const }
  const used: OfferedDrive = {
    priceMinor: 7_800,
    bytes: 12 * TB,
    idleWatts: 5,
    failuresPercent: 3,
  }

  test('bought, replaced and its power, for each terabyte', () => {
    const figure = driveOverYears(used, assumed, brief)
    expect(figure.boughtPerTerabyte).toBe(650)
    expect(figure.replacedPerTerabyte).toBeCloseTo(97.5, 9)
    // 5 W for 8,760 hours are 43.8 kWh, at 0.30 over five years, for 12 TB.
    expect(figure.powerPerTerabyte).toBeCloseTo((43.8 * 30 * 5) / 12, 9)
    expect(figure.totalPerTerabyte).toBeCloseTo(650 + 97.5 + 547.5, 9)
  })

  test('power rises as the months of a stream do', () => {
    const rising = { years: 3, risePercent: 6, rise: 'smooth' as const }
    const { powerPerTerabyte } = driveOverYears(used, rising, brief)
    const stream = { onceMinor: 0, perMonthMinor: (43.8 * 30) / 12, ...rising }
    const months = Array.from({ length: 36 }, (_, index) => costInMonth(stream, index + 1))
    expect(powerPerTerabyte).toBeCloseTo(months.reduce((sum, one) => sum + one, 0) / 12, 6)
  })

  test('what is not known is never nothing', () => {
    const figure = driveOverYears({ ...used, idleWatts: null }, assumed, brief)
    expect(figure).toMatchObject({ powerPerTerabyte: null, totalPerTerabyte: null })
    expect(failuresThatEven({ ...used, idleWatts: null }, used, assumed, brief)).toBeNull()
  })

  test('at the failures that make two offers even, they cost the same', () => {
    const dear: OfferedDrive = { ...used, priceMinor: 10_400, failuresPercent: 1.5, bytes: 8 * TB }
    const percent = failuresThatEven(used, dear, assumed, brief) ?? Number.NaN
    expect(percent).toBeGreaterThan(3)
    const even = driveOverYears({ ...used, failuresPercent: percent }, assumed, brief)
    expect(even.totalPerTerabyte).toBeCloseTo(
      driveOverYears(dear, assumed, brief).totalPerTerabyte ?? Number.NaN,
      6,
    )
    expect(failuresThatEven(dear, used, assumed, brief)).toBeNull()
    expect(failuresThatEven(used, { ...used, failuresPercent: 0 }, assumed, brief)).toBeNull()
    // A thousandth of a cent for each terabyte is a difference still.
    const hardlyDearer = { ...used, failuresPercent: 1e-7 }
    expect(failuresThatEven(used, hardlyDearer, assumed, brief)).toBeCloseTo(1e-7, 10)
  })
})

describe('what is worth it', () => {
  const found = worthwhileChanges(shelf, demoParts(), 120)

  test('what is promised is what the design becomes, soonest first, and no limit stands worse', () => {
    const now = evaluate(shelf)
    expect(found.length).toBeGreaterThan(0)
    for (const { edit, costMinor, yearMinor, months } of found) {
      const then = evaluate(applyEdit(shelf, edit))
      expect(costMinor).toBe(then.cost.total.likely - now.cost.total.likely)
      expect(yearMinor).toBe(
        (then.power.costPerYear?.likely ?? NaN) - (now.power.costPerYear?.likely ?? NaN),
      )
      expect(yearMinor).toBeLessThan(0)
      expect(months).toBe(payBackMonths(costMinor, -yearMinor))
      const kept = now.limits.filter(({ status }) => status === 'kept').map(({ id }) => id)
      const keptThen = then.limits.filter(({ status }) => status === 'kept').map(({ id }) => id)
      expect(keptThen).toEqual(expect.arrayContaining(kept))
    }
    const months = found.map((one) => one.months)
    expect(months).toEqual(months.toSorted((one, other) => one - other))
  })

  test('what takes longer than asked is left out', () => {
    const longest = found.at(-1)?.months ?? 0
    expect(worthwhileChanges(shelf, demoParts(), longest - 1).length).toBeLessThan(found.length)
  })
})

describe('another price of a part', () => {
  const drives = 'marrowby-hush-8'

  test('the bill then, and whether the budget holds', () => {
    const now = evaluate(shelf).cost.total.likely
    const tight = changeBrief(shelf, { costLimitMinor: now - 5_000 })
    const effect = priceEffect(tight, drives, { currency: 'EUR', unitMinor: 15_000 })
    // Four at 165.00 with 5.90 shipping become four at 150.00, delivered.
    expect(effect).toEqual({
      pieces: 4,
      now: { totalMinor: now, budget: 'missed', overMinor: 5_000 },
      then: { totalMinor: now - 6_590, budget: 'kept', overMinor: null },
    })
  })

  test('a price in a currency without a rate is not known, and a part that is not bought has none', () => {
    const limited = changeBrief(shelf, { costLimitMinor: 10_000_000 })
    const yen = priceEffect(limited, drives, { currency: 'JPY', unitMinor: 20_000 })
    expect(yen?.then.budget).toBe('not known')
    expect(priceEffect(shelf, 'quillon-keep-24', { currency: 'EUR', unitMinor: 1 })).toBeNull()
  })
})

describe('the budget in another currency', () => {
  const now = evaluate(shelf).cost.total.likely
  const dollars = changeBrief(shelf, { costLimitMinor: 100_000, costLimitCurrency: 'USD' })
  const budget = (worth: number | null) => {
    const rates = worth === null ? [] : [{ from: 'USD', into: 'EUR', worth, on: '2026-11-20' }]
    return evaluate({ ...dollars, money: { ...dollars.money, rates } }).limits.find(
      ({ id }) => id === 'cost',
    )
  }

  test('is held against the bill by the own rate, and nobody knows without one', () => {
    expect(budget(null)?.status).toBe('not known')
    expect(budget(now / 100_000)).toMatchObject({ status: 'kept', bound: { most: now } })
    expect(budget((now - 1) / 100_000)?.status).toBe('missed')
  })
})

describe('a bill that lacks something', () => {
  const { cost } = evaluate(shelf)
  const open = linesToChoose(
    [
      { choice: 'cables', count: 2, which: 'SATA', step: 'paths', title: null },
      { choice: 'layout', count: 1, which: null, step: 'drives', title: null },
    ],
    format,
  )

  test('what is still to choose stands in the file and in the text, and the layout costs nothing', () => {
    expect(open).toEqual([{ name: '2 cables: SATA', pieces: 2 }])
    const { data } = Papa.parse<Record<string, string>>(partListToCsv(cost, open), { header: true })
    expect(data).toContainEqual(
      expect.objectContaining({
        Part: '2 cables: SATA',
        'To buy': '2',
        'To pay': '',
        When: 'still to choose',
      }),
    )
    const text = billText('Shelf', cost, format, open)
    expect(text).toContain('2 cables: SATA: still to choose\n')
    expect(text).toContain('Together at least €')
  })

  test('together is what is likely of a band', () => {
    const total = { ...cost.total, low: 100, likely: 20_000, high: 30_000, missing: [] }
    expect(billText('Shelf', { ...cost, total }, format)).toContain('Together €200')
  })

  test('its groups hold every line once, by when and by shop, and add up', () => {
    const [first = '', second = ''] = cost.lines
      .filter(({ pieces }) => pieces > 0)
      .map(({ id }) => id)
    const shops = new Map([
      [first, 'Corner'],
      [second, 'Mill'],
    ])
    const lines = cost.lines.map((line) => ({ ...line, shop: shops.get(line.id) ?? '' }))
    for (const by of ['when', 'shop'] as const) {
      const groups = billGroups({ lines }, by)
      expect(groups.flatMap((group) => group.lines).toSorted(byId)).toEqual(lines.toSorted(byId))
      const sum = groups.reduce((all, { sumMinor }) => all + sumMinor, 0)
      expect(sum).toBe(cost.total.likely)
    }
    expect(billGroups({ lines }, 'shop').map(({ of }) => of)).toEqual([
      { shop: 'Corner' },
      { shop: 'Mill' },
      { shop: '' },
      ...(lines.some(({ pieces }) => pieces === 0) ? ['at hand'] : []),
    ])
    const unknown = lines.map((line) => (line.id === first ? { ...line, sumMinor: null } : line))
    expect(billGroups({ lines: unknown }, 'shop')[0]).toMatchObject({ isLeast: true })
  })
})

const byId = (one: { id: string }, other: { id: string }): number =>
  one.id < other.id ? -1 : one.id > other.id ? 1 : 0
