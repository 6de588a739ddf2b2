import { stretchesOf, TERMS, termsIn } from './terms'

test('a term is told apart where it stands first, in any form', () => {
  const stretches = stretchesOf('Scrubs read all lanes; a scrub uses each lane.')
  expect(stretches.map(({ text }) => text).join('')).toBe(
    'Scrubs read all lanes; a scrub uses each lane.',
  )
  expect(stretches.flatMap(({ text, term }) => (term ? [[text, term.name]] : []))).toEqual([
    ['Scrubs', 'scrub'],
    ['lanes', 'lane'],
  ])
})

test('a word within another is none, and the longest form holds', () => {
  expect(termsIn('airplanes and mirrorless cameras')).toEqual([])
  expect(stretchesOf('with double parity').at(-1)?.text).toBe('double parity')
  expect(stretchesOf('')).toEqual([])
})

test('terms are listed by name, each form once', () => {
  const forms = TERMS.flatMap((term) => term.forms)
  expect(new Set(forms).size).toBe(forms.length)
  for (const { name, says } of TERMS) {
    expect(termsIn(name).map((term) => term.name)).toContain(name)
    expect(says).toMatch(/^[A-Z].*\.$/)
  }
})
