import { demoDesign } from '../../fixtures/demo'
import { type Alternative, type Ownership, moneyChoices } from '../design/money'
import { Evaluator } from '../evaluate'
import { resolveMachine } from '../machine/resolveMachine'
import { type Amount, exactly } from '../units/amount'
import { alternativeStreams, ownStreams } from './alternativeStreams'
import { designOwnership } from './designOwnership'
import { ownership } from './ownership'
import { piecePrices } from './piecePrices'
import { pricePerTerabyte } from './pricePerTerabyte'
import { printedCost } from './printedCost'

const assumed = (change: Partial<Ownership> = {}): Ownership => ({
  ...moneyChoices.parse({}).ownership,
  ...change,
})
const drive = (priceMinor: number | null, isUsed = false) => ({ pieceId: 'd', priceMinor, isUsed })

describe('years of a machine', () => {
  const input = {
    purchase: exactly(100_000, 'money'),
    energyPerYear: { ...exactly(8_000, 'money'), low: 7_000, high: 10_000 },
    drives: [drive(16_500), drive(16_500), drive(16_500), drive(16_500)],
    flash: [],
  }

  test('what is bought, power with its rise, drives that fail, and what is left at the end', () => {
    const { years, total } = ownership(
      input,
      assumed({ years: 3, risePercent: 10, keptValuePercent: 20 }),
    )
    expect(years.map(({ purchase }) => purchase.likely)).toEqual([100_000, 0, 0])
    expect(years.map(({ energy }) => Math.round(energy.likely))).toEqual([8_000, 8_800, 9_680])
    // 4 × 165.00 × 1.5 % = 9.90.
    expect(years[0]?.replacements.likely).toBeCloseTo(990, 9)
    expect(years.map(({ resaleMinor }) => resaleMinor)).toEqual([0, 0, 20_000])
    expect(total.likely).toBeCloseTo(100_000 + 26_480 + 3 * 990 - 20_000, 6)
    expect(total.high - total.low).toBeCloseTo(3_000 * (1 + 1.1 + 1.21), 6)
  })

  test('a price that rises a little each month costs more within each year, as it does until break-even', () => {
    const { years } = ownership(input, assumed({ years: 2, risePercent: 10, rise: 'smooth' }))
    // A twelfth of 8,000 a month, each month the twelfth root of 1.1 dearer: 8,367 in the first year.
    const months = Array.from({ length: 12 }, (_, month) => (8_000 / 12) * 1.1 ** (month / 12))
    const first = months.reduce((sum, one) => sum + one, 0)
    expect(years.map(({ energy }) => energy.likely)).toEqual([
      expect.closeTo(first, 6),
      expect.closeTo(first * 1.1, 6),
    ])
  })

  test('used drives fail twice as often, and what is not known is missing', () => {
    const { years } = ownership({ ...input, drives: [drive(10_000, true)] }, assumed())
    expect(years[0]?.replacements.likely).toBeCloseTo(300, 9)
    const unknown = ownership({ ...input, energyPerYear: null, drives: [drive(null)] }, assumed())
    expect(unknown.total.missing.map(({ field }) => field)).toEqual(['energy', 'price'])
  })

  test('flash is replaced when its life is over, by the band of its life', () => {
    const years = { low: 1.5, likely: 2, high: 10 }
    const flash = [{ pieceId: 'f', priceMinor: 5_000, years, missing: [] }]
    const figure = ownership({ ...input, drives: [], flash }, assumed({ years: 4 }))
    // Likely at the end of years 2 and 4; at worst in 2, 3 and 4 (after 1.5, 3 and 4.5 years: twice within four).
    expect(figure.years.map((one) => one.flash.likely)).toEqual([0, 5_000, 0, 5_000])
    expect(figure.years.map((one) => one.flash.high)).toEqual([0, 5_000, 5_000, 5_000])
    const lost = {
      pieceId: 'f',
      priceMinor: 5_000,
      years: null,
      missing: [{ pieceId: 'f', field: 'enduranceBytes' }],
    }
    expect(ownership({ ...input, flash: [lost] }, assumed()).total.missing).toHaveLength(1)
  })
})

