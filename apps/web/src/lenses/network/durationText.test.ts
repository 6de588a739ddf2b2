import { durationText } from './durationText'

test.each([
  [0.2, 'under 1 s'],
  [35, '35 s'],
  [880, '14.7 min'],
  [3_600, '60 min'],
  [8_000, '2.2 h'],
  [400_000, '4.6 days'],
])('%d seconds', (seconds, words) => {
  expect(durationText(seconds)).toBe(words)
})
