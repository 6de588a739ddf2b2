import fc from 'fast-check'
import { demoDesign } from '../../fixtures/demo'
import { resolveMachine } from '../machine/resolveMachine'
import { machineDay } from '../power/machineDay'
import { statePowers } from '../power/statePowers'
import { exactly } from '../units/amount'
import { againstPlan } from './againstPlan'
import { differenceCauses } from './differenceCauses'
import { readSeries } from './readSeries'
import { temperaturesCsv } from '../logging/logCsv'
import { readTemperatures } from './readTemperatures'
import { readTime } from './readTime'
import { seriesAgainstPlan } from './seriesAgainstPlan'
import { seriesFigures } from './seriesFigures'

const start = readTime('2026-11-20 00:00') ?? 0

describe('times', () => {
  test.each([
    ['2026-11-20 18:05:30', '2026-11-20T18:05:30Z'],
    ['2026-11-20T18:05:30.250+01:00', '2026-11-20T18:05:30Z'],
    ['20.11.2026 18:05', '2026-11-20T18:05:00Z'],
    ['2026-11-20', '2026-11-20T00:00:00Z'],
    ['1795197930123', '2026-11-20T18:05:30Z'],
  ])('%s', (written, meant) => {
    expect(readTime(written)).toBe(Date.parse(meant) / 1_000)
  })

  test.each(['', 'time', '12.5', '2026-13-01', '2026-11-20 25:00', '32.1.2026'])(
    '%s is none',
    (written) => {
      expect(readTime(written)).toBeNull()
    },
  )
})

describe('a log of temperatures', () => {
  test('a column for each sensor, named by the first line; an empty cell says nothing', () => {
    const read = readTemperatures(
      'Zeit;Laufwerke;Raum\n2026-11-20 18:00;38,5 °C;22\n2026-11-20 18:01;39;\nlost;;\n',
    )
    expect(read).toEqual({
      names: ['Laufwerke', 'Raum'],
      temperatures: [
        { at: '2026-11-20T18:00:00.000Z', name: 'Laufwerke', celsius: 38.5 },
        { at: '2026-11-20T18:00:00.000Z', name: 'Raum', celsius: 22 },
        { at: '2026-11-20T18:01:00.000Z', name: 'Laufwerke', celsius: 39 },
      ],
      skippedLines: [4],
    })
  })

  test('without a head the columns have their number; frost is a temperature, 900 degrees are none', () => {
    const read = readTemperatures('1795197900,-4.5,900\n1795197960,-5,901')
    expect(read?.temperatures).toMatchObject([
      { name: 'column 2', celsius: -4.5 },
      { name: 'column 2', celsius: -5 },
    ])
    expect(read?.skippedLines).toEqual([])
  })

  test('what is written of kept ones is read back the same', () => {
    const name = fc.constantFrom('drives', 'room, by the door', 'a "b"', '18:00')
    const one = fc.record({
      at: fc.date({ min: new Date(0), max: new Date(4e12), noInvalidDate: true }),
      name,
      celsius: fc.integer({ min: -600, max: 1500 }).map((tenths) => tenths / 10),
    })
    fc.assert(
      fc.property(fc.array(one, { minLength: 1, maxLength: 30 }), (some) => {
        const kept = some.map(({ at, ...rest }) => ({
          at: new Date(Math.floor(at.getTime() / 1_000) * 1_000).toISOString(),
          ...rest,
        }))
        const text = temperaturesCsv.head + kept.map(temperaturesCsv.line).join('')
        expect(readTemperatures(text)?.temperatures).toEqual(kept)
      }),
    )
  })

  test('what is no log is none, and no text stops it', () => {
    for (const text of ['', 'a,b\nc,d', '2026-11-20\n2026-11-21']) {
      expect(readTemperatures(text)).toBeNull()
    }
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (text) => {
        const read = readTemperatures(text)
        expect(read === null || Array.isArray(read.temperatures)).toBe(true)
      }),
    )
  })
})

