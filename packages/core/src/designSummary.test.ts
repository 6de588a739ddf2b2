import { demoDesign } from '../fixtures/demo'
import { newDesign } from './design/newDesign'
import { applyEdit } from './design/edits/edit'
import { designSummary } from './designSummary'
import { evaluate } from './evaluate'
import { isLack } from './judging/finding'

const names = ['cabin-archive', 'warm-room-shelf', 'drawer-of-drives'] as const

test.each(names)('%s: the figures of a list are those of the evaluation', (name) => {
  const design = demoDesign(name)
  const evaluation = evaluate(design)
  const summary = designSummary(design)
  const { capacity, survival, power, cost, limits, stillToChoose, isDone } = evaluation
  expect(evaluation).toMatchObject({
    capacity: summary.capacity,
    survival: summary.survival,
    power: summary.power,
    cost: summary.cost,
    limits: summary.limits,
  })
  expect(summary.capacity.workingBytes).toBe(capacity.workingBytes)
  expect(summary.survival.alwaysSurvived).toBe(survival.alwaysSurvived)
  expect(summary.power.wall).toEqual(power.wall)
  expect(summary.cost.total).toEqual(cost.total)
  expect(summary.limits).toHaveLength(limits.length)
  expect(summary).toMatchObject({ stillToChoose, isDone })
  const found = evaluation.findings.filter((finding) => !isLack(finding))
  expect(summary.findings).toEqual({ count: found.length, worst: found[0]?.severity ?? null })
})

test.each(names)('%s: every bay is drawn once and every piece counted once', (name) => {
  const design = demoDesign(name)
  const { front, piecesBySlug } = designSummary(design)
  const drawn = front.bays.flatMap(({ boxes }) => boxes)
  expect(new Set(drawn.map(String)).size).toBe(drawn.length)
  for (const [left, top, width, height] of drawn) {
    expect(left + width).toBeLessThanOrEqual(front.widthMm)
    expect(top + height).toBeLessThanOrEqual(front.heightMm)
  }
  expect(Object.values(piecesBySlug).reduce((sum, count) => sum + count, 0)).toBe(
    design.fitted.length,
  )
})

test('a drive out of its group is drawn apart from the others, and one taken out leaves an empty bay', () => {
  const design = demoDesign('warm-room-shelf')
  const kinds = (one: typeof design) =>
    designSummary(one)
      .front.bays.map(({ holds, boxes }) => [holds, boxes.length])
      .sort()
  const [drive] = design.pools[0]?.groups[0]?.driveIds ?? []
  const free = applyEdit(design, { do: 'ungroup-drives', driveIds: [drive ?? ''] })
  expect(kinds(free)).toContainEqual(['a free drive', 1])
  expect(kinds(design)).not.toContainEqual(['a free drive', 1])
  const gone = applyEdit(design, { do: 'remove', partIds: [drive ?? ''] })
  const empty = (one: typeof design) => kinds(one).find(([holds]) => holds === 'nothing')?.[1] ?? 0
  expect(Number(empty(gone))).toBe(Number(empty(design)) + 1)
})

test('a new design has no front and no piece', () => {
  const { front, piecesBySlug, findings } = designSummary(newDesign('New'))
  expect(front).toEqual({ widthMm: 0, heightMm: 0, fronts: [], bays: [] })
  expect(piecesBySlug).toEqual({})
  expect(findings.count).toBeGreaterThan(0)
})

test('a part named like a field of every object is counted', () => {
  const design = demoDesign('cabin-archive')
  const [first, ...others] = design.snapshots
  if (!first) throw new Error('no sheet')
  const named = { ...design, snapshots: [{ ...first, slug: 'constructor' }, ...others] }
  expect(designSummary(named).piecesBySlug.constructor).toBeGreaterThan(0)
})
