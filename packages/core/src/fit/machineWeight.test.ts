import { demoDesign } from '../../fixtures/demo'
import { withPart } from '../../fixtures/ruleTable'
import type { Design } from '../design/design'
import { resolveMachine } from '../machine/resolveMachine'
import { machineWeight as weightOf } from './machineWeight'

const shelf = demoDesign('warm-room-shelf')
const machineWeight = (design: Design) => weightOf(resolveMachine(design))

test('what stands beside the machine is not lifted with it', () => {
  const beside = withPart(withPart(shelf, 'stillwater-dam-1200'), 'pellworth-annex-4')
  expect(machineWeight(beside).grams).toBe(machineWeight(shelf).grams)
})

test('a part without a weight is named, not counted as nothing', () => {
  const { grams, notKnownPartIds } = machineWeight(
    withPart(shelf, 'hollin-flat-47', { weightGrams: null }),
  )
  expect(grams).toBeLessThan(machineWeight(shelf).grams)
  expect(notKnownPartIds).toHaveLength(1)
})
