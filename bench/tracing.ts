// How often do the first two suspects have the cause, and how long does it take to say so?
import { putDrivesInBays, newDesign, fitPart } from '@flint/core/editing'
import { resolveMachine, suspectsOf, traceFault } from '@flint/core/figures'
import { part } from './demoParts'

const CASES = 1_000
const ERRORS = 3

const shell = [
  'pellworth-drystone-4u24',
  'tindrel-watch-atx',
  'varnholt-rack-12',
  'emberlin-tall-750',
]
const carded = fitPart(
  fitPart(newDesign('bench', shell.map(part)), part('lockrow-sixteen')),
  part('lockrow-eight'),
)
const bays = Array.from({ length: 24 }, (_, index) => `chassis-1/${index + 1}`)
const suspects = suspectsOf(resolveMachine(putDrivesInBays(carded, part('quillon-keep-16'), bays)))

/** The same numbers at every run (a generator of Park and Miller). */
let seed = 20_261_127
const below = (most: number): number => {
  seed = (seed * 16_807) % 2_147_483_647
  return seed % most
}

let found = 0
const began = performance.now()
for (let at = 0; at < CASES; at += 1) {
  const cause = suspects[below(suspects.length)]
  if (!cause) throw new Error('nobody is suspected')
  const errors = Array.from({ length: ERRORS }, () => ({
    driveId: cause.driveIds[below(cause.driveIds.length)] ?? '',
    kind: 'interface' as const,
    count: 1,
  }))
  const firstTwo = traceFault(suspects, { errors, cleanIds: [], trials: [] }).slice(0, 2)
  if (firstTwo.some(({ suspects: members }) => members.includes(cause))) found += 1
}
const tookMs = performance.now() - began
process.stdout.write(
  `${suspects.length} suspects, ${ERRORS} errors each: the cause is among the first two in ${((found / CASES) * 100).toFixed(1)} % of ${CASES}, ${(tookMs / CASES).toFixed(1)} ms each\n`,
)
