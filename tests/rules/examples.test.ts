/** Every `@example` of the core and of the web application's plain functions is run, so that none can go stale. */
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { runInNewContext } from 'node:vm'
import { formatterFor } from '@flint/core/drawing'

const ROOT = join(import.meta.dirname, '..', '..')

/** Files whose exports examples may name, besides those of their own file. */
const AT_HAND = ['units/amount.ts', 'pool/zfs/vdevKinds/mirror.ts', 'pool/zfs/vdevKinds/raidz.ts']

type Exports = Record<string, unknown>

/** Loaded by path, since an example speaks of its own file and not of what the core exports. */
async function exportsOf(file: string): Promise<Exports> {
  return (await import(pathToFileURL(join(ROOT, file)).href)) as Exports
}

/** One after the other: the loader of the tests fails when modules that share others are asked for at once. */
async function atHand(): Promise<Exports> {
  const names: Exports = { format: formatterFor('en'), rules: {} }
  for (const file of AT_HAND) Object.assign(names, await exportsOf(`packages/core/src/${file}`))
  return names
}

interface Example {
  file: string
  call: string
  /** The value in JavaScript. After a colon and a space words may follow. */
  value: string
}

function examplesOf(file: string): Example[] {
  const source = readFileSync(join(ROOT, file), 'utf8')
  return [...source.matchAll(/\/\*\*([\s\S]*?)\*\//g)].flatMap(([, comment = '']) =>
    comment
      .replaceAll(/\n\s*\* ?/g, '\n')
      .split('@example')
      .slice(1)
      .map((text) => {
        const [call = '', value = ''] = (text.split('\n@')[0] ?? '')
          .replaceAll('\n', ' ')
          .split('// ')
        return { file, call: call.trim(), value: value.trim() }
      }),
  )
}

const FIGURE = /^(-?[\d_.]+)(?:e(\d+))?(?:: .*)?$/

/** A figure is meant to as many digits as it shows. */
function halfOfLastDigit(figure: string): number | null {
  const [, digits, exponent = '0'] = FIGURE.exec(figure) ?? []
  if (digits === undefined) return null
  const decimals = digits.split('.')[1]?.length ?? 0
  return decimals === 0 && exponent === '0' ? 0 : 0.5 * 10 ** (Number(exponent) - decimals)
}

const examples = ['packages/core/src', 'apps/web/src']
  .flatMap((folder) =>
    readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' }).map((file) =>
      join(folder, file),
    ),
  )
  .filter((file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file))
  .sort()
  .flatMap(examplesOf)

test('examples are found', () => {
  expect(examples.length).toBeGreaterThan(50)
})

test.each(examples)('$file: $call', async ({ file, call, value }) => {
  const names = { ...(await atHand()), ...(await exportsOf(file)) }
  const answer: unknown = runInNewContext(`(${call})`, names)
  const tolerance = halfOfLastDigit(value)
  if (tolerance === null) {
    expect(answer).toEqual(runInNewContext(`(${value})`, names))
  } else {
    const meant = Number((/^[-\d_.e]+/.exec(value)?.[0] ?? '').replaceAll('_', ''))
    expect(Math.abs(Number(answer) - meant)).toBeLessThanOrEqual(tolerance)
  }
})
