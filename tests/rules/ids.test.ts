import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const ROOT = join(import.meta.dirname, '..', '..')

/** The one place that gives ids their numbers, and so reads those of others. */
const GIVES_IDS = 'packages/core/src/design/edits/nextId.ts'

const sources = [
  'packages/core/src',
  'packages/contract/src',
  'apps/web/src',
  'apps/server/src',
  'apps/cli/src',
]
  .flatMap((folder) =>
    readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' }).map(
      (path) => `${folder}/${path}`,
    ),
  )
  .filter((path) => /\.tsx?$/.test(path) && !/\.test\.tsx?$/.test(path) && path !== GIVES_IDS)
  .map((path): [path: string, text: string] => [path, readFileSync(join(ROOT, path), 'utf8')])

/** `controller-1` is the beginning of `controller-10`: whoever compares beginnings lights both. */
const TAKEN_APART =
  /\b(id|\w*Id|bay|bayId)\??\.(startsWith|endsWith|split|slice|substring|replace|match)\(/

test('there is something to read', () => {
  expect(sources.length).toBeGreaterThan(400)
  expect(TAKEN_APART.test("id.startsWith('controller-1')")).toBe(true)
})

test('no id is taken apart as text', () => {
  const found = sources.filter(([, text]) => TAKEN_APART.test(text)).map(([path]) => path)
  expect(found).toEqual([])
})
