import { demoDesign } from '../../fixtures/demo'
import { withPart, without } from '../../fixtures/ruleTable'
import { resolveMachine } from '../machine/resolveMachine'
import type { Design } from '../design/design'
import { cardLoads } from './cardLoads'

const cabin = demoDesign('cabin-archive')
const drawer = demoDesign('drawer-of-drives')
const loads = (design: Design) => cardLoads(resolveMachine(design))

test('a controller has to move what its drives do', () => {
  expect(loads(cabin)[0]).toMatchObject({
    pieceId: 'controller-1',
    needBytesPerSecond: 12 * 250e6,
    shortBytesPerSecond: 0,
  })
})

test('one in a narrow slot is given no more drives than it moves, where the board has ports', () => {
  // Four ports of the first generation on one lane: 200 MB/s, two slow drives at most.
  const old = withPart(
    withPart(without(drawer, 'controller'), 'lockrow-old-4', { lanes: 1 }),
    'tindrel-old-m',
  )
  const [card] = loads(old)
  expect(card?.bytesPerSecond).toBe(200e6)
  expect(card?.shortBytesPerSecond).toBeLessThan(150e6)
})

test('a network card has to move what its ports do, an expander’s drives count with its controller', () => {
  const ten = loads(withPart(cabin, 'wickmere-ten')).find(({ pieceId }) => pieceId === 'nic-1')
  expect((ten?.needBytesPerSecond ?? 0) / 1e6).toBeCloseTo(1_186.6, 0)
  const spanned = withPart(
    withPart(without(cabin, 'controller'), 'lockrow-eight'),
    'lockrow-span-24',
  )
  expect(loads(spanned)[0]?.needBytesPerSecond).toBe(12 * 250e6)
})