describe('a log', () => {
  test.each([
    ['time,watts\n2026-11-20 10:00,23.5\n2026-11-20 10:01,24\n', ',', '.', 1, 2],
    ['Zeit;Leistung\n20.11.2026 10:00;23,5\n20.11.2026 10:01;24,0 W\n', ';', ',', 1, 2],
    ['23.5\tx\t1795197900\n24\ty\t1795197960\n', '\t', '.', 3, 1],
  ])('%j', (text, delimiter, decimalSign, timeColumn, wattsColumn) => {
    const read = readSeries(text)
    expect(read).toMatchObject({
      delimiter,
      decimalSign,
      timeColumn,
      wattsColumn,
      skippedLines: [],
    })
    expect(read?.readings.map(({ watts }) => watts)).toEqual([23.5, 24])
  })

  test('lines that say nothing are told, and order is made', () => {
    const read = readSeries(
      'time,watts\n2026-11-20 10:02,30\nlost,–\n2026-11-20 10:00,20\n2026-11-20 10:01,-4\n',
    )
    expect(read?.readings.map(({ watts }) => watts)).toEqual([20, 30])
    expect(read?.skippedLines).toEqual([3, 5])
  })

  test('what is no log is none', () => {
    expect(readSeries('')).toBeNull()
    expect(readSeries('a,b\nc,d')).toBeNull()
    expect(readSeries('2026-11-20\n2026-11-21')).toBeNull()
  })

  test('no text stops it', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (text) => {
        const read = readSeries(text)
        expect(read === null || Array.isArray(read.readings)).toBe(true)
      }),
    )
  })

  test('two hundred thousand lines keep nobody waiting', () => {
    const lines = Array.from({ length: 200_000 }, (_, at) => `${start + at * 30},${20 + (at % 7)}`)
    const from = process.cpuUsage()
    const read = readSeries(lines.join('\n'))
    const figures = seriesFigures(read?.readings ?? [], 23)
    // A second is what a reader takes as at once. Time of the processor, since other tests run beside this one.
    const { user, system } = process.cpuUsage(from)
    expect(user + system).toBeLessThan(5_000_000)
    expect(read?.readings).toHaveLength(200_000)
    expect(figures?.meanWatts).toBeCloseTo(23, 2)
  })
})

describe('what a log comes to', () => {
  const every = (minutes: number, watts: number[]) =>
    watts.map((one, at) => ({ seconds: start + at * minutes * 60, watts: one }))

  test('ten minutes at 20 W and ten at 40 W are 30 W and 10 Wh', () => {
    const figures = seriesFigures(every(10, [20, 40, 0]), 30)
    expect(figures).toMatchObject({
      meanWatts: 30,
      kilowattHours: 0.01,
      asleepShare: 0.5,
      lowestWatts: 0,
      highestWatts: 40,
    })
    expect(figures?.hours).toBeCloseTo(1 / 3, 12)
  })

  test('a log that stood still has measured nothing meanwhile', () => {
    // The first holds for a quarter of an hour, not for ten.
    const figures = seriesFigures(every(600, [20, 40]), null)
    expect(figures).toMatchObject({ hours: 0.25, meanWatts: 20, asleepShare: null })
  })

  test('each day has its own mean, and they add up', () => {
    const watts = Array.from({ length: 24 * 6 * 2 + 1 }, (_, at) => (at < 24 * 6 ? 20 : 30))
    const figures = seriesFigures(every(10, watts), null)
    expect(figures?.days.map(({ meanWatts }) => meanWatts)).toEqual([20, 30])
    const sum = figures?.days.reduce((all, day) => all + (day.meanWatts * day.hours) / 1_000, 0)
    expect(sum).toBeCloseTo(figures?.kilowattHours ?? NaN, 10)
  })

  test('one line measures nothing', () => {
    expect(seriesFigures(every(10, [20]), null)).toBeNull()
    expect(seriesFigures([], null)).toBeNull()
  })
})

describe('against the plan', () => {
  const band = { ...exactly(40, 'W'), low: 36, high: 50 }

  test('a reading outside the band is a difference, and is told', () => {
    expect(againstPlan(52, band)).toMatchObject({ stands: 'above', differenceWatts: 12 })
    expect(againstPlan(35, band)).toMatchObject({ stands: 'below', differenceWatts: -5 })
    expect([36, 50].map((watts) => againstPlan(watts, band).stands)).toEqual(['within', 'within'])
  })

  test('while something is missing only what is too little is known', () => {
    const open = { ...band, missing: [{ pieceId: 'cpu-1', field: 'deepIdleWatts' }] }
    expect(againstPlan(99, open).stands).toBe('not known')
    expect(againstPlan(30, open).stands).toBe('below')
  })

  test('causes come in the order in which to look', () => {
    const power = { vetoPartIds: [], dc: exactly(20, 'W') }
    expect(differenceCauses(power, true, true, 0.05).slice(0, 3)).toEqual([
      'kept awake',
      'disks not asleep',
      'supply at low load',
    ])
    const vetoed = { ...power, vetoPartIds: ['controller-1'] }
    expect(differenceCauses(vetoed, true, false, 0.5)[0]).toBe('settled too soon')
    expect(differenceCauses(power, false, true, null)).toContain('asleep meanwhile')
  })

  test('a series is held against the mean of the day', () => {
    const design = demoDesign('cabin-archive')
    const machine = resolveMachine(design)
    const planned = machineDay(design, statePowers(design, machine))?.mean.likely ?? 0
    const text = (watts: number): string =>
      Array.from({ length: 25 }, (_, at) => `${start + at * 600},${watts}`).join('\n')
    const answer = (watts: number): unknown => {
      const read = readSeries(text(watts))
      return read && seriesAgainstPlan(design, machine, read)
    }
    expect(answer(Math.round(planned))).toMatchObject({
      hours: 4,
      plan: { mean: { stands: 'within' }, causes: [] },
    })
    expect(answer(400)).toMatchObject({
      plan: {
        mean: { stands: 'above' },
        causes: expect.arrayContaining(['peripherals']) as unknown,
      },
    })
  })
})
