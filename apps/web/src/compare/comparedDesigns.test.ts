import { amountWords } from './amountWords'
import { asText, readComparedDesigns } from './comparedDesigns'

test('an address names up to four designs and revisions, and what is none is left out', () => {
  expect(readComparedDesigns('a,b@3')).toEqual([
    { id: 'a', revision: null },
    { id: 'b', revision: 3 },
  ])
  expect(readComparedDesigns('a@x,<b>,,c@0,d')).toEqual([{ id: 'd', revision: null }])
  expect(readComparedDesigns('a@checkpoint')).toEqual([{ id: 'a', revision: 'checkpoint' }])
  expect(readComparedDesigns('a,b,c,d,e')).toHaveLength(4)
  expect(asText(readComparedDesigns('a@checkpoint,b@3'))).toBe('a@checkpoint,b@3')
})

test('a figure is told in its own unit, and as little as is known', () => {
  const amount = (likely: number, unit: 'B' | 'W' | 'money' | 'pieces', missing = 0) => ({
    low: likely,
    likely,
    high: likely,
    unit,
    missing: Array.from({ length: missing }, () => ({ pieceId: null, field: 'price' })),
  })
  expect(amountWords(amount(2 ** 40, 'B'), 'EUR')).toBe('1 TiB')
  expect(amountWords(amount(27.4, 'W'), 'EUR')).toBe('27 W')
  expect(amountWords({ ...amount(27, 'W'), low: 24, high: 35 }, 'EUR')).toBe('27 W, 24 W to 35 W')
  expect(amountWords(amount(123_530, 'money', 1), 'EUR')).toBe('at least €1,235')
  expect(amountWords(amount(4, 'pieces'), 'EUR')).toBe('4')
  expect(amountWords(null, 'EUR')).toBe('not known')
})
