import type { Design } from '@flint/core/editing'
import { resolveMachine, scenarioRates, scenarios } from '@flint/core/figures'
import { demoDesign } from '../../../../../packages/core/fixtures/demo'
import { withPart } from '../../../../../packages/core/fixtures/ruleTable'
import { rearLinks } from './rearLinks'
import { strokePx } from './strokePx'

const cabin = withPart(demoDesign('cabin-archive'), 'wickmere-ten')

function linksOf(design: Design, scenarioId: string) {
  const machine = resolveMachine(design)
  const scenario = scenarios.find(({ id }) => id === scenarioId)
  if (!scenario) throw new Error(`no scenario ${scenarioId}`)
  return rearLinks(machine, scenarioRates(design, machine, scenario), (share) =>
    share > 0.99 ? 'full' : 'idle',
  )
}

test('one for each network port, the quicker the wider', () => {
  const [ten, one] = linksOf(cabin, 'scrub')
  expect([ten?.partId, one?.partId]).toEqual(['nic-1', 'board-1'])
  expect((ten?.strokeWidth ?? 0) / (one?.strokeWidth ?? 1)).toBeGreaterThan(2)
})

test('what readers fill is full, what nobody uses is idle', () => {
  expect(linksOf(cabin, 'scrub').map(({ className }) => className)).toEqual(['idle', 'idle'])
  // Four readers fill the one port of the board.
  const [only] = linksOf(demoDesign('cabin-archive'), 'readers')
  expect(only?.className).toBe('full')
})

test('strokes go with the root of the rate, never thinner than can be seen', () => {
  expect(strokePx(2_400e6, 9_600e6)).toBe(4.5)
  expect(strokePx(0, 1e9)).toBe(1.5)
})
