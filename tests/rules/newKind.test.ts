import { spawnSync } from 'node:child_process'
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const ROOT = join(import.meta.dirname, '..', '..')

/** A kind of part that does not exist: a card that counts time. */
const CLOCK = `import { z } from 'zod'
import { cardFields, sheetBase } from '../sheetFields'
import { cardNeed, cardPower } from '../cards'
import { steady } from '../draws'
import { inWatts, none, type PartKindDefinition, silent } from '../partKindDefinition'

const clockSheet = z.strictObject({ kind: z.literal('clock'), ...sheetBase, ...cardFields })

export const clockKind: PartKindDefinition<z.infer<typeof clockSheet>> = {
  schema: clockSheet,
  words: { one: 'clock card', many: 'clock cards' },
  chosenIn: [{ step: 'core', title: 'Clocks', noun: 'clock' }],
  count: 'many',
  stands: 'inside',
  needs: (sheet) => [cardNeed(sheet, null), ...cardPower(sheet)],
  offers: none,
  draws: steady('idleWatts'),
  permitsDeepIdle: ({ permitsDeepIdle }) => permitsDeepIdle,
  decibels: silent,
  highlights: ({ idleWatts }, format) => [inWatts(idleWatts, 'idle', format)],
}
`

/** What is asked of the core about a design with the new card, printed as JSON. */
const ASK = `import { readFileSync } from 'node:fs'
import { fitPart, kindWords, newDesign, partChoices, parseDesign, partColumns, partSheet } from './src/editing'
import { allNeeds, evaluate, fitVerdict, resolveMachine } from './src/figures'
import { machineWeight } from './src/fit/machineWeight'

const { parts } = JSON.parse(readFileSync(process.argv[2], 'utf8'))
const raw = parts.find(({ slug }) => slug === 'tindrel-middle-m')
const board = { ...raw, sheet: partSheet.parse(raw.sheet) }
const sheet = partSheet.parse({
  kind: 'clock', maker: 'Nobody', model: 'Tick', weightGrams: 77, idleWatts: 3.5, lanes: 1,
  pcieGeneration: 2, permitsDeepIdle: false,
})
const price = { currency: 'EUR', unitMinor: 4200, shippingMinor: 0 }
const part = { slug: 'nobody-tick', version: 1, sheet, price }
const alone = newDesign('alone', [board])
const design = fitPart(alone, part)
const [before, after] = [evaluate(alone), evaluate(design)]
const machine = resolveMachine(design)
console.log(JSON.stringify({
  watts: after.power.dc.likely - before.power.dc.likely,
  vetoes: after.power.vetoPartIds,
  cost: after.cost.total.likely - before.cost.total.likely,
  grams: machineWeight(machine).grams - machineWeight(resolveMachine(alone)).grams,
  placed: allNeeds(machine.placed).filter(({ pieceId }) => pieceId === 'clock-1'),
  chosenIn: partChoices('core').filter(({ takes }) => takes(sheet)).map(({ title }) => title),
  verdict: fitVerdict(alone, part).verdict,
  words: kindWords.find(({ kind }) => kind === 'clock'),
  columns: partColumns('clock').length,
  opens: 'design' in parseDesign(JSON.parse(JSON.stringify(design))),
}))
`

let core: string

beforeAll(() => {
  core = join(mkdtempSync(join(tmpdir(), 'flint-kind-')), 'packages', 'core')
  cpSync(join(ROOT, 'packages', 'core', 'src'), join(core, 'src'), {
    recursive: true,
    filter: (path) => !path.endsWith('.test.ts'),
  })
  symlinkSync(join(ROOT, 'node_modules'), join(core, '..', '..', 'node_modules'))
  writeFileSync(join(core, 'package.json'), '{"type":"module"}')
  writeFileSync(join(core, 'src', 'catalogue', 'kinds', 'clock.ts'), CLOCK)
  register('clock: clockKind,', "import { clockKind } from './kinds/clock'")
})

afterAll(() => {
  rmSync(join(core, '..', '..'), { recursive: true, force: true })
})

/** The one line in the table of kinds, with its import. */
function register(line: string, imported: string): void {
  const table = join(core, 'src', 'catalogue', 'partKinds.ts')
  const text = readFileSync(table, 'utf8')
  writeFileSync(
    table,
    `${imported}\n${text.replace('  riser: riserKind,\n', `  riser: riserKind,\n  ${line}\n`)}`,
  )
}

const node = (args: string[]) =>
  spawnSync('node', args, {
    cwd: core,
    encoding: 'utf8',
    env: { ...process.env, NODE_OPTIONS: '' },
  })

test('one file and one line: its watts, price, weight, placement and offers are there', () => {
  writeFileSync(join(core, 'ask.ts'), ASK)
  const catalogue = join(ROOT, 'demo', 'catalogue.json')
  const { stdout, stderr } = node(['--import', 'tsx', 'ask.ts', catalogue])
  expect(stderr).toBe('')
  expect(JSON.parse(stdout)).toEqual({
    watts: 3.5,
    vetoes: ['clock-1'],
    cost: 4200,
    grams: 77,
    placed: [
      {
        pieceId: 'clock-1',
        need: 'slot',
        on: { pieceId: 'board-1', number: expect.any(Number) as number },
      },
    ],
    chosenIn: ['Clocks'],
    verdict: expect.stringMatching(/^fits/) as string,
    words: { kind: 'clock', one: 'clock card', many: 'clock cards' },
    columns: expect.any(Number) as number,
    opens: true,
  })
})

test('it compiles so, and a kind that lacks a piece does not', () => {
  const lacking = CLOCK.replaceAll('clock', 'watch')
    .replace(/^ {2}draws:.*\n/m, '')
    .replace("import { steady } from '../draws'\n", '')
  writeFileSync(join(core, 'src', 'catalogue', 'kinds', 'watch.ts'), lacking)
  register('watch: watchKind,', "import { watchKind } from './kinds/watch'")
  writeFileSync(
    join(core, 'tsconfig.json'),
    JSON.stringify({ extends: join(ROOT, 'tsconfig.base.json'), include: ['src'] }),
  )
  const { stdout } = node([join(ROOT, 'node_modules', 'typescript7', 'bin', 'tsc'), '-p', '.'])
  expect(stdout).toMatch(/'draws' is missing/)
  // Nothing is said of the other one.
  expect(stdout).not.toMatch(/clock/)
})
