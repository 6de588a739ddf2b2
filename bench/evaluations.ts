// How many evaluations of a 24-bay design does one core do in a second?
import { readFileSync } from 'node:fs'
import {
  type Design,
  fitPart,
  groupDrives,
  moveDrive,
  newDesign,
  notePieces,
  parseDesign,
  putDrivesInBays,
} from '@flint/core/editing'
import { Evaluator } from '@flint/core/figures'
import { medianOfBatches } from './batches'
import { part } from './demoParts'

const evaluator = new Evaluator()

function twentyFourBays(): Design {
  const slugs = [
    'pellworth-drystone-4u24',
    'tindrel-watch-atx',
    'varnholt-rack-12',
    'emberlin-tall-750',
  ]
  const shell = fitPart(
    fitPart(newDesign('bench', slugs.map(part)), part('lockrow-sixteen')),
    part('lockrow-eight'),
  )
  const bays = Array.from({ length: 24 }, (_, index) => `chassis-1/${index + 1}`)
  const filled = putDrivesInBays(shell, part('quillon-keep-16'), bays)
  const ids = filled.fitted.flatMap(({ id, bay }) => (bay ? [id] : []))
  return groupDrives(
    filled,
    [0, 8, 16].map((start) => ({ kind: 'raidz2' as const, driveIds: ids.slice(start, start + 8) })),
  )
}

// Every round evaluates a document that was never seen before, as an edit makes one, so nothing kept of the
// document itself can help. What depends on parts and bays alone is kept while they stay what they are, so
// edits that touch them are counted apart.
const base = twentyFourBays()

const millisecondsOf = (work: () => void): string => {
  const start = performance.now()
  work()
  return `${(performance.now() - start).toFixed(0)} ms`
}
// The page's thread reads its code by a sample while the design is under way, so it waits for the second alone.
const sample = parseDesign(JSON.parse(readFileSync('demo/designs/cabin-archive.json', 'utf8')))
if (!('design' in sample)) throw new Error('The demo cannot be read.')
const sampleTime = millisecondsOf(() => new Evaluator().evaluate(sample.design))
const first = millisecondsOf(() => evaluator.evaluate(base))
process.stdout.write(
  `the first evaluation of a page, 24 bays: ${first} (aim: under 30), after ${sampleTime} for its sample\n`,
)

const edits: [name: string, aim: string, edit: (round: number) => Design][] = [
  ['an age', '18,000', (round) => notePieces(base, ['drive-1'], { ageYears: round % 10 })],
  [
    'a drive in another bay',
    '5,000',
    (round) => moveDrive(base, 'drive-1', `chassis-1/${2 + (round % 20)}`),
  ],
]
for (const [name, aim, edit] of edits) {
  const { perSecond, perThousandYardsticks } = medianOfBatches((round) =>
    evaluator.evaluate(edit(round)),
  )
  process.stdout.write(
    `edit ${name} and evaluate, 24 bays: ${Math.round(perSecond)} a second of CPU time, ` +
      `${Math.round(perThousandYardsticks)} in the time of 1,000 yardsticks (aim: over ${aim} a second)\n`,
  )
}
