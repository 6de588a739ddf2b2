import ICAL from 'ical.js'
import { awayWords, fillWords } from './logWords'
import { reminderCalendar } from './reminderCalendar'

test('reminders come back after their days, read by another library', () => {
  const now = new Date('2026-11-27T08:00:00Z')
  const text = reminderCalendar('Cabin', [{ reminder: 'scrub', everyDays: 30 }], now)
  const [event] = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent')
  if (!event) throw new Error('no event')
  const times = new ICAL.Event(event).iterator()
  expect([times.next(), times.next()].map((at) => at.toJSDate().toISOString())).toEqual([
    '2026-12-27T08:00:00.000Z',
    '2027-01-26T08:00:00.000Z',
  ])
})

test('when a pool is full, beside what the brief says', () => {
  const trend = { usedBytes: 8e12, sizeBytes: 12e12, bytesPerYear: 2 ** 40, fullInYears: 1.2 }
  expect(fillWords(trend, 3)).toBe(
    'It fills by 1 TiB a year: it is full in 14 months; the brief looks 36 months ahead.',
  )
  expect(fillWords({ ...trend, fullInYears: 0.01 }, 3)).toContain('full within a month')
  expect(fillWords({ ...trend, bytesPerYear: -(2 ** 40), fullInYears: null }, 3)).toBe(
    'It gets emptier by 1 TiB a year.',
  )
})

test('a drive that is away, what waits for it, and what could stand in', () => {
  const drive = {
    driveId: 'a',
    isSentBack: true,
    isRebuilding: false,
    returned: null,
    pool: { id: 'p', name: 'plates', state: 'degraded' as const },
    spareIds: ['b'],
    daysLate: 7,
  }
  expect(awayWords(drive, () => 'Keep 12')).toBe(
    'sent back, 7 days late; pool plates is degraded; Keep 12 could stand in.',
  )
  expect(
    awayWords({ ...drive, isSentBack: false, pool: null, spareIds: [], daysLate: null }, String),
  ).toBe('taken out; no pool waits for it.')
  expect(
    awayWords(
      {
        ...drive,
        isSentBack: false,
        isRebuilding: true,
        pool: { ...drive.pool, state: 'rebuilding' },
        spareIds: [],
        daysLate: null,
      },
      String,
    ),
  ).toBe('in its place, being rebuilt; pool plates is rebuilding.')
})
