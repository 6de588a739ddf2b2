import fc from 'fast-check'
import { slotOf } from '../../fixtures/slots'
import type { SlotSharing } from '../catalogue/kinds/board'
import { cardsInConflict } from './cardsInConflict'
import { pcieBytesPerSecond } from './linkRates'
import { type Card, placeCards, type Slot } from './placeCards'

const card = (id: string, lanes: number, needBytesPerSecond = 0): Card => ({
  id,
  lanes,
  pcieGeneration: 3,
  needBytesPerSecond,
})
const slotsOf = (slots: Slot[], cards: Card[], sharing: SlotSharing[] = []) =>
  Object.fromEntries(
    (placeCards(slots, cards, sharing, [])[0]?.placed ?? []).map(({ cardId, slot: at }) => [
      cardId,
      at + 1,
    ]),
  )

test('a controller goes where it is not throttled', () => {
  const slots = [slotOf(16, { electricalLanes: 4, origin: 'chipset' }), slotOf(16)]
  expect(slotsOf(slots, [card('fast', 8, 6e9), card('slow', 8, 1e9)])).toEqual({ fast: 2, slow: 1 })
})

test('off the chipset when nothing else is lost by it', () => {
  expect(slotsOf([slotOf(8, { origin: 'chipset' }), slotOf(8)], [card('a', 8)])).toEqual({ a: 2 })
})

test('a long edge wants a long slot or an open end', () => {
  expect(slotsOf([slotOf(4)], [card('a', 8)])).toEqual({})
  expect(slotsOf([slotOf(4, { openEnd: true })], [card('a', 8)])).toEqual({ a: 1 })
})

// Common practice, no source: a ×4 slot that falls to ×2 while the ×1 slot beside it is used gives 800 MB/s,
// short of the 1,000 and more that a 10 Gb/s card can ask for.
test('a slot loses lanes while its neighbour is used', () => {
  const slots = [slotOf(4, { pcieGeneration: 2 }), slotOf(1, { pcieGeneration: 2 })]
  const sharing = [{ inUse: 'slot-2', loses: 'slot-1', lanesLeft: 2 }]
  const [best] = placeCards(slots, [card('ten', 4, 1.1e9), card('one', 1)], sharing, [])
  expect(best?.placed[0]).toMatchObject({ lanes: 2, bytesPerSecond: 800e6 })
  expect(best?.placed[0]?.shortBytesPerSecond).toBeCloseTo(0.3e9, -3)
  const [alone] = placeCards(slots, [card('ten', 4, 1.1e9)], sharing, [])
  expect(alone?.placed[0]).toMatchObject({ lanes: 4, shortBytesPerSecond: 0 })
})

test('an M.2 device can kill a slot', () => {
  const sharing = [{ inUse: 'm2-1', loses: 'slot-1', lanesLeft: 0 }]
  expect(placeCards([slotOf(4)], [card('a', 4)], sharing, ['m2-1'])[0]?.leftIds).toEqual(['a'])
})

test('pins win, also over what is better', () => {
  const slots = [slotOf(4), slotOf(16)]
  const [best] = placeCards(slots, [card('a', 4, 5e9)], [], [], { a: 0 })
  expect(best?.placed[0]?.slot).toBe(0)
  expect(placeCards(slots, [card('a', 8)], [], [], { a: 0 })).toEqual([])
})

test('the next best ways follow, all different', () => {
  const ways = placeCards(
    [slotOf(8), slotOf(8), slotOf(8)],
    [card('a', 8), card('b', 8)],
    [],
    [],
    {},
    4,
  )
  expect(ways).toHaveLength(4)
  expect(new Set(ways.map((way) => JSON.stringify(way.placed))).size).toBe(4)
})

