import { pullWords } from './pullWords'
import { conditionDoubts, NEW_READING } from './readingFields'
import { startWords } from './startWords'

test('a reading by the protocol leaves nothing open', () => {
  expect(conditionDoubts(NEW_READING)).toEqual([])
})

test('what the protocol asks for and nobody said, or said otherwise, is named', () => {
  expect(conditionDoubts({})).toEqual([
    'state not said',
    'lid not said',
    'peripherals not said',
    'wait not said',
  ])
  expect(
    conditionDoubts({
      state: 'asleep',
      lidClosed: false,
      peripheralsOut: false,
      minutesWaited: 29,
    }),
  ).toEqual(['lid open', 'screen or keyboard plugged in', 'after 29 minutes only'])
})

test('a pull test tells the piece from the CPU', () => {
  expect(pullWords({ watts: 11, sheetWatts: 9, cpuWatts: 8.5 }, 'Sixteen', 'idle power')).toBe(
    "Behind the supply Sixteen draws 11 W; its data sheet has 9 W. 8.5 W more are the CPU's, which sleeps deeper without it.",
  )
  expect(pullWords({ watts: 4.4, sheetWatts: null, cpuWatts: 0 }, 'Keep 12', 'idle power')).toBe(
    'Behind the supply Keep 12 draws 4.4 W; idle power was not known.',
  )
})

test('the start is told by rail, and what is not known of it', () => {
  const curve = {
    moments: [
      { atSeconds: 0, twelve: 27.6, five: 10.8, starting: 12 },
      { atSeconds: 10, twelve: 7, five: 4, starting: 0 },
    ],
    peak: { twelve: 27.6, five: 10.8 },
    missing: { twelve: [], five: [] },
  }
  const twelve = { amps: 27.6, ratedAmps: 45, missing: [] }
  expect(startWords(curve, twelve, { amps: 10.8, ratedAmps: 0, missing: ['rated5VAmps'] })).toMatch(
    /^At the worst moment 27.6 A of 45 A at 12 V and at least 10.8 A at 5 V, whose rating nobody gives. All drives turn after 10 s./,
  )
})
