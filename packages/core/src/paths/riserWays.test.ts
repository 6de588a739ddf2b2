import { slotOf } from '../../fixtures/slots'
import { demoDesign } from '../../fixtures/demo'
import { withPart } from '../../fixtures/ruleTable'
import { pinCard } from '../design/edits/pinPaths'
import { placementsOf } from './placements'
import { riserWays } from './riserWays'

test('two places share the lanes of the slot', () => {
  const [way, ...others] = riserWays(
    [slotOf(16), slotOf(1)],
    [{ id: 'r', lanes: 16, gives: [8, 8] }],
  )
  expect(others).toEqual([])
  expect(way?.slotOf).toEqual({ r: 0 })
  expect(way?.places.map(({ electricalLanes, boardSlot }) => [electricalLanes, boardSlot])).toEqual(
    [
      [8, 0],
      [8, 0],
      [1, 1],
    ],
  )
})

test('widths are those that exist', () => {
  const [way] = riserWays(
    [slotOf(16, { electricalLanes: 4 })],
    [{ id: 'r', lanes: 16, gives: [16, 16, 16] }],
  )
  expect(way?.places.map(({ electricalLanes }) => electricalLanes)).toEqual([1, 1, 1])
})

test('without risers there is one way, and none for a riser that no slot takes', () => {
  expect(riserWays([slotOf(4)], [])).toHaveLength(1)
  expect(riserWays([slotOf(4)], [{ id: 'r', lanes: 16, gives: [16] }])).toEqual([])
})

test('two risers never stand in one slot; a pinned one stays', () => {
  const risers = ['a', 'b'].map((id) => ({ id, lanes: 16, gives: [16] }))
  expect(riserWays([slotOf(16), slotOf(16), slotOf(4)], risers)).toHaveLength(2)
  expect(riserWays([slotOf(16), slotOf(16)], risers, { a: 1 }).map(({ slotOf }) => slotOf)).toEqual(
    [{ a: 1, b: 0 }],
  )
})

test('in a design, cards stand on the riser, and each has its share of the lanes', () => {
  const cabin = withPart(withPart(demoDesign('cabin-archive'), 'pellworth-lie-2'), 'wickmere-ten')
  const [best] = placementsOf(pinCard(pinCard(cabin, 'controller-1', 1), 'riser-1', 1))
  expect(best?.riserSlotOf).toEqual({ 'riser-1': 0 })
  expect(best?.placed.find(({ cardId }) => cardId === 'controller-1')).toMatchObject({
    slot: 0,
    lanes: 8,
  })
  expect(placementsOf(cabin)[0]?.leftIds).toEqual([])
})
