import { readdirSync, readFileSync } from 'node:fs'
import { basename, join } from 'node:path'

/** `tooFewPorts` as `too-few-ports`. */
const asCode = (name: string): string =>
  name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)

/** What several rules read, and the one that hands on what limits found under codes of their own. */
const NO_RULES = ['limitsNotKept', 'unreachedDrives']

const rules = readdirSync(import.meta.dirname, { recursive: true, encoding: 'utf8' })
  .filter((path) => path.includes('/') && !path.endsWith('.test.ts'))
  .map((path): [name: string, text: string] => [
    basename(path, '.ts'),
    readFileSync(join(import.meta.dirname, path), 'utf8'),
  ])
  .filter(([name]) => !NO_RULES.includes(name))
const table = readFileSync(join(import.meta.dirname, 'rules.ts'), 'utf8')

test('the folder holds the rules', () => {
  expect(rules.length).toBeGreaterThan(80)
})

test.each(rules)(
  '%s is a file, a rule and a code of one name, and is in the table',
  (name, text) => {
    const codes = [...text.matchAll(/code: '([a-z0-9-]+)'/g)].map(([, code = '']) =>
      code === asCode(name) ? code : code.replace(/-not-known$/, ''),
    )
    expect(new Set(codes)).toEqual(new Set([asCode(name)]))
    expect(text).toContain(`export const ${name}: Rule`)
    expect(table).toMatch(new RegExp(`^ {2}${name},$`, 'm'))
  },
)