describe('the shelf of the demo', () => {
  const design = demoDesign('warm-room-shelf')
  const machine = resolveMachine(design)
  const { cost, power, capacity } = new Evaluator().evaluate(design, machine)
  const input = designOwnership(design, machine, { cost, power })

  test('its four drives are what may fail, its stick what is written to death', () => {
    expect(input.drives.map(({ priceMinor }) => priceMinor)).toEqual([
      16_648, 16_648, 16_647, 16_647,
    ])
    expect(input.flash.map(({ pieceId }) => pieceId)).toEqual(['boot-1'])
    expect(input.energyPerYear).toEqual(power.costPerYear)
  })

  test('the price of every piece adds up to the bill', () => {
    const prices = [...piecePrices(cost, design).values()]
    expect(prices.reduce((sum, one) => sum + one, 0)).toBe(cost.total.likely)
  })

  test('a terabyte of what is likely paid, where the sum is a band', () => {
    const total: Amount<'money'> = {
      ...exactly(120_000, 'money'),
      low: 100_000,
      high: 150_000,
    }
    expect(
      pricePerTerabyte(
        { total },
        { rawBytes: 16e12, availableBytes: 12e12, workingBytes: 10e12 },
        [],
      ),
    ).toEqual({ rawMinor: 7_500, usableMinor: 10_000, workingMinor: 12_000, drivesMinor: null })
  })

  test('what is likely of a band is what stands against others, and is printed', () => {
    const band: Amount<'money'> = { ...exactly(120_000, 'money'), low: 1, high: 150_000 }
    const [once, failing] =
      ownStreams({ ...input, purchase: band, energyPerYear: band }, assumed({ risePercent: 0 })) ??
      []
    expect(once).toMatchObject({ onceMinor: 120_000, perMonthMinor: 10_000 })
    const { replacements } = ownership(input, assumed({ risePercent: 0 })).years[0] ?? {}
    expect(failing?.perMonthMinor).toBeCloseTo((replacements?.likely ?? Number.NaN) / 12, 10)
    const printed = printedCost({ ...cost, total: band, spent: band, now: band, later: band })
    expect(printed).toMatchObject({
      totalMinor: 120_000,
      spentMinor: 120_000,
      nowMinor: 120_000,
      laterMinor: 120_000,
    })
  })

  test('a terabyte, as sold, to use and to work with', () => {
    const bytes = (id: string): number => {
      const piece = machine.pieces.get(id)?.dataSheet
      return piece?.kind === 'drive' ? piece.capacityBytes : 0
    }
    const drives = [...piecePrices(cost, design)].flatMap(([id, minor]) =>
      bytes(id) > 0 ? [{ minor, bytes: bytes(id) }] : [],
    )
    const per = pricePerTerabyte(cost, capacity, drives)
    // 4 × 8.001563 TB: 665.90 for the drives, 1,235.30 for all of it.
    expect(per.drivesMinor).toBeCloseTo(66_590 / 32.006_252_888_064, 6)
    expect(per.rawMinor).toBeCloseTo(123_530 / 32.006_252_888_064, 6)
    expect(per.usableMinor).toBeGreaterThan(2 * (per.rawMinor ?? 0))
    expect(pricePerTerabyte(cost, { rawBytes: 0, availableBytes: 0, workingBytes: 0 }, [])).toEqual(
      {
        rawMinor: null,
        usableMinor: null,
        workingMinor: null,
        drivesMinor: null,
      },
    )
  })

  test('what it stands against, as money at once and each month', () => {
    const { brief } = design
    const of = (said: Partial<Alternative> & Pick<Alternative, 'kind'>) => {
      const { alternatives } = moneyChoices.parse({
        alternatives: [{ id: 'a', name: 'a', ...said }],
      })
      const [alternative] = alternatives
      if (!alternative) throw new Error('no alternative')
      return alternativeStreams(alternative, brief, assumed({ risePercent: 3 }))
    }
    expect(of({ kind: 'subscriptions', minorPerMonth: 4_500, risePercent: 6 })).toEqual([
      { onceMinor: 0, perMonthMinor: 4_500, risePercent: 6, rise: 'yearly steps' },
    ])
    // 10 TiB in three years are 11 whole terabytes.
    expect(of({ kind: 'rented space', minorPerTerabyteMonth: 500 })?.[0]?.perMonthMinor).toBe(5_500)
    // 40 W at 31.5 cents: 350.4 kWh, 110.38 a year.
    expect(of({ kind: 'bought box', onceMinor: 60_000, meanWatts: 40 })).toEqual([
      {
        onceMinor: 60_000,
        perMonthMinor: (350.4 * 31.5) / 12,
        risePercent: 3,
        rise: 'yearly steps',
      },
    ])
    expect(of({ kind: 'bought box', onceMinor: 60_000 })).toBeNull()
    expect(
      of({ kind: 'present machine', meanWatts: 0, minorPerYear: 1_200 })?.[1]?.perMonthMinor,
    ).toBe(100)
    const mine = ownStreams(input, assumed())
    expect(mine?.[0]?.onceMinor).toBe(cost.total.likely)
    expect(ownStreams({ ...input, energyPerYear: null }, assumed())).toBeNull()
  })
})
