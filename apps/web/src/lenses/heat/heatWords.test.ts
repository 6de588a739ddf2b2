import { changeWords, flowWords, warmthLabel, warmthWords, wayWords } from './heatWords'

const band = { low: 11.8, likely: 15.5, high: 21.9 }

test('a warmth is told in °C where the room is known, else over it', () => {
  expect(warmthWords(band, 24)).toBe('36 to 46 °C')
  expect(warmthWords(band, null)).toBe('12 to 22 K over the room')
  expect(warmthLabel(band, 24)).toBe('36 to 46 °C')
  expect(warmthLabel(band, null)).toBe('+12 to 22 K')
})

test('a flow without a width is one figure', () => {
  expect(flowWords({ low: 15.2, likely: 20, high: 24 })).toBe('15 to 24 m³/h')
  expect(flowWords({ low: 37.9, likely: 38, high: 38.1 })).toBe('38 m³/h')
})

test.each([
  [-3.24, 'K', 1, '−3.2 K'],
  [4.4, 'dB', 0, '+4 dB'],
  [0.2, 'dB', 0, '0 dB'],
  [-0.04, 'K', 1, '0 K'],
])('%d reads %s', (change, unit, digits, words) => {
  expect(changeWords(change, unit, digits)).toBe(words)
})

test('each way says what is done', () => {
  const way = {
    edit: { do: 'rename', name: 'x' } as const,
    kelvin: -1,
    decibels: 0,
    costMinor: 0,
    duty: 0.55,
    slug: null,
  }
  const titles = (
    [
      'close the gap',
      'clean the filters',
      'uncover the vents',
      'cover on',
      'fan speed',
      'another fan',
      'other fans',
    ] as const
  ).map((what) => wayWords({ ...way, what }, 'Brisk 120').title)
  expect(titles).toEqual([
    'Close the gap beside the fans',
    'Clean the filters',
    'Uncover the vents',
    'Put the cover on',
    'Fans at 55 %',
    'One more Brisk 120',
    'Brisk 120 instead',
  ])
})
