import type { SlotSharing } from '../catalogue/kinds/board'
import { slotsForCards } from './slotsForCards'

interface Slot {
  physicalLanes: number
  openEnd: boolean
}

/**
 * What does a used slot lose, however the cards are placed?
 *
 * Boards let slots share lanes: using one takes lanes from another. Every choice of slots that takes
 * all cards is tried, and the one in which least is lost counts.
 *
 * @param edgeLanes lanes of each card's edge; all of them must find a slot
 * @param usedM2 M.2 sockets in use, as `m2-1`
 * @returns what is lost in the best choice; empty when nothing need be
 */
export function lossesOfSharing(
  slots: readonly Slot[],
  edgeLanes: readonly number[],
  sharing: readonly SlotSharing[],
  usedM2: readonly string[],
): SlotSharing[] {
  if (sharing.length === 0 || edgeLanes.length === 0) return []
  let best: SlotSharing[] | null = null
  for (let choice = 0; choice < 1 << slots.length; choice += 1) {
    const indices = slots.flatMap((_, index) => ((choice >> index) & 1 ? [index] : []))
    if (indices.length !== edgeLanes.length) continue
    const chosen = indices.flatMap((index) => slots[index] ?? [])
    if (slotsForCards(chosen, edgeLanes).length > 0) continue
    const used = new Set([...indices.map((index) => `slot-${index + 1}`), ...usedM2])
    const lost = sharing.filter(({ inUse, loses }) => used.has(inUse) && used.has(loses))
    if (best === null || lost.length < best.length) best = lost
    if (best.length === 0) break
  }
  return best ?? []
}
