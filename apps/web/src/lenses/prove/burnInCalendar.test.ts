import ICAL from 'ical.js'
import { burnInCalendar } from './burnInCalendar'

test('every batch with its times, read back by another library', () => {
  const batches = [
    { driveIds: ['a', 'b'], startsHour: 0, hours: 26.5 },
    { driveIds: ['c'], startsHour: 26.5, hours: 20 },
  ]
  const text = burnInCalendar(
    'Cabin; archive, 2',
    { batches },
    new Date('2026-11-27T20:00:00Z'),
    (id) => `drive ${id}`,
  )
  const events = new ICAL.Component(ICAL.parse(text) as unknown[])
    .getAllSubcomponents('vevent')
    .map((one) => new ICAL.Event(one))
  expect(
    events.map(({ startDate, endDate }) =>
      [startDate, endDate].map((at) => at.toJSDate().toISOString()),
    ),
  ).toEqual([
    ['2026-11-27T20:00:00.000Z', '2026-11-28T22:30:00.000Z'],
    ['2026-11-28T22:30:00.000Z', '2026-11-29T18:30:00.000Z'],
  ])
  expect(events[0]?.summary).toBe('Burn-in 1 of 2: Cabin; archive, 2')
  expect(events[0]?.description).toContain('drive a\ndrive b')
  expect(new Set(events.map(({ uid }) => uid)).size).toBe(2)
})
