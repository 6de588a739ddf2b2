// How many evaluations of a 24-bay design does one core do in a second?
import { readFileSync } from 'node:fs'
import {
  catalogueFile,
  type DesignDocument,
  evaluate,
  fitPart,
  groupDrives,
  newDesign,
  notePieces,
  putDrivesInBays,
} from '@flint/core'

const SECONDS = 3

const { parts } = catalogueFile.parse(JSON.parse(readFileSync('demo/catalogue.json', 'utf8')))
const part = (slug: string) => {
  const found = parts.find((candidate) => candidate.slug === slug)
  if (!found) throw new Error(`no part ${slug} in the demo catalogue`)
  return found
}

function twentyFourBays(): DesignDocument {
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
  const bays = Array.from({ length: 24 }, (_, index) => `bay-${index + 1}`)
  const filled = putDrivesInBays(shell, part('quillon-keep-16'), bays)
  const ids = filled.fitted.flatMap(({ id, bay }) => (bay ? [id] : []))
  return groupDrives(
    filled,
    [0, 8, 16].map((start) => ({ kind: 'raidz2' as const, driveIds: ids.slice(start, start + 8) })),
  )
}

// Every round evaluates a document that was never seen before, as an edit makes one, so nothing kept
// from the last round can help.
const base = twentyFourBays()
let document = base
let rounds = 0
for (let warmUp = 0; warmUp < 500; warmUp += 1) evaluate({ ...base })
const start = performance.now()
while (performance.now() - start < SECONDS * 1000) {
  document = notePieces(document, ['drive-1'], { ageYears: rounds % 10 })
  evaluate(document)
  rounds += 1
}
const perSecond = rounds / ((performance.now() - start) / 1000)
process.stdout.write(
  `edit and evaluate, 24 bays: ${Math.round(perSecond)} a second on one core (aim: over 2,000)\n`,
)
