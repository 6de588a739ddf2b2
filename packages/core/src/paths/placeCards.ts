import type { SlotSharing } from '../catalogue/kinds/board'
import { pcieBytesPerSecond } from './linkRates'

/** A slot of a board. */
export interface Slot {
  physicalLanes: number
  electricalLanes: number
  pcieGeneration: number
  openEnd: boolean
  origin: 'CPU' | 'chipset'
  /** The slot of the board that a place of a riser stands in, from 0; without it, it is the slot itself. */
  boardSlot?: number
}

/** A card that wants one. */
export interface Card {
  id: string
  /** Lanes of its edge. */
  lanes: number
  pcieGeneration: number
  /** What it must move so that nothing behind it waits; 0 when it does not matter. */
  needBytesPerSecond: number
}

/** A card in its slot. */
export interface PlacedCard {
  cardId: string
  /** Index of the board's slot, from 0; two cards on one riser have the same. */
  slot: number
  lanes: number
  pcieGeneration: number
  bytesPerSecond: number
  /** What of its need the slot does not move; 0 when it has enough. */
  shortBytesPerSecond: number
}

export interface Placement {
  placed: PlacedCard[]
  /** Cards without a slot. */
  leftIds: string[]
  /** How many of the placed cards hang off the chipset. */
  chipsetUsers: number
  /** The slot of each riser, from 0. */
  riserSlotOf: Record<string, number>
}

/**
 * Into which slots do the cards go?
 *
 * Every way to put them is looked at, under the lengths of the slots and what the board takes from one slot
 * while another is used. Better is: more cards in, then fewer that are short of their need, then less missing,
 * then fewer on the chipset, then lower slots for earlier cards.
 *
 * @param usedM2 M.2 sockets in use, as `m2-1`, which may take lanes from slots
 * @param pins slots that the builder has fixed, by card
 * @param most how many of the best ways are wanted
 * @returns the best first; empty only without a way to keep the pins
 * Source: exhaustive search; lanes and generation are the lower of slot and card, common practice.
 * @example placeCards(slots, [controller, networkCard], sharing, [], {}, 3)[0].placed
 */
export function placeCards(
  slots: readonly Slot[],
  cards: readonly Card[],
  sharing: readonly SlotSharing[],
  usedM2: readonly string[],
  pins: Readonly<Record<string, number>> = {},
  most = 1,
): Placement[] {
  const best: { placement: Placement; score: number[] }[] = []
  const slotOf: (number | null)[] = []
  const taken = new Set<number>()
  const walk = (index: number, mayLeave: number): void => {
    const card = cards[index]
    if (!card) {
      const placement = judge(slots, cards, slotOf, sharing, usedM2)
      if (placement) keep(best, placement, slotOf, most)
      return
    }
    const pinned = pins[card.id]
    slots.forEach((slot, at) => {
      if (taken.has(at) || !takesEdge(slot, card)) return
      if (pinned !== undefined && pinned !== (slot.boardSlot ?? at)) return
      taken.add(at)
      slotOf.push(at)
      walk(index + 1, mayLeave)
      slotOf.pop()
      taken.delete(at)
    })
    if (pinned !== undefined || mayLeave === 0) return
    slotOf.push(null)
    walk(index + 1, mayLeave - 1)
    slotOf.pop()
  }
  // Cards are left out only when there is no way with fewer left out, so those ways are not even looked at.
  for (let mayLeave = 0; mayLeave <= cards.length && best.length === 0; mayLeave += 1) {
    walk(0, mayLeave)
  }
  return best.map(({ placement }) => placement)
}

/** Whether a card's edge goes into a slot. */
export function takesEdge(
  { physicalLanes, openEnd }: Pick<Slot, 'physicalLanes' | 'openEnd'>,
  { lanes }: Pick<Card, 'lanes'>,
): boolean {
  return openEnd || lanes <= physicalLanes
}

/** What this way comes to; null when a card would sit in a slot that is dead. */
function judge(
  slots: readonly Slot[],
  cards: readonly Card[],
  slotOf: readonly (number | null)[],
  sharing: readonly SlotSharing[],
  usedM2: readonly string[],
): Placement | null {
  const used = new Set(usedM2)
  for (const at of slotOf) if (at !== null) used.add(`slot-${boardSlotOf(slots, at) + 1}`)
  const placed: PlacedCard[] = []
  const leftIds: string[] = []
  let chipsetUsers = 0
  for (const [index, card] of cards.entries()) {
    const at = slotOf[index] ?? null
    const slot = at === null ? undefined : slots[at]
    if (at === null || !slot) {
      leftIds.push(card.id)
      continue
    }
    const left = lanesLeft(boardSlotOf(slots, at), slot, sharing, used)
    if (left === 0) return null
    const lanes = Math.min(card.lanes, left)
    const pcieGeneration = Math.min(card.pcieGeneration, slot.pcieGeneration)
    const bytesPerSecond = pcieBytesPerSecond(pcieGeneration, lanes)
    const shortBytesPerSecond = Math.max(0, card.needBytesPerSecond - bytesPerSecond)
    if (slot.origin === 'chipset') chipsetUsers += 1
    placed.push({
      cardId: card.id,
      slot: boardSlotOf(slots, at),
      lanes,
      pcieGeneration,
      bytesPerSecond,
      shortBytesPerSecond,
    })
  }
  return { placed, leftIds, chipsetUsers, riserSlotOf: {} }
}

const boardSlotOf = (slots: readonly Slot[], at: number): number => slots[at]?.boardSlot ?? at

/** Lanes of a slot once everything that takes some away is counted. */
function lanesLeft(
  at: number,
  { electricalLanes }: Slot,
  sharing: readonly SlotSharing[],
  used: ReadonlySet<string>,
): number {
  const place = `slot-${at + 1}`
  return sharing
    .filter(({ inUse, loses }) => loses === place && inUse !== place && used.has(inUse))
    .reduce((least, rule) => Math.min(least, rule.lanesLeft), electricalLanes)
}

/** What one way is better by, before the slots themselves; smaller is better, from the first number on. */
function worthOf({ placed, leftIds, chipsetUsers }: Omit<Placement, 'riserSlotOf'>): number[] {
  const short = placed.map(({ shortBytesPerSecond }) => shortBytesPerSecond)
  return [
    leftIds.length,
    short.filter((bytes) => bytes > 0).length,
    short.reduce((sum, bytes) => sum + bytes, 0),
    chipsetUsers,
  ]
}

/** Negative when the first way is better. */
export function comparePlacements(one: Placement, other: Placement): number {
  const [a, b] = [worthOf(one), worthOf(other)]
  const at = a.findIndex((worth, index) => worth !== b[index])
  return at === -1 ? 0 : (a[at] ?? 0) - (b[at] ?? 0)
}

function keep(
  best: { placement: Placement; score: number[] }[],
  placement: Placement,
  slotOf: readonly (number | null)[],
  most: number,
): void {
  const slots = slotOf.map((at) => at ?? Number.MAX_SAFE_INTEGER)
  const score = [...worthOf(placement), ...slots]
  const at = best.findIndex((one) => isBefore(score, one.score))
  if (at === -1 && best.length >= most) return
  best.splice(at === -1 ? best.length : at, 0, { placement, score })
  if (best.length > most) best.pop()
}

function isBefore(one: readonly number[], other: readonly number[]): boolean {
  for (let index = 0; index < one.length; index += 1) {
    const [a = 0, b = 0] = [one[index], other[index]]
    if (a !== b) return a < b
  }
  return false
}
