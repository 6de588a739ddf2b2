import {
  catalogueFile,
  changeBrief,
  fitPart,
  type Design,
  groupDrives,
  parseDesign,
  removeParts,
} from '@flint/core/editing'
import { type Evaluation, evaluate, type OpenChoice } from '@flint/core/figures'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { changedFigures } from './changedFigures'
import { changeText } from './changeText'
import { type LedgerFigure, ledgerFigures } from './figures'
import { openChoiceCount, openChoiceNames } from './openChoiceWords'
import { payBackText } from '../sheet/payBack'
import { workingsOf } from './workingsOf'

const DEMO = join(import.meta.dirname, '..', '..', '..', '..', 'demo', 'designs')

function demo(name: string): Design {
  const parsed = parseDesign(JSON.parse(readFileSync(join(DEMO, `${name}.json`), 'utf8')))
  if ('design' in parsed) return parsed.design
  throw new Error(parsed.problems[0]?.sentence)
}

const catalogue = catalogueFile.parse(
  JSON.parse(readFileSync(join(DEMO, '..', 'catalogue.json'), 'utf8')),
).parts
const shelf = demo('warm-room-shelf')
const figure = (id: LedgerFigure['id']): LedgerFigure => {
  const found = ledgerFigures.find((one) => one.id === id)
  if (!found) throw new Error(`no figure ${id}`)
  return found
}
const shown = (id: LedgerFigure['id'], design: Design) => {
  const evaluation = evaluate(design)
  const { value, unit } = figure(id).value(evaluation)
  return `${value} ${unit}`.trim() + ` | ${figure(id).below(design, evaluation)}`
}

describe('figures say what they are', () => {
  const cases: [LedgerFigure['id'], Design, string][] = [
    ['working', shelf, '11.6 TiB | of 10 TiB wanted'],
    ['survived', shelf, 'any 1 | of 1 wanted'],
    ['idle', shelf, '27 W | limit 40 · 24 to 35 W · €85 a year'],
    ['cost', shelf, '€1,235 | of €1,300 · 1 piece owned'],
    ['idle', removeParts(shelf, ['supply-1']), 'not known | no power supply chosen'],
    ['survived', { ...shelf, pools: [] }, 'no pool | of 1 wanted'],
    ['cost', demo('cabin-archive'), '€2,265 | of €2,600 · 8 pieces owned'],
    [
      'survived',
      changeBrief(groupDrives(shelf, [{ kind: 'stripe', driveIds: ['drive-1', 'drive-2'] }]), {
        failuresWanted: null,
      }),
      'none | no wish in the brief · in pool 2',
    ],
    ['working', changeBrief(shelf, { data: [] }), '11.6 TiB | 14.6 TiB available when empty'],
  ]
  test.each(cases)('%s: %#', (id, design, text) => {
    expect(shown(id, design)).toBe(text)
  })
})

test('changes bear their sign and unit, and no change says nothing', () => {
  const before = evaluate(shelf)
  const after = evaluate(removeParts(shelf, ['drive-1']))
  expect(changeText(figure('cost'), before, after)).toBe('−€165')
  expect(changeText(figure('cost'), after, before)).toBe('+€165')
  expect(changeText(figure('idle'), before, after)).toMatch(/^−\d\.\d W$/)
  expect(changeText(figure('survived'), before, before)).toBe('')
  expect(changeText(figure('idle'), before, evaluate(removeParts(shelf, ['supply-1'])))).toBe('')
})

describe('what a choice does to the power of every year', () => {
  const before = evaluate(shelf)
  const money = (value: number) => {
    return { low: value, likely: value, high: value, unit: 'money' as const, missing: [] }
  }
  const priced = (yearMinor: number, buyMinor: number): Evaluation => ({
    ...before,
    power: { ...before.power, costPerYear: money(yearMinor) },
    cost: { ...before.cost, total: money(buyMinor) },
  })
  const likely = 100_000
  const now = priced(8_000, likely)
  test.each([
    [priced(7_200, likely + 1_300), '€8 a year less, paid back in 20 months'],
    [priced(7_200, likely + 4_000), '€8 a year less, paid back in 5 years'],
    [priced(7_200, likely + 40_000), '€8 a year less, never paid back in 20 years'],
    [priced(7_200, likely), '€8 a year less'],
    [priced(9_000, likely), '€10 a year more'],
    [priced(8_010, likely), ''],
    [{ ...now, power: { ...now.power, costPerYear: null } }, ''],
  ])('%#', (after, words) => {
    expect(payBackText(now, after).replace(/\.0\b/, '')).toBe(words)
  })
})