// Common practice, no source: 24 lanes of a desktop CPU are 16 to the slots, 4 to M.2, 4 to the chipset.
test('two controllers, a fast network card and a display card on a desktop board', () => {
  const slots = [
    slotOf(16),
    slotOf(1, { origin: 'chipset' }),
    slotOf(16, { electricalLanes: 4, origin: 'chipset' }),
    slotOf(16, { electricalLanes: 2, origin: 'chipset' }),
  ]
  const drives = 16 * 250e6
  const cards = [card('sixteen', 8, drives), card('eight', 8, drives / 2), card('ten', 4, 1.2e9)]
  const [three] = placeCards(slots, cards, [], [])
  expect(three?.leftIds).toEqual([])
  // Without the display card they all move what they must, two of them through the chipset.
  expect(three?.chipsetUsers).toBe(2)
  expect(three?.placed.some(({ shortBytesPerSecond }) => shortBytesPerSecond > 0)).toBe(false)
  const [four] = placeCards(slots, [...cards, card('display', 16)], [], [])
  expect(four?.leftIds).toHaveLength(1)
  expect(cardsInConflict(slots, [...cards, card('display', 16)], [], [])).toHaveLength(4)
})

test('the smallest conflict names no card that could be left out', () => {
  const slots = [slotOf(16), slotOf(1), slotOf(1)]
  const cards = [card('one', 1), card('a', 16), card('two', 1), card('b', 16)]
  expect(cardsInConflict(slots, cards, [], [])).toEqual(['a', 'b'])
  expect(cardsInConflict(slots, cards.slice(0, 2), [], [])).toEqual([])
})

describe('against every assignment, written apart', () => {
  const anySlot = fc.record({
    physicalLanes: fc.constantFrom(1, 4, 8, 16),
    electricalLanes: fc.constantFrom(1, 2, 4, 8, 16),
    pcieGeneration: fc.integer({ min: 1, max: 5 }),
    openEnd: fc.boolean(),
    origin: fc.constantFrom('CPU' as const, 'chipset' as const),
  })
  const anyCard = fc.record({
    lanes: fc.constantFrom(1, 4, 8, 16),
    pcieGeneration: fc.integer({ min: 1, max: 5 }),
    needBytesPerSecond: fc.constantFrom(0, 1e9, 4e9),
  })

  test('as few cards left over, and as few of them short', () => {
    fc.assert(
      fc.property(
        fc.array(anySlot, { maxLength: 4 }),
        fc.array(anyCard, { maxLength: 4 }),
        (slots, some) => {
          const cards = some.map((one, index) => ({ ...one, id: `card-${index}` }))
          const [best] = placeCards(slots, cards, [], [])
          // Each card gets a slot number or none; the ways are counted like numbers of base slots + 1.
          let fewest: [left: number, short: number] = [Infinity, Infinity]
          for (let way = 0; way < (slots.length + 1) ** cards.length; way += 1) {
            let rest = way
            const at = cards.map(() => {
              const place = rest % (slots.length + 1)
              rest = Math.floor(rest / (slots.length + 1))
              return place
            })
            const inSlots = at.filter((place) => place > 0)
            if (new Set(inSlots).size < inSlots.length) continue
            const fits = at.every((place, index) => {
              const one = slots[place - 1]
              return !one || one.openEnd || (cards[index]?.lanes ?? 0) <= one.physicalLanes
            })
            if (!fits) continue
            const short = at.filter((place, index) => {
              const [one, other] = [slots[place - 1], cards[index]]
              if (!one || !other) return false
              const moved = pcieBytesPerSecond(
                Math.min(one.pcieGeneration, other.pcieGeneration),
                Math.min(one.electricalLanes, other.lanes),
              )
              return moved < other.needBytesPerSecond
            }).length
            const left = cards.length - inSlots.length
            if (left < fewest[0] || (left === fewest[0] && short < fewest[1]))
              fewest = [left, short]
          }
          expect([
            best?.leftIds.length,
            best?.placed.filter(({ shortBytesPerSecond }) => shortBytesPerSecond > 0).length,
          ]).toEqual(fewest)
        },
      ),
      { numRuns: 150 },
    )
  })
})
