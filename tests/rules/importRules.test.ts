import { spawnSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'

const ROOT = join(import.meta.dirname, '..', '..')

/** A file that breaks a rule by one import, and the name of the rule. */
const VIOLATIONS: readonly [file: string, imports: string, rule: string][] = [
  ['packages/core/src/units/up.ts', '../catalogue/part', 'core-units'],
  ['packages/core/src/catalogue/up.ts', '../design/design', 'core-catalogue'],
  ['packages/core/src/machine/up.ts', '../pool/pool', 'core-machine'],
  ['packages/core/src/power/sideways.ts', '../findings/rule', 'core-power'],
  ['packages/core/src/limits/sideways.ts', '../findings/rule', 'core-limits'],
  ['packages/core/src/findings/up.ts', '../evaluate', 'core-findings'],
  ['packages/core/src/drawer/odds.ts', '../units/bytes', 'core-subject-not-listed'],
  ['packages/core/src/money/disk.ts', 'node:fs', 'core-has-no-node'],
  ['apps/web/src/drawing/up.ts', '../lenses/lens', 'web-drawing'],
  ['apps/web/src/sheet/up.ts', '../buildSheet/screen', 'web-sheet'],
  [
    'apps/web/src/lenses/deep.ts',
    '../../../../packages/core/src/machine/machine',
    'no-way-around-the-front-doors',
  ],
  ['apps/web/src/shelf/across.ts', '../../../server/src/app', 'apps-meet-in-core-and-contract'],
  ['apps/server/src/health/undeclared.ts', 'react', 'nothing-undeclared'],
  ['bench/inside.ts', '../apps/web/src/lenses/lens', 'only-tests-reach-into-the-server'],
  ['e2e/deep.ts', '../packages/core/src/pool/pool', 'no-way-around-the-front-doors'],
  ['scripts/deep.ts', '../packages/core/src/pool/pool', 'no-way-around-the-front-doors'],
]

/** Files that keep to the rules. */
const KEEPING: readonly [file: string, imports: string | null][] = [
  ['packages/core/src/units/bytes.ts', null],
  ['packages/core/src/catalogue/part.ts', '../units/bytes'],
  ['packages/core/src/design/design.ts', '../catalogue/part'],
  ['packages/core/src/machine/machine.ts', '../design/design'],
  ['packages/core/src/pool/pool.ts', '../machine/machine'],
  ['packages/core/src/findings/rule.ts', '../pool/pool'],
  ['packages/core/src/evaluate.ts', './findings/rule'],
  ['packages/core/src/figures.ts', './evaluate'],
  ['apps/web/src/lenses/lens.ts', '../../../../packages/core/src/figures'],
  ['apps/web/src/buildSheet/screen.ts', '../lenses/lens'],
  ['apps/server/src/app.ts', null],
]

let tree: string
let found: { rule: string; from: string }[]

beforeAll(() => {
  tree = mkdtempSync(join(tmpdir(), 'flint-rules-'))
  const write = (file: string, text: string): void => {
    mkdirSync(dirname(join(tree, file)), { recursive: true })
    writeFileSync(join(tree, file), text)
  }
  for (const [file, imports] of [...VIOLATIONS, ...KEEPING]) {
    write(file, imports === null ? 'export {}\n' : `import '${imports}'\n`)
  }
  write('tsconfig.json', '{"compilerOptions":{"module":"nodenext"}}')
  for (const folder of ['.', 'packages/core', 'apps/web', 'apps/server']) {
    write(join(folder, 'package.json'), '{"name":"x","type":"module"}')
  }
  mkdirSync(join(tree, 'tests'))
  symlinkSync(join(ROOT, 'node_modules'), join(tree, 'node_modules'))
  const { stdout, stderr } = spawnSync(
    'node',
    [
      join(ROOT, 'node_modules', 'dependency-cruiser', 'bin', 'dependency-cruise.mjs'),
      ...['--config', join(ROOT, '.dependency-cruiser.cjs'), '--output-type', 'json'],
      ...['packages', 'apps', 'tests', 'e2e', 'bench', 'scripts'],
    ],
    { cwd: tree, encoding: 'utf8', env: { ...process.env, NODE_OPTIONS: '' }, maxBuffer: 2 ** 26 },
  )
  if (stdout === '') throw new Error(stderr)
  const { summary } = JSON.parse(stdout) as {
    summary: { violations: { from: string; rule: { name: string } }[] }
  }
  found = summary.violations.map(({ from, rule }) => ({ from, rule: rule.name }))
})

afterAll(() => {
  rmSync(tree, { recursive: true, force: true })
})

test.each(VIOLATIONS)('%s may not import %s', (file, _imports, rule) => {
  expect(found.filter(({ from }) => from === file).map((one) => one.rule)).toContain(rule)
})

test('what keeps to the rules is left alone', () => {
  const kept = KEEPING.map(([file]) => file)
  expect(found.filter(({ from }) => kept.includes(from))).toEqual([])
})
