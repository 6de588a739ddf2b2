import type { Design } from '@flint/core/editing'
import { type Link, resolveMachine, scenarioRates, scenarios } from '@flint/core/figures'
import { demoDesign } from '../../../../packages/core/fixtures/demo'
import { withPart } from '../../../../packages/core/fixtures/ruleTable'
import { leadRuns, planDrawing } from './planRuns'

const cabin = demoDesign('cabin-archive')
const drawer = demoDesign('drawer-of-drives')

function drawn(design: Design) {
  const machine = resolveMachine(design)
  const [scrub] = scenarios
  if (!scrub) throw new Error('no kind of work')
  const rates = scenarioRates(design, machine, scrub)
  return planDrawing(machine, rates)
}

test('every cable is drawn from its plug to its port, with rate and load', () => {
  const drawing = drawn(cabin)
  const cables = drawing?.runs.filter(({ words }) => words.includes('to Sixteen port')) ?? []
  expect(cables).toHaveLength(3)
  for (const { points, bytesPerSecond, share } of cables) {
    const port = drawing?.ports.find(({ at }) => at === points.at(-1))
    expect(port?.isTaken).toBe(true)
    // Four lanes that SATA drives use at 552 MB/s, with four drives of 250.
    expect(bytesPerSecond).toBe(4 * 552e6)
    expect(share).toBeCloseTo(250 / 552, 9)
  }
})

test('plugs of one column and ports never lie on each other', () => {
  for (const design of [cabin, drawer]) {
    const drawing = drawn(design)
    const spots = [
      ...(drawing?.ends ?? []).map(({ at }) => `end ${at.x} ${at.y}`),
      ...(drawing?.ports ?? []).map(({ at }) => `port ${at.x} ${at.y}`),
    ]
    expect(spots.length).toBeGreaterThan(6)
    expect(new Set(spots).size).toBe(spots.length)
  }
})

test('lanes go from the slot to the CPU or the chipset, the network leaves at the rear', () => {
  const drawing = drawn(cabin)
  const { links } = resolveMachine(cabin)
  const runOf = (kind: Link['kind']) =>
    drawing?.runs.find(({ linkIds: [id] }) => links.find((link) => link.id === id)?.kind === kind)
  const slot = runOf('slot')
  expect(slot?.points.at(-1)).toEqual(drawing?.cpu)
  const network = runOf('network')
  expect(network?.points[0]).toEqual(drawing?.chipset)
  expect(network?.points.at(-1)?.x).toBeGreaterThan(538)
})

test('a slot that is free can be dropped on', () => {
  const free = drawn(cabin)?.slots.filter(({ cardId }) => cardId === null)
  expect(free?.map(({ slot }) => slot)).toEqual([2, 3])
})

test('leads go from the supply to what they feed', () => {
  const runs = leadRuns(resolveMachine(cabin))
  expect(runs).toHaveLength(6)
  expect(new Set(runs.map(({ points }) => JSON.stringify(points[0]))).size).toBe(1)
  // Two drives of 1.9 A on a plug of 5 A.
  for (const { share } of runs) expect(share).toBeCloseTo(3.8 / 5, 9)
})

test('where things lie is not known: nothing is drawn', () => {
  expect(drawn(withPart(cabin, 'pellworth-drystone-2u12', { boardAt: null }))).toBeNull()
})
