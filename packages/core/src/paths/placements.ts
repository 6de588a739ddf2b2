import type { DesignDocument } from '../design/document'
import { keptByParts } from '../design/keptByParts'
import { fittedOfKind, fittedOne } from '../design/fittedParts'
import { m2DevicesOf, placeInM2 } from '../fit/m2Devices'
import { cardNeeds } from './cardNeeds'
import { comparePlacements, type Placement, placeCards } from './placeCards'
import { type RiserNeed, riserWays } from './riserWays'

/** How many ways to place the cards are offered. */
const OFFERED_WAYS = 4

/** A riser whose data sheet gives no lanes or places is taken for one to one. Common practice, no source. */
const USUAL_RISER_LANES = 16

/**
 * The best ways to place the cards, the best first; none without a board that gives its slots.
 *
 * Cards that the builder has pinned stay in their slots. When that cannot be, as when two are pinned to one
 * slot, all pins are left out of account, and a finding says so.
 */
export const placementsOf = keptByParts(findPlacements)

function findPlacements(document: DesignDocument): Placement[] {
  const pinned = placementsWith(document, cardPins(document))
  return pinned.length > 0 ? pinned : placementsWith(document, {})
}

/** The best ways with these pins, by card, slots from 0; empty when they cannot all be kept. */
export function placementsWith(
  document: DesignDocument,
  pins: Readonly<Record<string, number>>,
): Placement[] {
  const sheet = fittedOne(document, 'board')?.sheet
  if (!sheet?.slots) return []
  const { slots, sharing } = sheet
  const usedM2 = usedM2Sockets(document)
  const cards = cardNeeds(document)
  const ways = riserWays(slots, riserNeeds(document), pins)
  const found = ways.flatMap(({ places, slotOf }) =>
    placeCards(places, cards, sharing ?? [], usedM2, pins, OFFERED_WAYS).map((placement) => {
      return { ...placement, riserSlotOf: slotOf }
    }),
  )
  return (ways.length === 1 ? found : found.sort(comparePlacements)).slice(0, OFFERED_WAYS)
}

/** The risers of a design. */
export function riserNeeds(document: DesignDocument): RiserNeed[] {
  return fittedOfKind(document, 'riser').map(({ part, sheet }) => ({
    id: part.id,
    lanes: sheet.lanes ?? USUAL_RISER_LANES,
    gives: sheet.gives ?? [USUAL_RISER_LANES],
  }))
}

/** M.2 sockets in use, as boards name them in their rules: `m2-1`. */
export function usedM2Sockets(document: DesignDocument): string[] {
  const sockets = fittedOne(document, 'board')?.sheet.m2Sockets ?? []
  return placeInM2(sockets, m2DevicesOf(document)).socketOf.flatMap((at) =>
    at === null ? [] : [`m2-${at + 1}`],
  )
}

/** The slots that the builder has fixed, by card, from 0. */
export function cardPins({ paths }: Pick<DesignDocument, 'paths'>): Record<string, number> {
  return Object.fromEntries(paths.cardPins.map(({ cardId, slot }) => [cardId, slot - 1]))
}