describe('every figure says how it was worked out', () => {
  test.each(ledgerFigures.map(({ id }) => id))(
    '%s ends with its result and names its source',
    (id) => {
      const evaluation = evaluate(shelf)
      const { terms, source, formula } = workingsOf(id, shelf, evaluation)
      const { value } = figure(id).value(evaluation)
      expect(terms.at(-1)?.value.replace(/\.\d+/, '')).toContain(value.replace(/\.\d+/, ''))
      expect(formula.length).toBeGreaterThan(40)
      expect(source).toMatch(/\.$/)
    },
  )

  test('also when nothing is known', () => {
    const bare = { ...shelf, fitted: [], snapshots: [], pools: [] }
    for (const { id } of ledgerFigures) {
      const text = JSON.stringify(workingsOf(id, bare, evaluate(bare)))
      expect(text).not.toMatch(/NaN|Infinity|undefined/)
    }
  })

  test('what stands beside the machine has a line of its own, and a pair shares the load', () => {
    const part = (slug: string) => {
      const found = catalogue.find((one) => one.slug === slug)
      if (!found) throw new Error(`no part ${slug}`)
      return found
    }
    const beside = fitPart(shelf, part('stillwater-bridge-300'))
    const labels = (design: Design): string[] =>
      workingsOf('idle', design, evaluate(design)).terms.map(({ label }) => label)
    expect(labels(beside)).toContain('Beside the machine: UPS')
    const pair = fitPart(shelf, part('emberlin-pair-800'))
    expect(labels(pair).join()).toMatch(/at 1 % load of each module, 230 V/)
  })

  test('the price of a kilowatt-hour is the mean of the day', () => {
    const night = changeBrief(shelf, {
      pricePerKilowattHourMinor: 32,
      priceBands: [{ fromHour: 0, toHour: 6, minor: 20 }],
    })
    const labels = workingsOf('idle', night, evaluate(night)).terms.map(({ label }) => label)
    expect(labels).toContain('At 0.29 EUR a kWh on average over the day')
  })

  test('the terms of the power add up to what is behind the supply', () => {
    const { terms } = workingsOf('idle', shelf, evaluate(shelf))
    const end = terms.findIndex(({ label }) => label === 'Behind the supply')
    const watts = terms.slice(0, end).map(({ value }) => Number(value.replace(' W', '')))
    expect(watts.reduce((sum, one) => sum + one, 0)).toBeCloseTo(22.8, 5)
    expect(terms[end]?.value).toBe('22.8 W')
  })
})

test.each([
  [false, [], 'nothing', ''],
  [true, [], 'Done', ''],
  [false, [open('rails', 1)], '1', 'rails for the rack'],
  [false, [open('rails', 1), open('cables', 2)], '3', 'rails for the rack, 2 cables'],
])('what is still to choose, done %s', (isDone, stillToChoose, count, names) => {
  expect(openChoiceCount({ stillToChoose, isDone })).toBe(count)
  expect(openChoiceNames({ stillToChoose })).toBe(names)
})

function open(choice: OpenChoice['choice'], count: number): OpenChoice {
  return { choice, count, which: 'of a kind that is not told here', step: 'core', title: null }
}

test('what a change has changed is told in words, and nothing where nothing has', () => {
  const shelf = demo('warm-room-shelf')
  const before = evaluate(shelf)
  expect(changedFigures(before, evaluate(shelf))).toBe('')
  const without = evaluate(
    removeParts(
      shelf,
      shelf.fitted.filter(({ id }) => id.startsWith('drive-')).map(({ id }) => id),
    ),
  )
  const words = changedFigures(before, without)
  expect(words).toContain('usable space 0 ')
  expect(words).toMatch(/\d+ of \d+ limits kept/)
  expect(words).toContain('idle at the wall')
})

test('the workings of what is bought name discount, order and rate, and end in what is paid', () => {
  const drives = shelf.snapshots.find(({ sheet }) => sheet.kind === 'drive')?.id ?? ''
  const purchase = {
    id: 'p',
    snapshotId: drives,
    price: { currency: 'USD', unitMinor: 10_000 },
    shippingMinor: 500,
    discountPercent: 10,
  }
  const rates = [{ from: 'USD', into: 'EUR', worth: 0.9, on: '2026-11-20' }]
  const money = { ...shelf.money, purchases: [purchase], rates }
  const parsed = parseDesign({ ...shelf, money })
  if (!('design' in parsed)) throw new Error('not read')
  const { terms } = workingsOf('cost', parsed.design, evaluate(parsed.design))
  // 4 × 100 − 40 + 5 = 365 dollars, 328.50 euros.
  expect(terms.find(({ label }) => label === 'Marrowby Hush 8')?.value).toBe(
    '4 × $100.00 − $40.00 + $5.00 = €328.50',
  )
})
