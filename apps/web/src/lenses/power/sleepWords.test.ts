import { sleepWords } from './sleepWords'

const nights = {
  asleepHoursPerDay: 18.4,
  startsPerYear: 365,
  yearsOfStarts: 822,
  firstWaitSeconds: { low: 15, likely: 15, high: 15 },
  oneByOneWaitSeconds: { low: 180, likely: 180, high: 180 },
}

test.each([
  [
    nights,
    12,
    'They sleep 18.4 hours of a day and start 365 times a year, for which they are rated for over 50 years. The first reader waits 15 s, 180 s where they start one after another.',
  ],
  [
    { ...nights, yearsOfStarts: 11.4, firstWaitSeconds: { low: 6, likely: 10, high: 20 } },
    1,
    'They sleep 18.4 hours of a day and start 365 times a year, for which they are rated for 11.4 years. The first reader waits 6 to 20 s.',
  ],
  [{ ...nights, startsPerYear: 0 }, 1, 'By the hours above they never sleep.'],
])('%#', (sleep, woken, words) => {
  expect(sleepWords(sleep, woken)).toBe(words)
})
